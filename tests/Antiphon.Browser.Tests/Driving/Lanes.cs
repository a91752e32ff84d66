[assembly: TestCollectionOrderer("Antiphon.Tests.LongestFirst", "Antiphon.Browser.Tests")]

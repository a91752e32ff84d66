[assembly: TestCollectionOrderer("Antiphon.Tests.LongestFirst", "Antiphon.Server.Tests")]

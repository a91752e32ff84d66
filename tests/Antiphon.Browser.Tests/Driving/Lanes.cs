// Browsers spend most of a story waiting, so there is room for one more than a small machine has cores.
[assembly: CollectionBehavior(MaxParallelThreads = 3)]
[assembly: TestCollectionOrderer("Antiphon.Tests.LongestFirst", "Antiphon.Browser.Tests")]

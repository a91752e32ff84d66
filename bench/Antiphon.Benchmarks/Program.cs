using Antiphon.Benchmarks;

// Every figure is a ratio against a reference measured in the same run, so that it means the same on any machine.
FeedRace.Run();
GrowthRace.Run();
SelectionRace.Run();
await EmbedRace.RunAsync();

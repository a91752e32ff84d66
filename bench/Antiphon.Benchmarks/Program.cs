using Antiphon.Benchmarks;

// Every figure is a ratio against a reference measured in the same run, so that it means the same on any machine.
// Names of races may be given, such as "posts import"; without any all of them run.
var races = new (string Name, Func<Task> Run)[]
{
    ("feeds", () => Task.Run(FeedRace.Run)),
    ("rich", () => Task.Run(FeedRace.RunRich)),
    ("growth", () => Task.Run(GrowthRace.Run)),
    ("selection", () => Task.Run(SelectionRace.Run)),
    ("embed", EmbedRace.RunAsync),
    ("posts", PostRace.RunAsync),
    ("import", ImportRace.RunAsync),
    ("talk", TalkRace.RunAsync),
    ("send", SendRace.RunAsync),
    ("mail", MailRace.RunAsync),
    ("filter", () => Task.Run(FilterRace.Run)),
};
foreach (var race in races.Where(race => args.Length == 0 || args.Contains(race.Name)))
    await race.Run();

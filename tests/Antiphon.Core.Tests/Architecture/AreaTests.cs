namespace Antiphon.Core.Tests.Architecture;

/// <summary>Every area stands on those below it and knows none above.</summary>
public sealed class AreaTests
{
    public static TheoryData<string> Projects => ["Antiphon.Core", "Antiphon.Data", "Antiphon.Server"];

    public static TheoryData<string> AllProjects =>
        ["Antiphon.Core", "Antiphon.Data", "Antiphon.Server", "Antiphon.StandIns"];

    [Theory]
    [MemberData(nameof(Projects))]
    public void An_area_takes_only_from_those_the_map_allows(string project)
    {
        var map = AreaMap.Of(project).ToDictionary(entry => entry.Area, entry => entry.MayTake);
        var arrows = Crossing(project);
        Assert.NotEmpty(arrows);
        None(
            arrows
                .Where(arrow => !map.TryGetValue(arrow.From.Area, out var allowed) || !allowed.Contains(arrow.To.Area))
                .Select(arrow => arrow.ToString())
        );
    }

    [Theory]
    [MemberData(nameof(Projects))]
    public void The_map_has_no_circle(string project)
    {
        var below = new HashSet<string>();
        foreach (var (area, mayTake) in AreaMap.Of(project))
        {
            Assert.Empty(mayTake.Except(below).Select(other => $"{area} stands before {other}"));
            below.Add(area);
        }
    }

    [Theory]
    [MemberData(nameof(Projects))]
    public void An_arrow_of_the_map_that_nobody_takes_is_struck_off(string project)
    {
        var taken = Crossing(project).Select(arrow => (arrow.From.Area, arrow.To.Area)).ToHashSet();
        Assert.Equal(
            [],
            AreaMap.Of(project).SelectMany(entry => entry.MayTake.Select(other => (entry.Area, other))).Except(taken)
        );
    }

    [Theory]
    [MemberData(nameof(AllProjects))]
    public void Folders_beside_each_other_form_no_circle(string project)
    {
        var pairs = Arrow.Of(project).ToLookup(arrow => (arrow.From.Folder, arrow.To.Folder));
        var mutual = pairs.Where(pair =>
            string.CompareOrdinal(pair.Key.Item1, pair.Key.Item2) < 0
            && pairs.Contains((pair.Key.Item2, pair.Key.Item1))
            && !IsWithin(pair.Key.Item1, pair.Key.Item2)
            && !IsWithin(pair.Key.Item2, pair.Key.Item1)
        );
        None(mutual.Select(pair => $"{pair.First()}; {pairs[(pair.Key.Item2, pair.Key.Item1)].First()}"));
    }

    [Fact]
    public void Nobody_takes_from_what_is_drawn_into_other_pages() =>
        None(Crossing("Antiphon.Server").Where(arrow => arrow.To.Area == "Embed").Select(arrow => arrow.ToString()));

    [Theory]
    [MemberData(nameof(AllProjects))]
    public void A_folder_holds_no_more_than_one_sees_at_a_glance(string project) =>
        None(
            SourceFile
                .Of(project)
                .GroupBy(file => file.Folder)
                .Where(folder => folder.Count() > 15)
                .Select(folder => $"{folder.Key}: {folder.Count()}")
        );

    [Theory]
    [InlineData("Antiphon.Core")]
    [InlineData("Antiphon.Server")]
    [InlineData("app")]
    public void Every_area_says_what_it_is_and_from_whom_it_takes(string project)
    {
        foreach (var (area, mayTake) in AreaMap.Of(project))
        {
            var readme = File.ReadAllText(
                Path.Combine(
                    Antiphon.Tests.Repository.Root,
                    "src",
                    project,
                    project == "app" ? "src" : "",
                    area,
                    "README.md"
                )
            );
            var says = readme
                .Split('\n')
                .Single(line => line.StartsWith("**Takes from**", StringComparison.Ordinal))
                .Split("**Taken by**")[0];
            Assert.Equal(
                (area, string.Join(", ", mayTake.Order())),
                (area, string.Join(", ", says.Split('`').Where((_, index) => index % 2 == 1).Order()))
            );
        }
    }

    // All of them are said, as each is to be mended.
    private static void None(IEnumerable<string> faults)
    {
        var all = string.Join(Environment.NewLine, faults);
        Assert.True(all.Length == 0, all);
    }

    // What stands at the top of a project puts its areas together.
    private static List<Arrow> Crossing(string project) =>
        [
            .. Arrow
                .Of(project)
                .Where(arrow =>
                    arrow.From.Area.Length > 0
                    && arrow.From.Area != arrow.To.Area
                    && !(project == "Antiphon.Data" && arrow.To.Area.Length == 0)
                ),
        ];

    private static bool IsWithin(string folder, string other) =>
        other.Length == 0 || folder.StartsWith(other + "/", StringComparison.Ordinal);
}

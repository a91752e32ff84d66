using System.Text.RegularExpressions;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>
/// The areas of the workplace stand on each other as the map says, and take only what another hands out in its index.
/// </summary>
public sealed partial class AppAreaTests
{
    private static readonly string Top = Path.Combine(Antiphon.Tests.Repository.Root, "src", "app", "src");

    [Fact]
    public void An_area_takes_only_from_those_the_map_allows_and_only_from_their_index()
    {
        var map = AreaMap.Of("app").ToDictionary(entry => entry.Area, entry => entry.MayTake);
        var arrows = Crossing();
        Assert.NotEmpty(arrows);
        var faults = arrows
            .Where(arrow => !map.TryGetValue(AreaOf(arrow.From), out var allowed) || !allowed.Contains(arrow.To))
            .Select(arrow => $"{arrow.From} takes from {arrow.To}, which the map does not allow");
        var all = string.Join(
            Environment.NewLine,
            faults.Concat(
                arrows
                    .Where(arrow => AreaOf(arrow.To) != arrow.To)
                    .Select(arrow => $"{arrow.From} takes {arrow.To} past the index of {AreaOf(arrow.To)}")
            )
        );
        Assert.True(all.Length == 0, all);
    }

    [Fact]
    public void The_map_has_no_circle_and_no_arrow_that_nobody_takes()
    {
        var below = new HashSet<string>();
        foreach (var (area, mayTake) in AreaMap.Of("app"))
        {
            Assert.Empty(mayTake.Except(below));
            below.Add(area);
        }

        Assert.Equal(
            [],
            AreaMap
                .Of("app")
                .SelectMany(entry => entry.MayTake.Select(other => (entry.Area, other)))
                .Except(Crossing().Select(arrow => (AreaOf(arrow.From), AreaOf(arrow.To))))
        );
    }

    [Fact]
    public void A_folder_holds_no_more_than_one_sees_at_a_glance() =>
        Assert.Equal(
            [],
            Files()
                .GroupBy(Path.GetDirectoryName)
                .Where(folder => folder.Count(file => Path.GetFileName(file) != "index.ts") > 15)
                .Select(folder => folder.Key)
        );

    // What stands at the top puts the areas together.
    private static List<(string From, string To)> Crossing() =>
        [
            .. from file in Files()
            where file.Contains('/', StringComparison.Ordinal)
            from Match import in Import().Matches(File.ReadAllText(Path.Combine(Top, file)))
            let to = Path.GetRelativePath(
                Top,
                Path.GetFullPath(import.Groups[1].Value, Path.GetDirectoryName(Path.Combine(Top, file))!)
            )
            where !to.StartsWith("..", StringComparison.Ordinal) && AreaOf(to) != AreaOf(file)
            select (file, to),
        ];

    private static IEnumerable<string> Files() =>
        Directory
            .EnumerateFiles(Top, "*.*", SearchOption.AllDirectories)
            .Where(file =>
                (file.EndsWith(".ts", StringComparison.Ordinal) || file.EndsWith(".vue", StringComparison.Ordinal))
                && !file.EndsWith(".d.ts", StringComparison.Ordinal)
            )
            .Select(file => Path.GetRelativePath(Top, file));

    private static string AreaOf(string path) => path.Split('/')[0];

    [GeneratedRegex(@"(?:from|import)\s*\(?\s*'(\.[^']+)'")]
    private static partial Regex Import();
}

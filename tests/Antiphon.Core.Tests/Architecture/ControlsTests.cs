using System.Text.RegularExpressions;
using Antiphon.Tests;

namespace Antiphon.Core.Tests.Architecture;

/// <summary>
/// The workplace asks each kind of question by one kind of control, which stands in <c>shared/controls</c>, and its
/// colours mean one thing each.
/// </summary>
public sealed partial class ControlsTests
{
    public static TheoryData<string, string> Ways =>
        new()
        {
            {
                "<v-(checkbox|btn-toggle|chip|slider)\\b",
                "a control of its own; take OneOf, ManyOf, TickChip or v-switch"
            },
            { "class=\"chip\"[^>]*aria-pressed", "a chip that stays pressed; take TickChip or OneOf" },
            { "color=\"(secondary|error)\"", "a red button; take DangerButton" },
            { "class=\"[^\"]*\\bnum\\b[^\"]*\"[^>]*:class=\"\\{ m:", "a number in madder; counts are ink" },
        };

    [Theory]
    [MemberData(nameof(Ways))]
    public void No_screen_makes(string pattern, string what)
    {
        var app = Path.Combine(Repository.Root, "src", "app", "src");
        var found = Directory
            .EnumerateFiles(app, "*.vue", SearchOption.AllDirectories)
            .Where(file => !file.Contains(Path.Combine("shared", "acts", "DangerButton"), StringComparison.Ordinal))
            .Where(file => Regex.IsMatch(Tags(file), pattern))
            .Select(file => Path.GetRelativePath(app, file))
            .ToList();
        Assert.True(found.Count == 0, $"{what}: {string.Join(", ", found)}");
    }

    [Fact]
    public void The_page_of_controls_shows_every_control()
    {
        var app = Path.Combine(Repository.Root, "src", "app", "src");
        var page = File.ReadAllText(Path.Combine(app, "frame", "ControlsView.vue"));
        foreach (
            var name in new[] { "OneOf", "ManyOf", "TickChip", "v-switch", "NumberLine", "DefaultLine", "v-radio" }
        )
            Assert.Contains("<" + name, page, StringComparison.Ordinal);
    }

    // Attributes of a tag may stand on lines of their own.
    private static string Tags(string file) => Space().Replace(File.ReadAllText(file), " ");

    [GeneratedRegex("\\s+")]
    private static partial Regex Space();
}

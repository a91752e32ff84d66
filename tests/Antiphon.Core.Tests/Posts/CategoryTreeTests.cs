using Antiphon.Core.Posts.Terms;

namespace Antiphon.Core.Tests.Posts;

public sealed class CategoryTreeTests
{
    private static readonly CategoryTree Tree = new([
        new("Observing", null),
        new("Deep sky", "Observing"),
        new("Galaxies", "deep sky"),
        new("Moon", "Observing"),
        new("Workshop", " "),
    ]);

    [Theory]
    [InlineData("Galaxies", "Observing > Deep sky > Galaxies")]
    [InlineData("Workshop", "Workshop")]
    [InlineData("Nobody placed it", "Nobody placed it")]
    public void The_way_from_the_top(string name, string path) =>
        Assert.Equal(path, string.Join(" > ", Tree.PathTo(name)), ignoreCase: true);

    [Theory]
    [InlineData("Observing", "Observing, Deep sky, Moon, Galaxies")]
    [InlineData("galaxies", "galaxies")]
    public void With_all_below(string name, string all) =>
        Assert.Equal(all, string.Join(", ", Tree.WithAllBelow(name)));

    [Theory]
    [InlineData("Observing", "Galaxies", true)]
    [InlineData("Observing", "observing", true)]
    [InlineData("Galaxies", "Moon", false)]
    [InlineData("Galaxies", null, false)]
    [InlineData("New", "Galaxies", false)]
    public void A_circle_is_seen_before_it_closes(string name, string? above, bool circles) =>
        Assert.Equal(circles, Tree.WouldCircle(name, above));

    [Fact]
    public void A_circle_that_is_there_all_the_same_ends()
    {
        var round = new CategoryTree([new("A", "B"), new("B", "C"), new("C", "A")]);
        Assert.Equal(["B", "C", "A"], round.PathTo("A").Take(3).OrderBy(name => name == "A").ThenBy(name => name));
        Assert.Equal(3, round.WithAllBelow("A").Count);
        Assert.True(round.WouldCircle("D", "A"));
    }
}

using Antiphon.Core.Listings.Installation;

namespace Antiphon.Core.Tests.Listings;

public sealed class InstallationCheckTests
{
    private const string Snippet = "<div data-antiphon-listing=\"k7\"><a href=\"https://log.example/1\">One</a></div>";
    private const string Script = "<script src=\"https://antiphon.example/embed/antiphon.js\" async></script>";
    private static readonly ExpectedSnippet Expected = new("k7", "https://antiphon.example/embed/antiphon.js", ["https://quillmoor.example"], ["https://log.example/1"]);

    [Fact]
    public void A_good_page_is_right_in_every_point() =>
        Assert.All(Examine(Snippet + Script), result => Assert.Equal(PointState.Right, result.State));

    [Theory]
    [InlineData("", InstallationPoint.SnippetThere, null)]
    [InlineData("<!-- " + Snippet + " -->" + Script, InstallationPoint.SnippetThere, PointCause.InsideComment)]
    [InlineData("<p>&lt;div data-antiphon-listing=\"k7\"&gt;</p>" + Script, InstallationPoint.SnippetThere, PointCause.ShownAsText)]
    [InlineData("<div data-antiphon-listing=\"other\"></div>" + Script, InstallationPoint.KeyRight, PointCause.OtherListing)]
    [InlineData(Snippet + Snippet + Script, InstallationPoint.SnippetOnce, null)]
    [InlineData(Snippet, InstallationPoint.ScriptThere, null)]
    public void Each_fault_is_found_at_its_point(string html, InstallationPoint point, PointCause? cause)
    {
        var result = Examine(html).Single(one => one.Point == point);
        Assert.Equal((PointState.Wrong, cause), (result.State, result.Cause));
    }

    [Fact]
    public void A_page_elsewhere_is_not_allowed() =>
        Assert.Equal(PointState.Wrong, InstallationCheck.Examine(Snippet + Script, new Uri("https://other.example/"), Expected).Single(one => one.Point == InstallationPoint.AddressAllowed).State);

    [Fact]
    public void Stale_entries_could_be_better_but_are_not_wrong() =>
        Assert.Equal(PointState.Better, Examine("<div data-antiphon-listing=\"k7\"><a href=\"https://log.example/0\">Old</a></div>" + Script).Single(one => one.Point == InstallationPoint.EntriesSeen).State);

    private static IReadOnlyList<PointResult> Examine(string html) => InstallationCheck.Examine(html, new Uri("https://quillmoor.example/visit"), Expected);
}

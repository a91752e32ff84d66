using Antiphon.Core.Listings.Installation;
using Antiphon.Core.Tests.Html;

namespace Antiphon.Core.Tests.Listings;

public sealed class InstallationCheckTests
{
    private const string Snippet = "<div data-antiphon-listing=\"k7\"><a href=\"https://log.example/1\">One</a></div>";
    private const string Script = "<script src=\"https://antiphon.example/embed/antiphon.js\" async></script>";
    private static readonly ExpectedSnippet Expected = new(
        "k7",
        "https://antiphon.example/embed/antiphon.js",
        ["https://quillmoor.example"],
        ["https://log.example/1"]
    );

    [Fact]
    public void A_good_page_is_right_in_every_point() =>
        Assert.All(Examine(Snippet + Script), result => Assert.Equal(PointState.Right, result.State));

    [Theory]
    [InlineData("", InstallationPoint.SnippetThere, null)]
    [InlineData("<!-- " + Snippet + " -->" + Script, InstallationPoint.SnippetThere, PointCause.InsideComment)]
    [InlineData(
        "<p>&lt;div data-antiphon-listing=\"k7\"&gt;</p>" + Script,
        InstallationPoint.SnippetThere,
        PointCause.ShownAsText
    )]
    [InlineData(
        "<div data-antiphon-listing=\"other\"></div>" + Script,
        InstallationPoint.KeyRight,
        PointCause.OtherListing
    )]
    [InlineData(Snippet + Snippet + Script, InstallationPoint.SnippetOnce, null)]
    [InlineData(Snippet, InstallationPoint.ScriptThere, null)]
    public void Each_fault_is_found_at_its_point(string html, InstallationPoint point, PointCause? cause)
    {
        var result = Examine(html).Single(one => one.Point == point);
        Assert.Equal((PointState.Wrong, cause), (result.State, result.Cause));
    }

    [Fact]
    public void A_page_elsewhere_is_not_allowed() =>
        Assert.Equal(
            PointState.Wrong,
            InstallationCheck
                .Examine(TestPage.Of(Snippet + Script), Snippet + Script, new Uri("https://other.example/"), Expected)
                .Single(one => one.Point == InstallationPoint.AddressAllowed)
                .State
        );

    [Fact]
    public void Stale_entries_could_be_better_but_are_not_wrong() =>
        Assert.Equal(
            PointState.Better,
            Examine("<div data-antiphon-listing=\"k7\"><a href=\"https://log.example/0\">Old</a></div>" + Script)
                .Single(one => one.Point == InstallationPoint.EntriesSeen)
                .State
        );

    [Theory]
    [InlineData("default-src 'self'", "default-src https://antiphon.example")]
    [InlineData("script-src 'self' https://antiphon.example", null)]
    [InlineData(
        "script-src 'self' https://antiphon.example; connect-src 'self'",
        "connect-src https://antiphon.example"
    )]
    [InlineData("script-src *; connect-src https:", null)]
    [InlineData("script-src https://*.example https://antiphon.example:8443", null)]
    [InlineData("script-src https://antiphon.example/embed/", null)]
    [InlineData("script-src https://antiphon.example/other/", "script-src https://antiphon.example")]
    [InlineData("script-src 'strict-dynamic' https://antiphon.example", "script-src https://antiphon.example")]
    [InlineData("script-src 'none'", "script-src https://antiphon.example")]
    [InlineData("img-src 'none'", null)]
    public void A_policy_is_read_as_browsers_do(string policy, string? forbidding)
    {
        var page = new Uri("https://quillmoor.example/visit");
        var byHeader = InstallationCheck.Examine(
            TestPage.Of(Snippet + Script),
            Snippet + Script,
            page,
            Expected with
            {
                Policies = [policy],
            }
        );
        var byMeta = Examine($"<meta http-equiv=\"content-security-policy\" content=\"{policy}\">" + Snippet + Script);
        Assert.All(new[] { byHeader, byMeta }, points =>
            Assert.Equal(forbidding, points.Single(point => point.Point == InstallationPoint.PolicyAllows).Detail)
        );
    }

    [Theory]
    [InlineData("", PointState.Right)]
    [InlineData("<link rel=canonical href=\"/visit/\">", PointState.Right)]
    [InlineData("<link rel=\"canonical\" href=\"https://quillmoor.example/other\">", PointState.Better)]
    public void A_canonical_link_elsewhere_is_told(string head, PointState state) =>
        Assert.Equal(
            state,
            Examine(head + Snippet + Script).Single(one => one.Point == InstallationPoint.CanonicalRight).State
        );

    [Theory]
    [InlineData(
        "<link rel=alternate type=application/rss+xml href=https://antiphon.example/feeds/a.rss>",
        PointState.Right
    )]
    [InlineData("<link rel=alternate hreflang=de href=/de>", PointState.Better)]
    public void A_feed_that_is_not_named_could_be(string head, PointState state)
    {
        var points = InstallationCheck.Examine(
            TestPage.Of(head + Snippet + Script),
            head + Snippet + Script,
            new Uri("https://quillmoor.example/visit"),
            Expected with
            {
                FeedAddress = "https://antiphon.example/feeds/a.rss",
            }
        );
        Assert.Equal(state, points.Single(one => one.Point == InstallationPoint.FeedNamed).State);
    }

    [Theory]
    [InlineData("<iframe src=\"https://antiphon.example/embed/listings/k7\"></iframe>", PointCause.InFrame)]
    [InlineData(
        "<div data-antiphon-listing=\"k7\" data-antiphon-way=\"static\"><a href=\"https://log.example/0\">Old</a></div>",
        PointCause.StaleCopy
    )]
    [InlineData(
        "<div data-antiphon-listing=\"k7\" data-antiphon-way=\"include\"><a href=\"https://log.example/1\">One</a></div>",
        null
    )]
    public void Ways_without_our_script_are_not_asked_for_it(string html, PointCause? cause)
    {
        var points = Examine(html);
        Assert.DoesNotContain(points, point =>
            point.Point
                is InstallationPoint.ScriptThere
                    or InstallationPoint.AddressAllowed
                    or InstallationPoint.PolicyAllows
        );
        Assert.Equal(cause, points.Single(one => one.Point == InstallationPoint.EntriesSeen).Cause);
    }

    private static IReadOnlyList<PointResult> Examine(string html) =>
        InstallationCheck.Examine(TestPage.Of(html), html, new Uri("https://quillmoor.example/visit"), Expected);
}

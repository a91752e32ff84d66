using Antiphon.Core.Coverage;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Listings.Installation;
using Antiphon.Core.Posts;
using Antiphon.Server.Listings.Installation;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Requests;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>Words made from codes: every code has a whole sentence.</summary>
public sealed class WordsTests
{
    [Fact]
    public void Every_reason_of_the_board_is_a_sentence()
    {
        foreach (var reason in Enum.GetValues<CoverageReason>())
        {
            Assert.EndsWith(
                ".",
                CoverageWords.For(
                    new CoverageCell(CoverageMark.LeftOut, reason, 6, 5, 3, 1, 1, "moon", PlacementReason.TagNotChosen)
                ),
                StringComparison.Ordinal
            );
        }
    }

    [Fact]
    public void Every_obstacle_is_a_sentence_of_its_own()
    {
        var obstacles = Enum.GetValues<PlacementReason>().Where(reason => reason > PlacementReason.Withdrawn).ToList();
        var words = obstacles
            .Select(reason =>
                CoverageWords.For(
                    new CoverageCell(CoverageMark.LeftOut, CoverageReason.FilteredOut, Detail: "moon", Filter: reason)
                )
            )
            .ToList();
        Assert.Equal(obstacles.Count, words.Distinct().Count());
        Assert.All(words, sentence => Assert.EndsWith(".", sentence, StringComparison.Ordinal));
    }

    [Fact]
    public void Every_point_of_the_check_that_is_wrong_says_what_to_do()
    {
        foreach (var point in Enum.GetValues<InstallationPoint>())
        {
            var view = InstallationWords.ViewOf(
                new PointResult(point, PointState.Wrong, "script-src https://antiphon.example")
            );
            Assert.NotEmpty(view.Message);
            Assert.False(string.IsNullOrWhiteSpace(view.Fix));
            Assert.Null(InstallationWords.ViewOf(new PointResult(point, PointState.Right, "1/1")).Fix);
        }
    }

    [Fact]
    public void Every_problem_of_fetching_says_what_happened_and_what_to_do()
    {
        var words = Enum.GetValues<FetchProblem>().Select(problem => FetchWords.For(problem, "503")).ToList();
        Assert.Equal(words.Count, words.Distinct().Count());
        Assert.All(words, sentence => Assert.InRange(sentence.Count(c => c == '.'), 2, 6));
    }

    [Theory]
    [InlineData("en-GB", "Europe/London", null, "25 November 2026")]
    [InlineData("de-DE", "Europe/Berlin", null, "25. November 2026")]
    [InlineData("fr-FR", "America/New_York", null, "24 novembre 2026")]
    [InlineData("ar-EG", "Europe/London", null, "25 نوفمبر 2026")]
    [InlineData("en-GB", "Europe/London", "d MMM", "25 Nov")]
    [InlineData("en-GB", "Europe/London", "d", "25")]
    [InlineData("nonsense!", "Nowhere/Land", null, "25 November 2026")]
    public void Dates_follow_the_sites_language_zone_and_pattern(
        string language,
        string zone,
        string? pattern,
        string expected
    ) =>
        Assert.Equal(
            expected,
            SiteCulture.DateText(new DateTimeOffset(2026, 11, 25, 0, 30, 0, TimeSpan.Zero), language, zone, pattern)
        );

    [Theory]
    [InlineData("inReview", true)]
    [InlineData("INREVIEW", true)]
    [InlineData("1", false)]
    [InlineData("", false)]
    [InlineData(null, false)]
    [InlineData("draft,published", false)]
    public void Only_words_spell_a_value(string? text, bool isKnown) =>
        Assert.Equal(isKnown, Spelled<PostStatus>.TryParse(text, out _));
}

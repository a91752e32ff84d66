using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Posts;

namespace Antiphon.Core.Tests.Comments.Settings;

public sealed class CommentSettingsTests
{
    [Fact]
    public void An_inner_layer_says_what_it_says_and_leaves_the_rest_to_the_outer_ones()
    {
        var site = new CommentSettings(Approval: Approval.WithLinks, Depth: 1, Message: "Site");
        var blog = new CommentSettings(Depth: 0, Order: CommentOrder.Best);
        var settings = EffectiveSettings.Of(site, blog, new CommentSettings(Message: string.Empty));
        Assert.Equal(
            (Approval.WithLinks, 0, CommentOrder.Best, string.Empty, VoteMode.Up),
            (settings.Approval, settings.Depth, settings.Order, settings.Message, settings.Votes)
        );
    }

    [Fact]
    public void A_post_whose_comments_are_off_is_off_whatever_its_blog_says()
    {
        Assert.False(
            EffectiveSettings.Of(new CommentSettings(IsOn: true), new PostDetails(CommentsOff: true).CommentLayer).IsOn
        );
        Assert.True(
            EffectiveSettings
                .Of(
                    new CommentSettings(IsOn: false),
                    new PostDetails(Comments: new CommentSettings(IsOn: true)).CommentLayer
                )
                .IsOn
        );
    }

    [Theory]
    // Five days across the night the clocks go forward, and across the one they go back: the same hour on the site's
    // clocks.
    [InlineData("2026-03-27T09:30:00Z", "Europe/London", 5, "2026-04-01T08:30:00Z")]
    [InlineData("2026-10-23T08:30:00Z", "Europe/London", 5, "2026-10-28T09:30:00Z")]
    [InlineData("2026-06-01T12:00:00Z", "Etc/UTC", 1, "2026-06-02T12:00:00Z")]
    // The hour that is skipped: the first moment after it.
    [InlineData("2026-03-28T01:30:00Z", "Europe/London", 1, "2026-03-29T01:00:00Z")]
    public void Closing_keeps_the_hour_of_the_sites_clocks(string published, string zone, int days, string closes) =>
        Assert.Equal(
            DateTimeOffset.Parse(closes, null),
            EffectiveSettings
                .Of(new CommentSettings(CloseAfterDays: days))
                .ClosesAt(DateTimeOffset.Parse(published, null), zone)
        );

    [Fact]
    public void Days_of_nought_never_close() =>
        Assert.Null(
            EffectiveSettings.Of(new CommentSettings(CloseAfterDays: 0)).ClosesAt(DateTimeOffset.UnixEpoch, "Etc/UTC")
        );

    public static TheoryData<CommentSettings, string?> Values =>
        new()
        {
            { new CommentSettings(), null },
            { new CommentSettings(PublishBelow: 0, SpamFrom: 100, ReportsToWait: 0), null },
            { new CommentSettings(PublishBelow: 101), "publishBelow" },
            { new CommentSettings(SpamFrom: 0), "spamFrom" },
            { new CommentSettings(ReportsToWait: -1), "reportsToWait" },
            { new CommentSettings(Depth: 4), "depth" },
            { new CommentSettings(CloseAfterDays: 4000), "closeAfterDays" },
            { new CommentSettings(Message: new string('x', 2001)), "message" },
            {
                new CommentSettings { CloseAt = "tomorrow" },
                "closeAt"
            },
            {
                new CommentSettings { CloseAt = "" },
                null
            },
            {
                new CommentSettings { CloseAt = "2027-03-28T18:00" },
                null
            },
            {
                new CommentSettings { EditMinutes = -1 },
                "editMinutes"
            },
            {
                new CommentSettings { ShownFirst = 4 },
                "shownFirst"
            },
            {
                new CommentSettings { ShownFirst = 201 },
                "shownFirst"
            },
            {
                new CommentSettings { HeldWords = [new string('x', 201)] },
                "heldWords"
            },
            {
                new CommentSettings { RefusedWords = [.. Enumerable.Repeat("x", 501)] },
                "refusedWords"
            },
            {
                new CommentSettings { Reactions = ["👍", ""] },
                "reactions"
            },
            {
                new CommentSettings { Reactions = [.. Enumerable.Repeat("👍", 9)] },
                "reactions"
            },
            {
                new CommentSettings { HouseRules = new string('x', 2001) },
                "houseRules"
            },
        };

    [Theory]
    [MemberData(nameof(Values))]
    public void Values_outside_of_what_can_be_set_are_told_by_name(CommentSettings settings, string? problem) =>
        Assert.Equal(problem, settings.Problem()?.Setting);

    [Theory]
    [InlineData("2026-03-29T01:30", "2026-03-29T00:59:00Z", true)]
    // The hour is skipped that night; it closes at the first moment after it.
    [InlineData("2026-03-29T01:30", "2026-03-29T01:00:00Z", false)]
    [InlineData("2026-10-25T01:30", "2026-10-25T00:29:00Z", true)]
    // The clocks show it twice; the first time counts.
    [InlineData("2026-10-25T01:30", "2026-10-25T00:30:00Z", false)]
    [InlineData("", "2026-10-25T00:30:00Z", true)]
    public void It_closes_at_a_time_on_the_sites_clocks(string closeAt, string now, bool isOpen) =>
        Assert.Equal(
            isOpen,
            EffectiveSettings
                .Of(new CommentSettings { CloseAt = closeAt })
                .IsOpen(null, null, "Europe/London", DateTimeOffset.Parse(now, null))
        );
}

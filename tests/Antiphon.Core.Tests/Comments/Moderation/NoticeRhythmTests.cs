using Antiphon.Core.Comments.Moderation;

namespace Antiphon.Core.Tests.Comments.Moderation;

public sealed class NoticeRhythmTests
{
    [Theory]
    [InlineData("22:00", "07:00", "2026-01-10T21:59:00Z", false)]
    [InlineData("22:00", "07:00", "2026-01-10T22:00:00Z", true)]
    [InlineData("22:00", "07:00", "2026-01-11T06:59:00Z", true)]
    [InlineData("22:00", "07:00", "2026-01-11T07:00:00Z", false)]
    [InlineData("12:00", "13:00", "2026-01-11T12:30:00Z", true)]
    [InlineData("12:00", "12:00", "2026-01-11T12:00:00Z", false)]
    // In summer the site's clocks are an hour ahead.
    [InlineData("22:00", "07:00", "2026-07-10T21:00:00Z", true)]
    [InlineData("22:00", "07:00", "2026-07-11T06:00:00Z", false)]
    // The night the clocks go forward has no half past one; the quiet hours hold around it.
    [InlineData("01:30", "03:00", "2026-03-29T01:15:00Z", true)]
    public void Quiet_hours_go_by_the_sites_clocks(string from, string until, string now, bool isQuiet) =>
        Assert.Equal(isQuiet, Rhythm(0, from, until).IsQuiet(DateTimeOffset.Parse(now, null)));

    [Theory]
    [InlineData(0, null, true)]
    [InlineData(0, "2026-01-10T11:59:00Z", true)]
    [InlineData(3, null, true)]
    [InlineData(3, "2026-01-10T09:01:00Z", false)]
    [InlineData(3, "2026-01-10T09:00:00Z", true)]
    public void A_digest_keeps_its_hours(int hours, string? last, bool isTime) =>
        Assert.Equal(
            isTime,
            Rhythm(hours, null, null)
                .IsTime(
                    last is null ? null : DateTimeOffset.Parse(last, null),
                    DateTimeOffset.Parse("2026-01-10T12:00:00Z", null)
                )
        );

    private static NoticeRhythm Rhythm(int hours, string? from, string? until) =>
        new(
            hours,
            from is null ? null : TimeOnly.Parse(from, null),
            until is null ? null : TimeOnly.Parse(until, null),
            TimeZoneInfo.FindSystemTimeZoneById("Europe/London")
        );
}

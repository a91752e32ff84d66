using Antiphon.Core.Time;

namespace Antiphon.Core.Tests.Time;

/// <summary>Times on a site's clocks, also while these change.</summary>
public sealed class WallTimeTests
{
    [Theory]
    [InlineData("2026-11-26T09:30", "Europe/London", "2026-11-26T09:30:00Z", WallTimeNote.None)]
    [InlineData("2026-07-01T09:30", "Europe/London", "2026-07-01T08:30:00Z", WallTimeNote.None)]
    [InlineData("2027-03-28T00:59", "Europe/London", "2027-03-28T00:59:00Z", WallTimeNote.None)]
    [InlineData("2027-03-28T01:00", "Europe/London", "2027-03-28T01:00:00Z", WallTimeNote.Skipped)]
    [InlineData("2027-03-28T01:30", "Europe/London", "2027-03-28T01:00:00Z", WallTimeNote.Skipped)]
    [InlineData("2027-03-28T02:00", "Europe/London", "2027-03-28T01:00:00Z", WallTimeNote.None)]
    [InlineData("2026-10-25T01:30", "Europe/London", "2026-10-25T00:30:00Z", WallTimeNote.Twice)]
    [InlineData("2026-10-25T02:00", "Europe/London", "2026-10-25T02:00:00Z", WallTimeNote.None)]
    [InlineData("2026-11-01T01:15", "America/New_York", "2026-11-01T05:15:00Z", WallTimeNote.Twice)]
    [InlineData("2027-10-03T02:10", "Australia/Lord_Howe", "2027-10-02T15:30:00Z", WallTimeNote.Skipped)]
    [InlineData("2026-11-26T09:30", "Asia/Kathmandu", "2026-11-26T03:45:00Z", WallTimeNote.None)]
    public void A_local_time_means_one_instant(string local, string zone, string instant, WallTimeNote note)
    {
        var time = WallTime.Read(local, zone)!;
        Assert.Equal(
            (DateTimeOffset.Parse(instant, System.Globalization.CultureInfo.InvariantCulture), note),
            (time.Instant, time.Note)
        );
        Assert.Equal(note == WallTimeNote.None, time.Word(zone) is null);
    }

    [Theory]
    [InlineData(null, "Europe/London")]
    [InlineData("", "Europe/London")]
    [InlineData("2026-02-30T10:00", "Europe/London")]
    [InlineData("2026-11-26 09:30", "Europe/London")]
    [InlineData("2026-11-26T09:30", "Europe/Atlantis")]
    public void What_is_no_time_gives_none(string? local, string zone) => Assert.Null(WallTime.Read(local, zone));

    [Fact]
    public void What_the_clocks_do_is_said_with_the_time_that_counts()
    {
        Assert.Equal(
            "01:30 does not exist that night (clock change); it will be published at 02:00.",
            WallTime.Read("2027-03-28T01:30", "Europe/London")!.Word("Europe/London")
        );
        Assert.Equal(
            "The clocks show 01:30 twice that night; it goes out the first time.",
            WallTime.Read("2026-10-25T01:30", "Europe/London")!.Word("Europe/London")
        );
    }

    [Fact]
    public void Later_on_the_clocks_is_never_earlier_on_a_night_they_go_forward()
    {
        var day = new DateTime(2027, 3, 28, 0, 0, 0, DateTimeKind.Unspecified);
        var instants = Enumerable
            .Range(0, 240)
            .Select(minute =>
                WallTime
                    .Read(
                        day.AddMinutes(minute)
                            .ToString(WallTime.Format, System.Globalization.CultureInfo.InvariantCulture),
                        "Europe/London"
                    )!
                    .Instant
            )
            .ToList();
        Assert.Equal(instants.Order(), instants);
    }
}

using Antiphon.Core.Mailing.Digests;

namespace Antiphon.Core.Tests.Mailing;

/// <summary>When digests go out, around clock changes above all.</summary>
public sealed class DigestRhythmTests
{
    // The clocks go forward from 02:00 to 03:00 on 28 March 2027, and back from 03:00 to 02:00 on 31 October 2027.
    private static readonly TimeZoneInfo Berlin = TimeZoneInfo.FindSystemTimeZoneById("Europe/Berlin");

    [Theory]
    [InlineData("2027-03-25T09:00Z", "2027-03-26T06:00Z")]
    [InlineData("2027-03-26T06:00Z", "2027-03-27T06:00Z")]
    [InlineData("2027-03-27T06:00Z", "2027-03-28T05:00Z")]
    public void Every_day_at_the_same_time_on_the_clocks(string after, string next) =>
        Assert.Equal(At(next), new DigestRhythm(DigestEvery.Day, new TimeOnly(7, 0)).Next(At(after), Berlin));

    [Theory]
    [InlineData(2, 30, "2027-03-27T12:00Z", "2027-03-28T01:00Z")]
    [InlineData(2, 30, "2027-03-28T01:00Z", "2027-03-29T00:30Z")]
    [InlineData(2, 30, "2027-10-30T12:00Z", "2027-10-31T00:30Z")]
    [InlineData(2, 30, "2027-10-31T00:30Z", "2027-11-01T01:30Z")]
    public void A_time_the_clocks_skip_comes_right_after_and_one_they_show_twice_comes_once(
        int hour,
        int minute,
        string after,
        string next
    ) => Assert.Equal(At(next), new DigestRhythm(DigestEvery.Day, new TimeOnly(hour, minute)).Next(At(after), Berlin));

    [Theory]
    [InlineData(DigestEvery.Day, 365)]
    [InlineData(DigestEvery.Week, 52)]
    [InlineData(DigestEvery.Month, 12)]
    public void A_year_misses_none_and_doubles_none(DigestEvery every, int times)
    {
        for (var minutes = 0; minutes < 24 * 60; minutes += 30)
        {
            var rhythm = new DigestRhythm(every, new TimeOnly(minutes / 60, minutes % 60), DayOfWeek.Sunday, 31);
            var moments = new List<DateTimeOffset>();
            for (
                var at = At("2026-12-31T22:59Z");
                rhythm.Next(at, Berlin) is { } next && next < At("2027-12-31T22:59Z");
                at = next
            )
                moments.Add(next);
            Assert.Equal(times, moments.Count);
            Assert.Equal(
                moments.Count,
                moments.Select(moment => TimeZoneInfo.ConvertTime(moment, Berlin).Date).Distinct().Count()
            );
        }
    }

    [Theory]
    [InlineData("2027-01-31T12:00Z", "2027-02-28T11:00Z")]
    [InlineData("2028-02-01T12:00Z", "2028-02-29T11:00Z")]
    [InlineData("2027-04-01T12:00Z", "2027-04-30T10:00Z")]
    public void A_short_month_takes_its_last_day(string after, string next) =>
        Assert.Equal(
            At(next),
            new DigestRhythm(DigestEvery.Month, new TimeOnly(12, 0), DayOfMonth: 31).Next(At(after), Berlin)
        );

    [Fact]
    public void With_each_post_has_no_time_of_its_own() =>
        Assert.Null(DigestRhythm.WithEachPost.Next(At("2027-01-01T00:00Z"), Berlin));

    private static DateTimeOffset At(string text) =>
        DateTimeOffset.Parse(text, System.Globalization.CultureInfo.InvariantCulture);
}

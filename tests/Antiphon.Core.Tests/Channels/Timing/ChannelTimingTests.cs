using System.Globalization;
using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Timing;
using CsCheck;

namespace Antiphon.Core.Tests.Channels.Timing;

public sealed class ChannelTimingTests
{
    private static readonly TimeZoneInfo London = TimeZoneInfo.FindSystemTimeZoneById("Europe/London");

    [Theory]
    // A Friday in winter; slots on Friday at nine and Monday at half past six.
    [InlineData("2026-11-27T08:00Z", "2026-11-27T09:00Z")]
    [InlineData("2026-11-27T09:00Z", "2026-11-27T09:00Z")]
    [InlineData("2026-11-27T09:01Z", "2026-11-30T06:30Z")]
    // In summer the clocks are an hour ahead.
    [InlineData("2026-07-03T07:00Z", "2026-07-03T08:00Z")]
    public void A_post_goes_in_the_next_free_slot(string from, string at) =>
        Assert.Equal(
            Instant(at),
            Slots((DayOfWeek.Friday, "09:00"), (DayOfWeek.Monday, "06:30"))
                .Next(ChannelWhen.NextSlot, Instant(from), [], London)
        );

    [Fact]
    public void A_slot_takes_one_post()
    {
        var timing = Slots((DayOfWeek.Friday, "09:00"), (DayOfWeek.Friday, "17:00"));
        var taken = new List<DateTimeOffset>();
        for (var post = 0; post < 4; post++)
            taken.Add(timing.Next(ChannelWhen.NextSlot, Instant("2026-11-27T08:00Z"), taken, London));
        Assert.Equal(
            ["2026-11-27T09:00Z", "2026-11-27T17:00Z", "2026-12-04T09:00Z", "2026-12-04T17:00Z"],
            taken.ConvertAll(Written)
        );
    }

    [Theory]
    // The clocks go forward from one to two on 28 March 2027, and back from two to one on 31 October 2027; both are
    // Sundays.
    [InlineData("2027-03-27T12:00Z", "01:30", "2027-03-28T01:00Z")]
    [InlineData("2027-10-30T12:00Z", "01:30", "2027-10-31T00:30Z")]
    public void A_slot_in_a_night_of_change_is_neither_skipped_nor_doubled(string from, string time, string at)
    {
        var timing = Slots((DayOfWeek.Sunday, time));
        var first = timing.Next(ChannelWhen.NextSlot, Instant(from), [], London);
        Assert.Equal(Instant(at), first);
        Assert.Equal(
            7,
            (int)Math.Round((timing.Next(ChannelWhen.NextSlot, first.AddMinutes(1), [], London) - first).TotalDays)
        );
    }

    [Theory]
    [InlineData("22:00", "07:00", "2026-11-27T21:59Z", "2026-11-27T21:59Z")]
    [InlineData("22:00", "07:00", "2026-11-27T22:00Z", "2026-11-28T07:00Z")]
    [InlineData("22:00", "07:00", "2026-11-28T03:00Z", "2026-11-28T07:00Z")]
    [InlineData("12:00", "14:00", "2026-11-28T13:59Z", "2026-11-28T14:00Z")]
    [InlineData("12:00", "14:00", "2026-11-28T14:00Z", "2026-11-28T14:00Z")]
    [InlineData("23:00", "01:30", "2027-03-27T23:30Z", "2027-03-28T01:00Z")]
    public void Quiet_hours_put_off(string quiet, string loud, string from, string at) =>
        Assert.Equal(
            Instant(at),
            new ChannelTiming(
                QuietFrom: TimeOnly.Parse(quiet, CultureInfo.InvariantCulture),
                QuietUntil: TimeOnly.Parse(loud, CultureInfo.InvariantCulture)
            ).Next(ChannelWhen.AtOnce, Instant(from), [], London)
        );

    [Fact]
    public void A_delay_counts_from_publishing() =>
        Assert.Equal(
            Instant("2026-11-27T09:30Z"),
            new ChannelTiming(DelayMinutes: 90).Next(ChannelWhen.AfterDelay, Instant("2026-11-27T08:00Z"), [], London)
        );

    [Fact]
    public void Posts_keep_their_distance_from_those_before_and_after()
    {
        var timing = new ChannelTiming(SpacingMinutes: 60);
        Assert.Equal(
            Instant("2026-11-27T10:30Z"),
            timing.Next(
                ChannelWhen.AtOnce,
                Instant("2026-11-27T08:00Z"),
                [Instant("2026-11-27T08:30Z"), Instant("2026-11-27T09:30Z")],
                London
            )
        );
        Assert.Equal(
            Instant("2026-11-27T08:00Z"),
            timing.Next(
                ChannelWhen.AtOnce,
                Instant("2026-11-27T08:00Z"),
                [Instant("2026-11-27T07:00Z"), Instant("2026-11-27T09:00Z")],
                London
            )
        );
    }

    [Fact]
    public void Whatever_is_taken_no_two_come_closer_and_nothing_goes_at_night() =>
        Gen.Int[0, 60 * 24 * 20]
            .Array[1, 30]
            .Sample(minutes =>
            {
                var timing = new ChannelTiming(
                    QuietFrom: new TimeOnly(22, 0),
                    QuietUntil: new TimeOnly(7, 0),
                    SpacingMinutes: 45
                );
                var taken = new List<DateTimeOffset>();
                foreach (var minute in minutes)
                {
                    var from = Instant("2027-03-20T00:00Z").AddMinutes(minute);
                    var at = timing.Next(ChannelWhen.AtOnce, from, taken, London);
                    var hour = TimeZoneInfo.ConvertTime(at, London).Hour;
                    if (
                        at < from
                        || hour is >= 22 or < 7
                        || taken.Any(other => (other - at).Duration() < TimeSpan.FromMinutes(45))
                    )
                        return false;
                    taken.Add(at);
                }

                return true;
            });

    private static ChannelTiming Slots(params (DayOfWeek Day, string Time)[] slots) =>
        new(
            Slots:
            [
                .. slots.Select(slot => new Slot(slot.Day, TimeOnly.Parse(slot.Time, CultureInfo.InvariantCulture))),
            ]
        );

    private static DateTimeOffset Instant(string text) => DateTimeOffset.Parse(text, CultureInfo.InvariantCulture);

    private static string Written(DateTimeOffset at) =>
        at.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm'Z'", CultureInfo.InvariantCulture);
}

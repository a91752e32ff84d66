using Antiphon.Core.Channels;
using CsCheck;

namespace Antiphon.Core.Tests.Channels;

/// <summary>A receiver gets no more attempts in a time than it takes.</summary>
public sealed class ChannelPaceTests
{
    private static readonly DateTimeOffset Start = new(2026, 11, 27, 18, 0, 0, TimeSpan.Zero);

    [Fact]
    public void Without_a_limit_everything_goes_at_once()
    {
        Assert.Equal(int.MaxValue, ChannelPace.Free.RoomNow([Start, Start], Start));
        Assert.Equal(Start, ChannelPace.Free.NextAt([Start, Start], Start));
    }

    [Theory]
    [InlineData(11, 0)]
    [InlineData(29, 0)]
    [InlineData(30, 1)]
    [InlineData(40, 2)]
    public void What_began_a_stretch_ago_counts_no_more(int minutes, int room) =>
        Assert.Equal(room, new ChannelPace(2, 30).RoomNow([Start, Start.AddMinutes(10)], Start.AddMinutes(minutes)));

    [Fact]
    public void The_next_may_begin_when_the_oldest_that_counts_ends()
    {
        var pace = new ChannelPace(2, 30);
        Assert.Equal(Start.AddMinutes(30), pace.NextAt([Start.AddMinutes(10), Start], Start.AddMinutes(12)));
        Assert.Equal(Start.AddMinutes(31), pace.NextAt([Start.AddMinutes(10), Start], Start.AddMinutes(31)));
        // A limit that was lowered lets no more through than the new one.
        Assert.Equal(
            Start.AddMinutes(35),
            new ChannelPace(1, 30).NextAt([Start, Start.AddMinutes(5)], Start.AddMinutes(12))
        );
    }

    [Fact]
    public void No_stretch_sees_more_attempts_wherever_it_begins() =>
        Gen.Select(Gen.Int[1, 8], Gen.Int[1, 90], Gen.Int[1, 40].List[1, 60])
            .Sample(
                (most, minutes, waits) =>
                {
                    var pace = new ChannelPace(most, minutes);
                    var (begun, now) = (new List<DateTimeOffset>(), Start);
                    foreach (var wait in waits)
                    {
                        now = now.AddMinutes(wait);
                        for (var room = Math.Min(pace.RoomNow(begun, now), 5); room > 0; room--)
                            begun.Add(now);
                        if (pace.NextAt(begun, now) is var next && next > now)
                            Assert.Equal(
                                (0, true),
                                (pace.RoomNow(begun, next.AddTicks(-1)), pace.RoomNow(begun, next) > 0)
                            );
                    }

                    Assert.All(begun, from =>
                        Assert.InRange(begun.Count(at => at >= from && at < from.AddMinutes(minutes)), 1, most)
                    );
                }
            );
}

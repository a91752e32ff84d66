using Antiphon.Core.Channels.Counting;

namespace Antiphon.Core.Tests.Channels.Counting;

/// <summary>A network is asked often at first, then seldom, then no more.</summary>
public sealed class CountingRhythmTests
{
    private static readonly DateTimeOffset Delivered = new(2026, 11, 27, 18, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData(0, 15)]
    [InlineData(359, 15)]
    [InlineData(360, 60)]
    [InlineData(3 * 1440, 360)]
    [InlineData(14 * 1440, 1440)]
    [InlineData((30 * 1440) - 1, 1440)]
    public void The_pause_grows_with_the_age(int ageMinutes, int pauseMinutes)
    {
        var now = Delivered.AddMinutes(ageMinutes);
        Assert.Equal(now.AddMinutes(pauseMinutes), CountingRhythm.After(Delivered, now));
    }

    [Fact]
    public void After_thirty_days_it_ends() => Assert.Null(CountingRhythm.After(Delivered, Delivered.AddDays(30)));

    [Fact]
    public void All_looks_at_one_post_stay_few()
    {
        var looks = 0;
        for (DateTimeOffset? at = Delivered; at is { } now && looks < 1000; at = CountingRhythm.After(Delivered, now))
            looks++;
        Assert.InRange(looks, 100, 200);
    }
}

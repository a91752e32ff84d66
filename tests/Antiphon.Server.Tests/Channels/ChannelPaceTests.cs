using Antiphon.Data.Channels;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Channels;

/// <summary>A receiver gets no more in a time than it takes, and the rest waits.</summary>
[Collection("channels")]
public sealed class ChannelPaceTests(ChannelHost both)
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task What_is_more_waits_its_turn_and_goes_on()
    {
        var channels = await both.FreshAsync();
        var paced = await channels.LanternAsync(new { pace = new { most = 2, minutes = 60 } });
        var free = await channels.AddAsync("webhook", "bell/", "bell-secret");
        var titles = Enumerable.Range(1, 3).Select(number => ChannelTalk.Unique($"In good time {number}")).ToList();
        foreach (var title in titles)
            await _host.WriteAsync(title);
        foreach (var title in titles)
            await channels.DeliveryAsync(free, title, "delivered");
        foreach (var title in titles.Take(2))
            await channels.DeliveryAsync(paced, title, "delivered");
        var waiting = await channels.OpenAsync(await channels.DeliveryAsync(paced, titles[2], "queued"));
        var until = DateTimeOffset.Parse(
            (await channels.ChannelAsync(paced)).Text("fullUntil"),
            System.Globalization.CultureInfo.InvariantCulture
        );
        Assert.InRange(until, DateTimeOffset.UtcNow.AddMinutes(58), DateTimeOffset.UtcNow.AddMinutes(60));
        Assert.True(waiting.Has("fullUntil"));
        // The others are not kept waiting, and time frees the receiver.
        await _host.InDatabaseAsync(async database =>
        {
            foreach (var start in database.ChannelStarts.Where(channelStart => channelStart.ChannelId == paced))
                start.At = start.At.AddMinutes(-61);
            return await database.SaveChangesAsync();
        });
        await channels.DeliveryAsync(paced, titles[2], "delivered");
        Assert.Equal(
            1,
            await _host.InDatabaseAsync(database =>
                Task.FromResult(database.ChannelStarts.Count(one => one.ChannelId == paced))
            )
        );
    }

    [Fact]
    public async Task Attempts_that_failed_count_as_well()
    {
        var channels = await both.FreshAsync();
        var paced = await channels.LanternAsync(new { pace = new { most = 1, minutes = 60 } });
        await both.World.FailAsync("lantern", "error");
        var title = ChannelTalk.Unique("Against the wall");
        await _host.WriteAsync(title);
        await channels.DeliveryAsync(paced, title, "retrying");
        await both.World.FailAsync("lantern", "well");
        await channels.ChangeAsync(paced, "social", "lantern/api/posts", new { pace = new { most = 2, minutes = 60 } });
        await channels.DeliveryAsync(paced, title, "delivered");
        Assert.Equal(
            2,
            await _host.InDatabaseAsync(database =>
                Task.FromResult(database.ChannelStarts.Count((ChannelStart one) => one.ChannelId == paced))
            )
        );
    }

    [Theory]
    [InlineData(-1, 60, "pace")]
    [InlineData(1001, 60, "pace")]
    [InlineData(5, 0, "paceMinutes")]
    public async Task A_pace_that_is_none_is_refused_by_name(int most, int minutes, string field)
    {
        var channels = await both.FreshAsync();
        Assert.Equal(
            [field],
            (
                await _host.Owner.RefusedAsync(
                    $"{_host.Api}channels/set-up",
                    channels.Request("social", "lantern/api/posts", null, new { pace = new { most, minutes } })
                )
            ).Names("errors")
        );
    }
}

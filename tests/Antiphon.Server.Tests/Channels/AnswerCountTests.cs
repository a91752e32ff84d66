using System.Net;
using Antiphon.Server.Channels.Counting;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Channels;

/// <summary>What a short post brought at its network is counted back.</summary>
[Collection("channels")]
public sealed class AnswerCountTests(ChannelHost both)
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task Answers_likes_and_passing_on_are_counted_when_due_and_when_asked()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var (delivery, number) = await SentAsync(channels, social, "Answered there");
        await ReactAsync(number, "answers", "likes", "likes", "passed-on");
        await MakeDueAsync(delivery);
        await CountAsync();
        var seen = await channels.OpenAsync(delivery);
        Assert.Equal(
            (1, 2, 1),
            (seen.Number("counts.answers"), seen.Number("counts.likes"), seen.Number("counts.passedOn"))
        );
        // Until it is due again nothing is asked but what somebody asks for.
        await ReactAsync(number, "answers");
        await CountAsync();
        Assert.Equal(1, (await channels.OpenAsync(delivery)).Number("counts.answers"));
        (
            await _host.Owner.PostAsync($"{_host.Api}channels/deliveries/{delivery.Number("id")}/count", null)
        ).EnsureSuccessStatusCode();
        Assert.Equal(
            2,
            (await channels.TimeLineAsync())
                .Single(one => one.Number("id") == delivery.Number("id"))
                .Number("counts.answers")
        );
    }

    [Fact]
    public async Task What_is_gone_is_asked_after_no_more_and_keeps_its_last_count()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var (delivery, number) = await SentAsync(channels, social, "Gone by now");
        await ReactAsync(number, "likes");
        await MakeDueAsync(delivery);
        await CountAsync();
        using var world = new HttpClient { BaseAddress = both.World.World };
        using var remove = new HttpRequestMessage(HttpMethod.Delete, $"lantern/posts/{number}");
        remove.Headers.Authorization = new("Bearer", "lantern-token");
        (await world.SendAsync(remove)).EnsureSuccessStatusCode();
        Assert.Equal(
            ["counts"],
            (
                await (
                    await _host.Owner.PostAsync($"{_host.Api}channels/deliveries/{delivery.Number("id")}/count", null)
                ).ProblemAsync(HttpStatusCode.BadRequest)
            ).Names("errors")
        );
        var id = delivery.Number("id");
        Assert.Null(
            await _host.InDatabaseAsync(database =>
                database
                    .ChannelDeliveries.Where(channelDelivery => channelDelivery.Id == id)
                    .Select(one => one.CountNextAt)
                    .SingleAsync()
            )
        );
        Assert.Equal(1, (await channels.OpenAsync(delivery)).Number("counts.likes"));
    }

    [Fact]
    public async Task What_is_no_short_post_has_nothing_to_count()
    {
        var channels = await both.FreshAsync();
        var webhook = await channels.AddAsync("webhook", "bell/", "bell-secret");
        var title = ChannelTalk.Unique("Only told");
        await _host.WriteAsync(title);
        var delivery = await channels.DeliveryAsync(webhook, title, "delivered");
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await _host.Owner.PostAsync($"{_host.Api}channels/deliveries/{delivery.Number("id")}/count", null)
            ).StatusCode
        );
    }

    private async Task<(Json Delivery, int Number)> SentAsync(ChannelTalk channels, long social, string words)
    {
        var title = ChannelTalk.Unique(words);
        await _host.WriteAsync(title);
        return (
            await channels.DeliveryAsync(social, title, "delivered"),
            Assert.Single(await channels.TakenAsync("lantern", title)).Number
        );
    }

    private async Task ReactAsync(int number, params string[] acts)
    {
        using var world = new HttpClient { BaseAddress = both.World.World };
        foreach (var act in acts)
        {
            using var form = new FormUrlEncodedContent(new Dictionary<string, string> { ["text"] = "Wonderful!" });
            (await world.PostAsync($"lantern/posts/{number}/{act}", form)).EnsureSuccessStatusCode();
        }
    }

    private async Task MakeDueAsync(Json delivery)
    {
        var id = delivery.Number("id");
        Assert.Equal(
            1,
            await _host.InDatabaseAsync(database =>
                database
                    .ChannelDeliveries.Where(channelDelivery =>
                        channelDelivery.Id == id && channelDelivery.CountNextAt != null
                    )
                    .ExecuteUpdateAsync(set =>
                        set.SetProperty(one => one.CountNextAt, DateTimeOffset.UtcNow.AddMinutes(-1))
                    )
            )
        );
    }

    private Task CountAsync() => _host.Services.GetRequiredService<CountingWork>().DoNextAsync(CancellationToken.None);
}

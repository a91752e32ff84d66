using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Channels;

/// <summary>Posts take the texts of a channel by turns, and somebody can choose another.</summary>
[Collection("channels")]
public sealed class TextTurnTests(ChannelHost both)
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task Posts_take_the_texts_by_turns_and_once_more_the_next()
    {
        var channels = await both.FreshAsync();
        var social = await ThreeAsync(channels);
        var (first, second) = (ChannelTalk.Unique("First of all"), ChannelTalk.Unique("Second of all"));
        var post = await _host.WriteAsync(first);
        await channels.DeliveryAsync(social, first, "delivered");
        await _host.WriteAsync(second);
        await channels.DeliveryAsync(social, second, "delivered");
        (
            await _host.Owner.PostAsync(
                $"{_host.Api}posts/{post.Number("id")}/channels/{social}",
                JsonContent.Create(new { })
            )
        ).EnsureSuccessStatusCode();
        await Eventually.TrueAsync("the third text", async () => (await TextsAsync(first)).Count == 2);
        Assert.StartsWith("Two", Assert.Single(await TextsAsync(second)), StringComparison.Ordinal);
        Assert.Equal(["One", "Three"], (await TextsAsync(first)).Select(text => text.Split(' ')[0]).Order());
    }

    [Fact]
    public async Task The_editor_chooses_a_text_before_and_while_it_waits()
    {
        var channels = await both.FreshAsync();
        var social = await ThreeAsync(channels);
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/pause", null)).EnsureSuccessStatusCode();
        var title = ChannelTalk.Unique("Chosen words");
        await _host.Owner.PostJsonAsync(
            $"{_host.Api}posts",
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                details = new { channels = new[] { new { channel = social, turn = 2 } } },
            }
        );
        var waiting = await channels.OpenAsync(await channels.DeliveryAsync(social, title, "queued"));
        Assert.StartsWith("Three", waiting.Text("text"), StringComparison.Ordinal);
        var path = $"{_host.Api}channels/deliveries/{waiting.Number("id")}";
        Assert.Equal(
            ["turn"],
            (
                await (await _host.Owner.PutAsync(path, JsonContent.Create(new { turn = 3 }))).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
        (await _host.Owner.PutAsync(path, JsonContent.Create(new { turn = 1 }))).EnsureSuccessStatusCode();
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/resume", null)).EnsureSuccessStatusCode();
        await channels.DeliveryAsync(social, title, "delivered");
        Assert.StartsWith("Two", Assert.Single(await TextsAsync(title)), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("{titel}")]
    [InlineData(" ")]
    public async Task A_text_that_cannot_be_written_is_refused(string variant)
    {
        var channels = await both.FreshAsync();
        Assert.Equal(
            ["variants"],
            (
                await _host.Owner.RefusedAsync(
                    $"{_host.Api}channels/set-up",
                    channels.Request("social", "lantern/api/posts", null, new { variants = new[] { variant } })
                )
            ).Names("errors")
        );
    }

    private static Task<long> ThreeAsync(ChannelTalk channels) =>
        channels.LanternAsync(
            new { template = "One {title} {link}", variants = new[] { "Two {title} {link}", "Three {title} {link}" } }
        );

    private async Task<List<string>> TextsAsync(string title) =>
        [
            .. (await both.World.TakenAsync("lantern"))
                .Select(one => one.Text)
                .Where(text => text.Contains(title, StringComparison.Ordinal)),
        ];
}

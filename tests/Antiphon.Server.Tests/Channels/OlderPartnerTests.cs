using System.Text.Json.Nodes;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Channels;

/// <summary>
/// Partners that take posts by the Atom Publishing Protocol (RFC 5023), and finding out which way a partner takes.
/// </summary>
[Collection("channels")]
public sealed class OlderPartnerTests(ChannelHost both)
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task A_post_is_brought_follows_its_changes_and_is_taken_away()
    {
        var channels = await both.FreshAsync();
        var partner = await OlderAsync(channels);
        var title = ChannelTalk.Unique("The older way");
        var post = await _host.WriteAsync(title, body: "<p>Clear & cold.</p>");
        var delivery = await channels.OpenAsync(await channels.DeliveryAsync(partner, title, "delivered"));
        var taken = Assert.Single(await channels.TakenAsync("parish", title));
        Assert.Equal(
            new Uri(both.World.World, $"parish/posts/{taken.Number}").AbsoluteUri,
            delivery.Text("receivedAddress")
        );
        Assert.Contains("<entry", delivery.Text("text"), StringComparison.Ordinal);
        Assert.Equal(post.Text("address"), JsonNode.Parse(taken.Body)!["canonical"]![0]!.ToString());
        post = await channels.SaveAsync(post, "published", "<p>Cloud from ten.</p>");
        await channels.DeliveryAsync(partner, title, "delivered", "update");
        Assert.Contains(
            "Cloud from ten",
            Assert.Single(await channels.TakenAsync("parish", title)).Body,
            StringComparison.Ordinal
        );
        await channels.SaveAsync(post, "withdrawn", "<p>Cloud from ten.</p>");
        await channels.DeliveryAsync(partner, title, "delivered", "withdraw");
        Assert.True(Assert.Single(await channels.TakenAsync("parish", title)).IsGone);
    }

    [Theory]
    [InlineData("late-error")]
    [InlineData("late-close")]
    public async Task What_was_taken_without_a_word_is_found_and_not_brought_twice(string fault)
    {
        var channels = await both.FreshAsync();
        var partner = await OlderAsync(channels);
        await both.World.FailAsync("parish", fault);
        var title = ChannelTalk.Unique("Said nothing");
        var post = await _host.WriteAsync(title);
        await Eventually.TrueAsync("a first attempt", async () =>
            (await channels.TimeLineAsync()).Any(one => one.Number("channelId") == partner && one.Has("answer"))
        );
        await both.World.FailAsync("parish", "well");
        Assert.Equal(
            "The partner has it already.",
            (await channels.OpenAsync(await channels.DeliveryAsync(partner, title, "delivered")))
                .Items("tried")[0]
                .Text("answer")
        );
        Assert.Single(await channels.TakenAsync("parish", title));
        // What was only found can be changed as well.
        await channels.SaveAsync(post, "published", "<p>Cloud from ten.</p>");
        await channels.DeliveryAsync(partner, title, "delivered", "update");
        Assert.Contains(
            "Cloud from ten",
            Assert.Single(await channels.TakenAsync("parish", title)).Body,
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("parish/", "micropub", "micropub", "parish/micropub")]
    [InlineData("parish/atom/service", "micropub", "atomPub", "parish/atom/posts")]
    public async Task From_another_address_of_the_partner_a_test_finds_where_posts_are_taken(
        string given,
        string protocol,
        string offered,
        string address
    )
    {
        var channels = await both.FreshAsync();
        var partner = await channels.AddAsync("partner", given, "parish-token", new { protocol, account = "parish" });
        var test = await _host.Owner.PostJsonAsync($"{_host.Api}channels/set-up/{partner}/test");
        Assert.Equal(
            ("false", offered, new Uri(both.World.World, address).AbsoluteUri),
            (test.Text("isGood").ToLowerInvariant(), test.Text("offer.protocol"), test.Text("offer.address"))
        );
    }

    [Theory]
    [InlineData("atomPub", "parish/atom/posts", "parish-token", true)]
    [InlineData("atomPub", "parish/atom/posts", "wrong", false)]
    [InlineData("micropub", "parish/atom/posts", "parish-token", false)]
    [InlineData("atomPub", "county/", "parish-token", false)]
    public async Task A_test_is_good_only_where_the_partner_speaks_that_way(
        string protocol,
        string service,
        string secret,
        bool isGood
    )
    {
        var channels = await both.FreshAsync();
        var partner = await channels.AddAsync("partner", service, secret, new { protocol, account = "parish" });
        Assert.Equal(
            isGood,
            bool.Parse((await _host.Owner.PostJsonAsync($"{_host.Api}channels/set-up/{partner}/test")).Text("isGood"))
        );
    }

    private static Task<long> OlderAsync(ChannelTalk channels) =>
        channels.AddAsync(
            "partner",
            "parish/atom/posts",
            "parish-token",
            new { protocol = "atomPub", account = "parish" }
        );
}

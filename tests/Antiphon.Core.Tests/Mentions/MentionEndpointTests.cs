using Antiphon.Core.Mentions;
using Antiphon.Core.Tests.Html;

namespace Antiphon.Core.Tests.Mentions;

public sealed class MentionEndpointTests
{
    private static readonly Uri Page = new("https://tarnlane.example/notes/7");

    [Theory]
    [InlineData(
        "</webmention>; rel=webmention",
        null,
        "",
        MentionWay.Webmention,
        "https://tarnlane.example/webmention"
    )]
    [InlineData(
        "<https://hub.example/>; rel=\"hub\", <told>; rel=\"me webmention\"",
        null,
        "",
        MentionWay.Webmention,
        "https://tarnlane.example/notes/told"
    )]
    [InlineData(
        null,
        null,
        "<link rel='webmention' href='/a'><a rel='webmention' href='/b'>b</a>",
        MentionWay.Webmention,
        "https://tarnlane.example/a"
    )]
    [InlineData(
        null,
        null,
        "<a rel='webmention' href=''>here</a>",
        MentionWay.Webmention,
        "https://tarnlane.example/notes/7"
    )]
    [InlineData(
        null,
        "https://tarnlane.example/rpc",
        "<a rel='webmention' href='/b'>b</a>",
        MentionWay.Webmention,
        "https://tarnlane.example/b"
    )]
    [InlineData(null, "https://tarnlane.example/rpc", "", MentionWay.Pingback, "https://tarnlane.example/rpc")]
    [InlineData(null, null, "<link rel='pingback' href='/rpc'>", MentionWay.Pingback, "https://tarnlane.example/rpc")]
    public void A_page_offers_one_way(string? link, string? pingback, string html, MentionWay way, string address) =>
        Assert.Equal(
            new MentionEndpoint(way, new Uri(address)),
            MentionEndpoint.Of(link is null ? null : [link], pingback, TestPage.Of(html), Page)
        );

    [Theory]
    [InlineData("<a rel='webmentions' href='/b'>b</a>")]
    [InlineData("<!-- <link rel='webmention' href='/a'> -->")]
    [InlineData("<link rel='webmention'>")]
    [InlineData("<a rel='webmention' href='javascript:alert(1)'>b</a>")]
    public void Or_none(string html) => Assert.Null(MentionEndpoint.Of(null, null, TestPage.Of(html), Page));
}

using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Tests.Feeds.Reading;

/// <summary>Links of pages and documents lead to web addresses, or nowhere.</summary>
public sealed class LinkResolverTests
{
    [Theory]
    [InlineData("../takes", "https://parish.example/takes")]
    [InlineData("", "https://parish.example/news/")]
    [InlineData(" https://other.example/a ", "https://other.example/a")]
    [InlineData("javascript:x", null)]
    [InlineData("mailto:parish@parish.example", null)]
    [InlineData(null, null)]
    public void A_link_leads_to_a_web_address_or_nowhere(string? link, string? address) =>
        Assert.Equal(address, LinkResolver.Web(new Uri("https://parish.example/news/"), link)?.AbsoluteUri);

    [Theory]
    [InlineData("b/", "https://parish.example/news/b/")]
    [InlineData("https://other.example/", "https://other.example/")]
    [InlineData(" ", "https://parish.example/news/")]
    [InlineData(null, "https://parish.example/news/")]
    public void A_base_narrows_the_one_around_it(string? within, string address) =>
        Assert.Equal(address, LinkResolver.Narrow(new Uri("https://parish.example/news/"), within)?.AbsoluteUri);
}

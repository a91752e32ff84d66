using Antiphon.Core.Html;

namespace Antiphon.Core.Tests.Html;

public sealed class PageCardTests
{
    private static readonly Uri Address = new("https://sky.example/comet/");

    [Theory]
    [InlineData("<title>Plain</title>", "Plain||sky.example|")]
    [InlineData(
        "<title>Plain</title><meta property=\"og:title\" content=\"The comet\"><meta property=\"og:description\" content=\"It comes.\"><meta property=\"og:site_name\" content=\"Sky\"><meta property=\"og:image\" content=\"c.png\">",
        "The comet|It comes.|Sky|https://sky.example/comet/c.png"
    )]
    [InlineData(
        "<title>T</title><meta name=\"description\" content=\"D\"><meta property=\"og:image\" content=\"javascript:x\">",
        "T|D|sky.example|"
    )]
    [InlineData("<title>T</title><meta property=\"og:title\" content=\" \">", "T||sky.example|")]
    public void A_page_says_what_it_is(string head, string card)
    {
        var found = PageCard.Of(TestPage.Of($"<html><head>{head}</head></html>"), Address)!;
        Assert.Equal(card, $"{found.Title}|{found.Text}|{found.Host}|{found.Picture}");
    }

    [Fact]
    public void A_page_without_a_title_gives_no_card() => Assert.Null(PageCard.Of(TestPage.Of("<p>x</p>"), Address));
}

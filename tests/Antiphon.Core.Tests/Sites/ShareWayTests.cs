using Antiphon.Core.Sites;

namespace Antiphon.Core.Tests.Sites;

/// <summary>Links by which readers pass a post on.</summary>
public sealed class ShareWayTests
{
    [Theory]
    [InlineData(
        "https://lantern.example/new?text={title}%20{url}",
        "https://lantern.example/new?text=Fog%20%26%20frost%20https%3A%2F%2Flog.example%2F1%3Fa%3Db"
    )]
    [InlineData(
        "https://lantern.example/share/{url}",
        "https://lantern.example/share/https%3A%2F%2Flog.example%2F1%3Fa%3Db"
    )]
    public void Title_and_address_are_filled_in_so_that_nothing_breaks_out(string template, string expected) =>
        Assert.Equal(expected, new ShareWay("Lantern", template).LinkFor("Fog & frost", "https://log.example/1?a=b"));

    [Fact]
    public void A_title_with_a_mark_in_it_stays_a_title() =>
        Assert.Equal(
            "https://l.example/?t=%7Burl%7D&u=https%3A%2F%2Flog.example%2F",
            new ShareWay("L", "https://l.example/?t={title}&u={url}").LinkFor("{url}", "https://log.example/")
        );

    [Theory]
    [InlineData("", "https://l.example/?u={url}", "name")]
    [InlineData("Lantern", "https://l.example/", "address")]
    [InlineData("Lantern", "javascript:alert('{url}')", "address")]
    [InlineData("Lantern", "{url}", "address")]
    [InlineData("Lantern", "https://l.example/?u={url}", null)]
    public void What_cannot_work_is_told_at_its_field(string name, string address, string? field) =>
        Assert.Equal(field, new ShareWay(name, address).Problem()?.Field);
}

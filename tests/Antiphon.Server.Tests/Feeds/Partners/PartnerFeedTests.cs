using System.Net;
using System.Text.Json.Nodes;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Feeds.Partners;

/// <summary>Feeds for one partner each.</summary>
public sealed class PartnerFeedTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_partner_reads_what_was_chosen_under_an_address_that_counts_and_can_be_ended()
    {
        await WriteAsync("Leonids", "Nights");
        await WriteAsync("The old refractor", "Workshop");
        var feed = await AddAsync("Fellside Parish Paper", "Nights", "parish-paper");
        using var partner = host.Plain();
        var path = new Uri(feed.Text("addresses.2.address")).PathAndQuery;
        var read = JsonNode.Parse(await partner.GetStringAsync(path))!;
        Assert.Equal(["Leonids"], read["items"]!.AsArray().Select(item => (string)item!["title"]!));
        Assert.Contains("utm_source=parish-paper", (string)read["items"]![0]!["url"]!, StringComparison.Ordinal);
        Assert.DoesNotContain("utm_source", (string)read["items"]![0]!["id"]!, StringComparison.Ordinal);
        Assert.Equal(1, (await RowAsync(feed)).Number("reads"));
        await host.Owner.PostJsonAsync($"{host.Api}partner-feeds/{feed.Number("id")}/end");
        Assert.Equal(HttpStatusCode.Gone, (await partner.GetAsync(path)).StatusCode);
        await host.Owner.PostJsonAsync($"{host.Api}partner-feeds/{feed.Number("id")}/resume");
        Assert.Equal(HttpStatusCode.OK, (await partner.GetAsync(path)).StatusCode);
    }

    [Theory]
    [InlineData("", "paper", "name")]
    [InlineData("Paper", "a&b", "source")]
    public async Task What_cannot_work_is_refused_at_its_field(string name, string source, string field) =>
        Assert.Equal(
            [field],
            (
                await host.Owner.RefusedAsync(
                    $"{host.Api}partner-feeds",
                    new
                    {
                        name,
                        source,
                        choice = Choice(null),
                    }
                )
            ).Names("errors")
        );

    [Fact]
    public async Task An_address_nobody_made_is_none()
    {
        using var partner = host.Plain();
        Assert.Equal(HttpStatusCode.NotFound, (await partner.GetAsync("feeds/partners/forged.rss")).StatusCode);
    }

    private Task<Json> AddAsync(string name, string? category, string source) =>
        host.Owner.PostJsonAsync(
            $"{host.Api}partner-feeds",
            new
            {
                name,
                choice = Choice(category),
                isFullText = true,
                source,
            }
        );

    private async Task<Json> RowAsync(Json feed) =>
        (await host.Owner.GetJsonAsync($"{host.Api}partner-feeds"))
            .Items()
            .Single(item => item.Number("id") == feed.Number("id"));

    private static object Choice(string? category) =>
        new
        {
            blogs = Array.Empty<long>(),
            categories = category is null ? [] : new[] { category },
            tags = Array.Empty<string>(),
            authors = Array.Empty<string>(),
            featuredOnly = false,
        };

    private Task WriteAsync(string title, string category) =>
        host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = "<p>Clear from nine.</p>",
                category,
                status = "published",
            }
        );
}

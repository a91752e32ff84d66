using System.Net;
using System.Net.Http.Headers;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Embed;

/// <summary>What other people's pages get.</summary>
public sealed class ListingEmbedTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task The_fragment_holds_real_links_and_headings()
    {
        var post = await host.WriteAsync("Geminids over the moor");
        var listing = await host.ListAsync();
        var html = await (await GetAsync(listing, ".html")).Content.ReadAsStringAsync();
        Assert.Contains(
            "<h2 class=\"antiphon-heading\" part=\"heading\">Latest nights</h2>",
            html,
            StringComparison.Ordinal
        );
        Assert.Contains(
            $"href=\"{post.Text("address")}\">Geminids over the moor</a></h3>",
            html,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task The_same_entries_come_as_json()
    {
        await host.WriteAsync("Told to programs");
        var listing = await host.ListAsync(1);
        var json = await host.Plain().GetJsonAsync($"embed/listings/{listing.Text("key")}.json");
        Assert.Equal((listing.Text("key"), "Latest nights"), (json.Text("key"), json.Text("heading")));
        Assert.Equal("Told to programs", json.Items("entries").Single().Text("title"));
    }

    [Fact]
    public async Task The_whole_page_is_for_frames()
    {
        var answer = await GetAsync(await host.ListAsync(), string.Empty);
        var html = await answer.Content.ReadAsStringAsync();
        Assert.StartsWith("<!doctype html>", html, StringComparison.OrdinalIgnoreCase);
        Assert.False(answer.Headers.Contains("X-Frame-Options"));
    }

    [Fact]
    public async Task Who_has_it_already_gets_304()
    {
        var listing = await host.ListAsync();
        var first = await GetAsync(listing, ".html");
        using var request = new HttpRequestMessage(HttpMethod.Get, $"embed/listings/{listing.Text("key")}.html");
        request.Headers.IfNoneMatch.Add(first.Headers.ETag!);
        var second = await host.Plain().SendAsync(request);
        Assert.Equal(HttpStatusCode.NotModified, second.StatusCode);
        Assert.DoesNotContain(second.Headers, header => header.Key == "Set-Cookie");
    }

    [Fact]
    public async Task A_published_post_shows_although_the_listing_was_cached()
    {
        var listing = await host.ListAsync(50);
        await GetAsync(listing, ".html");
        await host.WriteAsync("Just published");
        await Eventually.TrueAsync("the new post", async () =>
            (await (await GetAsync(listing, ".html")).Content.ReadAsStringAsync()).Contains(
                "Just published",
                StringComparison.Ordinal
            )
        );
    }

    [Fact]
    public async Task A_changed_listing_shows_without_pasting_again()
    {
        await host.WriteAsync("One of them");
        var listing = await host.ListAsync();
        await GetAsync(listing, ".html");
        await host.Owner.PutJsonAsync(
            $"{host.Api}listings/{listing.Number("id")}",
            new { name = "Renamed", definition = host.Definition(1) }
        );
        await Eventually.TrueAsync("one entry", async () =>
            (await host.Plain().GetJsonAsync($"embed/listings/{listing.Text("key")}.json")).Items("entries").Count == 1
        );
    }

    [Theory]
    [InlineData("https://quillmoor.example", HttpStatusCode.OK)]
    [InlineData("https://elsewhere.example", HttpStatusCode.Forbidden)]
    [InlineData("http://quillmoor.example", HttpStatusCode.Forbidden)]
    [InlineData("null", HttpStatusCode.Forbidden)]
    public async Task Only_allowed_pages_may_ask(string origin, HttpStatusCode status)
    {
        var listing = await host.ListAsync();
        using var request = new HttpRequestMessage(HttpMethod.Get, $"embed/listings/{listing.Text("key")}.html");
        request.Headers.TryAddWithoutValidation("Origin", origin);
        var answer = await host.Plain().SendAsync(request);
        Assert.Equal(status, answer.StatusCode);
        Assert.Equal(origin, answer.Headers.GetValues("Access-Control-Allow-Origin").Single());
        if (status == HttpStatusCode.Forbidden)
            Assert.Contains(origin, (await answer.ProblemAsync(status)).Text("detail"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(
        "https://quillmoor.example",
        "https://quillmoor.example/visit?from=mail#top",
        "https://quillmoor.example/visit"
    )]
    [InlineData("https://elsewhere.example", "https://elsewhere.example/stolen", null)]
    [InlineData(null, "https://quillmoor.example/visit", null)]
    public async Task A_page_of_the_site_that_asks_becomes_a_sighting(string? origin, string referer, string? page)
    {
        var listing = await host.ListAsync();
        using var request = new HttpRequestMessage(HttpMethod.Get, $"embed/listings/{listing.Text("key")}.html");
        if (origin is not null)
            request.Headers.Add("Origin", origin);
        request.Headers.Referrer = new Uri(referer);
        await host.Plain().SendAsync(request);
        var seen = (await host.Owner.GetJsonAsync($"{host.Api}listings/{listing.Number("id")}"))
            .Items("sightings")
            .Select(item => item.Text("pageAddress"));
        Assert.Equal(page is null ? [] : [page], seen);
    }

    [Theory]
    [InlineData(".html")]
    [InlineData(".json")]
    public async Task An_unknown_key_is_told_to_whoever_looks_into_the_console(string suffix)
    {
        var answer = await host.Plain().GetAsync($"embed/listings/unknown{suffix}");
        Assert.Equal("unknown-listing", (await answer.ProblemAsync(HttpStatusCode.NotFound)).Text("type"));
        Assert.Equal("*", answer.Headers.GetValues("Access-Control-Allow-Origin").Single());
    }

    [Fact]
    public async Task Titles_are_encoded_and_long_words_do_no_harm()
    {
        await host.WriteAsync("\"><script>alert(1)</script>");
        var html = await (await GetAsync(await host.ListAsync(50), ".html")).Content.ReadAsStringAsync();
        Assert.DoesNotContain("<script>alert", html, StringComparison.Ordinal);
    }

    [Fact]
    public async Task It_travels_compressed()
    {
        using var request = new HttpRequestMessage(
            HttpMethod.Get,
            $"embed/listings/{(await host.ListAsync()).Text("key")}.html"
        );
        request.Headers.AcceptEncoding.Add(new StringWithQualityHeaderValue("br"));
        Assert.Equal(["br"], (await host.Plain().SendAsync(request)).Content.Headers.ContentEncoding);
    }

    [Fact]
    public async Task An_empty_listing_says_so_politely()
    {
        var blog = (await host.Owner.PostJsonAsync(host.Api + "blogs", new { name = "Silent" })).Number("id");
        var definition = new
        {
            blogs = new[] { blog },
            count = 3,
            order = "oldest",
            layout = "columns",
            details = new
            {
                picture = true,
                excerpt = false,
                date = false,
                author = false,
                category = false,
            },
        };
        var listing = await host.Owner.PostJsonAsync(host.Api + "listings", new { name = "Empty", definition });
        var html = await (await GetAsync(listing, ".html")).Content.ReadAsStringAsync();
        Assert.Contains("Nothing here yet.", html, StringComparison.Ordinal);
    }

    private Task<HttpResponseMessage> GetAsync(Json listing, string suffix) =>
        host.Plain().GetAsync($"embed/listings/{listing.Text("key")}{suffix}");
}

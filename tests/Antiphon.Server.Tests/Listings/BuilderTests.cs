using System.Net;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Listings;

/// <summary>Building, placing and checking a listing.</summary>
public sealed class BuilderTests(ScriptedHost hosts) : IClassFixture<ScriptedHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = hosts.Host;
    private readonly ScriptedSite _page = hosts.Site;
    private Json _listing = null!;

    public async Task InitializeAsync()
    {
        await _host.FreshSiteAsync();
        await _host.WriteAsync("Frost on the finder");
        _listing = await _host.ListAsync();
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task The_snippet_carries_key_entries_and_script()
    {
        var snippet = await _host.Owner.GetJsonAsync(Path("/snippet"));
        Assert.Contains(
            $"data-antiphon-listing=\"{_listing.Text("key")}\"",
            snippet.Text("snippet"),
            StringComparison.Ordinal
        );
        Assert.Contains("Frost on the finder", snippet.Text("snippet"), StringComparison.Ordinal);
        Assert.Contains(
            $"<script src=\"{_host.Address}embed/antiphon.js\" async></script>",
            snippet.Text("snippet"),
            StringComparison.Ordinal
        );
        Assert.Equal(1, snippet.Number("entries"));
    }

    [Theory]
    [InlineData("script", true)]
    [InlineData("static", false)]
    public async Task The_head_part_names_the_feeds_of_blogs_written_here(string way, bool hasScript)
    {
        var head = (await _host.Owner.GetJsonAsync(Path($"/snippet?way={way}"))).Text("head");
        var feed = Regex.Match(
            head,
            "rel=\"alternate\" type=\"application/rss\\+xml\" title=\"[^\"]+\" href=\"([^\"]+)\""
        );
        Assert.StartsWith("<?xml", await _host.Plain().GetStringAsync(feed.Groups[1].Value), StringComparison.Ordinal);
        Assert.Equal(hasScript, head.Contains("<script", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("frame", "<iframe src=\"", "embed/antiphon.js")]
    [InlineData("serverInclude", "data-antiphon-way=\"include\"", ".html here")]
    [InlineData("static", "data-antiphon-way=\"static\"", "Frost on the finder")]
    public async Task Every_way_has_its_snippet_and_the_check_knows_it(string way, string mark, string words)
    {
        var made = await _host.Owner.GetJsonAsync(Path($"/snippet?way={way}"));
        Assert.Contains(mark, made.Text("snippet"), StringComparison.Ordinal);
        Assert.Contains(words, made.Text("snippet"), StringComparison.Ordinal);
        var fragment = await _host.Plain().GetStringAsync(made.Text("fragmentAddress"));
        // The site does not allow this page's address; only the script's way would need it.
        await PlaceAsync(
            made.Text("snippet")
                .Replace(
                    $"<!-- your server puts {made.Text("fragmentAddress")} here -->",
                    fragment,
                    StringComparison.Ordinal
                )
        );
        var check = await CheckAsync();
        Assert.Equal("true", check.Text("isInPlace"));
        Assert.DoesNotContain(check.Items("points"), point => point.Text("point") == "addressAllowed");
    }

    [Fact]
    public async Task A_static_copy_grows_stale_and_the_owner_is_told()
    {
        await PlaceAsync((await _host.Owner.GetJsonAsync(Path("/snippet?way=static"))).Text("snippet"));
        await _host.WriteAsync("Newer than the copy");
        var check = await CheckAsync();
        Assert.Equal("false", check.Text("isInPlace"));
        var point = check.Items("points").Single(item => item.Text("state") == "wrong");
        Assert.Contains("out of date", point.Text("message"), StringComparison.Ordinal);
        Assert.Contains("Copy the static snippet again", point.Text("fix"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_preview_answers_to_what_is_not_saved()
    {
        await _host.WriteAsync("Another");
        var preview = await _host.Owner.PostJsonAsync(
            _host.Api + "listings/preview",
            new { name = "x", definition = _host.Definition(1) }
        );
        Assert.Equal((2L, 1L), (preview.Number("fitting"), preview.Number("shown")));
        Assert.Contains("Another", preview.Text("html"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_host_page_comes_without_anything_that_runs()
    {
        _page.Say(
            "<html><head><script>a()</script><meta http-equiv=\"refresh\" content=\"0;url=https://x.example\"></head><body onload=\"b()\"><a href=\"javascript:c()\">Home</a><iframe src=\"https://x.example\"></iframe><img src=\"dome.jpg\"></body></html>",
            "text/html"
        );
        var page = await _host.Owner.GetJsonAsync($"{Path("/page")}?address={_page.Address}visit");
        var html = page.Text("html");
        foreach (var running in new[] { "<script", "onload", "javascript:", "<iframe", "http-equiv" })
            Assert.DoesNotContain(running, html, StringComparison.OrdinalIgnoreCase);
        Assert.Contains($"<base href=\"{_page.Address}visit\">", html, StringComparison.Ordinal);
        Assert.Equal("false", page.Text("hasListing"));
    }

    [Fact]
    public async Task A_page_that_cannot_be_fetched_names_the_address_field()
    {
        _page.Say("gone", "text/plain", 410);
        var refusal = await (await _host.Owner.GetAsync($"{Path("/page")}?address={_page.Address}")).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Contains("410", refusal.Text("errors.address.0"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_page_with_the_snippet_is_in_place_and_becomes_a_sighting()
    {
        await AllowAsync();
        await PlaceAsync((await _host.Owner.GetJsonAsync(Path("/snippet"))).Text("snippet"));
        var check = await CheckAsync();
        Assert.Equal("true", check.Text("isInPlace"));
        var sighting = (await _host.Owner.GetJsonAsync(Path())).Items("sightings").Single();
        Assert.Equal(("true", _page.Address + "visit"), (sighting.Text("isThere"), sighting.Text("pageAddress")));
    }

    [Fact]
    public async Task Each_point_says_what_to_do()
    {
        await PlaceAsync($"<div data-antiphon-listing=\"{_listing.Text("key")}\"></div>");
        var points = (await CheckAsync()).Items("points").ToDictionary(point => point.Text("point"), point => point);
        Assert.Equal(
            ("right", "wrong", "untold", "wrong", "better"),
            (
                points["snippetThere"].Text("state"),
                points["scriptThere"].Text("state"),
                points["scriptReachable"].Text("state"),
                points["addressAllowed"].Text("state"),
                points["entriesSeen"].Text("state")
            )
        );
        Assert.All(points.Values.Where(point => point.Text("state") == "wrong"), point =>
            Assert.NotEmpty(point.Text("fix"))
        );
    }

    [Fact]
    public async Task A_page_that_lost_the_listing_is_lost_and_not_forgotten()
    {
        await AllowAsync();
        await PlaceAsync((await _host.Owner.GetJsonAsync(Path("/snippet"))).Text("snippet"));
        await CheckAsync();
        await PlaceAsync("<p>redesigned</p>");
        await CheckAsync();
        Assert.Equal("lost", (await _host.Owner.GetJsonAsync(Path())).Text("state"));
    }

    [Theory]
    [InlineData("", 3, "name")]
    [InlineData("A", -1, "definition.count")]
    [InlineData("A", 1000, "definition.count")]
    public async Task What_a_listing_lacks_is_named(string name, int count, string field)
    {
        var refusal = await _host.Owner.RefusedAsync(
            _host.Api + "listings",
            new { name, definition = _host.Definition(count) }
        );
        Assert.Equal([field], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_blog_of_another_site_cannot_be_listed()
    {
        var other = (
            await _host.Owner.PostJsonAsync(
                "api/sites",
                new
                {
                    name = "Other",
                    address = "https://other.example/",
                    timeZone = "UTC",
                    language = "en",
                }
            )
        ).Number("id");
        var refusal = await _host.Owner.RefusedAsync(
            $"api/sites/{other}/listings",
            new { name = "Theft", definition = _host.Definition() }
        );
        Assert.Equal(["definition.blogs"], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_removed_listing_is_gone()
    {
        Assert.Equal(HttpStatusCode.NoContent, (await _host.Owner.DeleteAsync(Path())).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await _host.Owner.GetAsync(Path())).StatusCode);
    }

    private string Path(string rest = "") => $"{_host.Api}listings/{_listing.Number("id")}{rest}";

    private Task<Json> CheckAsync() =>
        _host.Owner.PostJsonAsync(Path("/check"), new { address = _page.Address + "visit" });

    private Task PlaceAsync(string inside)
    {
        _page.Say($"<html><body><main>{inside}</main></body></html>", "text/html; charset=utf-8");
        return Task.CompletedTask;
    }

    private Task AllowAsync() =>
        _host.Owner.PutJsonAsync(
            _host.Api.TrimEnd('/'),
            new
            {
                name = "Quillmoor",
                address = "https://quillmoor.example/",
                timeZone = "Europe/London",
                language = "en-GB",
                allowedAddresses = new[] { _page.Address.AbsoluteUri },
            }
        );
}

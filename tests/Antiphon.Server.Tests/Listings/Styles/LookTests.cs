using System.Net;
using System.Text.Json.Nodes;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Listings.Styles;

/// <summary>Looks: saved, shared, read from pages, and in what readers get.</summary>
public sealed class LookTests(ScriptedHost hosts) : IClassFixture<ScriptedHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = hosts.Host;
    private ListingTalk _talk = null!;
    private readonly ScriptedSite _page = hosts.Site;

    public async Task InitializeAsync()
    {
        await _host.FreshSiteAsync();
        _talk = new ListingTalk(_host);
        await _host.WriteAsync("Frost on the finder");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task A_change_of_a_shared_look_changes_every_listing_that_uses_it()
    {
        var look = await SaveAsync("Night blue", "#1c2b4a");
        var one = await _talk.BuildAsync(_ => { }, look: look.Number("id"));
        var two = await _talk.BuildAsync(_ => { }, look: look.Number("id"));
        Assert.Contains("color:#1c2b4a", await _talk.HtmlAsync(one), StringComparison.Ordinal);
        Assert.Equal(2, (await _host.Owner.GetJsonAsync(_host.Api + "looks")).Items().Single().Items("usedBy").Count);
        await _host.Owner.PutJsonAsync(
            $"{_host.Api}looks/{look.Number("id")}",
            new { name = "Night blue", definition = Look("#8a5a12") }
        );
        foreach (var listing in new[] { one, two })
        {
            await Eventually.TrueAsync("the new colour", async () =>
                (await _talk.HtmlAsync(listing)).Contains("color:#8a5a12", StringComparison.Ordinal)
            );
        }
    }

    [Fact]
    public async Task A_removed_look_stays_with_the_listings_that_used_it()
    {
        var look = await SaveAsync("Night blue", "#1c2b4a");
        var listing = await _talk.BuildAsync(_ => { }, look: look.Number("id"));
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await _host.Owner.DeleteAsync($"{_host.Api}looks/{look.Number("id")}")).StatusCode
        );
        Assert.Contains("color:#1c2b4a", await _talk.HtmlAsync(listing), StringComparison.Ordinal);
        var view = await _host.Owner.GetJsonAsync($"{_host.Api}listings/{listing.Number("id")}");
        Assert.Equal(("#1c2b4a", false), (view.Text("definition.look.colours.heading"), view.Has("lookId")));
    }

    [Fact]
    public async Task A_look_of_another_site_cannot_be_used()
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
        var look = await _host.Owner.PostJsonAsync(
            $"api/sites/{other}/looks",
            new { name = "Theirs", definition = Look("#123456") }
        );
        var refusal = await _host.Owner.RefusedAsync(
            _host.Api + "listings",
            new
            {
                name = "Theft",
                definition = _talk.Definition(),
                lookId = look.Number("id"),
            }
        );
        Assert.Equal(["lookId"], refusal.Names("errors"));
    }

    [Theory]
    [InlineData("{\"colours\":{\"text\":\"reed\"}}", "definition.look.colours.text")]
    [InlineData("{\"padding\":500}", "definition.look.padding")]
    [InlineData("{\"titleType\":{\"family\":\"a;}\"}}", "definition.look.titleType.family")]
    [InlineData("{\"titleType\":{\"size\":2}}", "definition.look.titleType.size")]
    [InlineData("{\"separatorPicture\":\"javascript:x\"}", "definition.look.separatorPicture")]
    public async Task What_is_wrong_in_a_look_is_named(string look, string field)
    {
        var definition = _talk.Definition();
        definition["look"] = JsonNode.Parse(look);
        Assert.Equal(
            [field],
            (await _host.Owner.RefusedAsync(_host.Api + "listings", new { name = "Wrong", definition })).Names("errors")
        );
    }

    [Fact]
    public async Task The_preview_tells_contrast_and_what_is_wrong_with_the_css()
    {
        var definition = _talk.Definition();
        definition["look"] = JsonNode.Parse("""{"colours":{"byline":"#a9a58f"},"css":"title {\n  colr: red;\n}"}""");
        var preview = await _host.Owner.PostJsonAsync(
            _host.Api + "listings/preview",
            new { definition, pageColours = new { background = "#ffffff", text = "#222222" } }
        );
        var byline = preview.Items("contrast").Single(pair => pair.Text("part") == "byline");
        Assert.Equal(("#a9a58f", "#ffffff"), (byline.Text("colour"), byline.Text("background")));
        Assert.True(byline.Has("nearest"));
        Assert.Equal(
            (2L, "“colr: red”: no such property. Did you mean color?"),
            (preview.Number("cssProblems.0.line"), preview.Text("cssProblems.0.message"))
        );
    }

    [Theory]
    [InlineData("longTitles", "Frost on the finder, Frost on the finder, Frost")]
    [InlineData("empty", "Nothing here yet.")]
    public async Task Hard_cases_can_be_looked_at(string sample, string seen)
    {
        var preview = await _host.Owner.PostJsonAsync(
            _host.Api + "listings/preview",
            new { definition = _talk.Definition(), sample }
        );
        Assert.Contains(seen, preview.Text("html"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_look_of_a_page_is_read_with_its_style_sheets()
    {
        _page.Answer = async http =>
        {
            var isSheet = http.Request.Path.Value!.EndsWith(".css", StringComparison.Ordinal);
            http.Response.StatusCode = http.Request.Path.Value!.Contains("lost", StringComparison.Ordinal) ? 404 : 200;
            http.Response.ContentType = isSheet ? "text/css" : "text/html";
            await http.Response.Body.WriteAsync(
                System.Text.Encoding.UTF8.GetBytes(
                    isSheet
                        ? "h2{color:#1c2b4a}"
                        : "<link rel=stylesheet href=/site.css><link rel=stylesheet href=/lost.css><style>main a{color:#8a5a12}</style><main><h2>Nights</h2><p>x <a href=/>y</a></p></main>"
                )
            );
        };
        var look = await _host.Owner.GetJsonAsync($"{_host.Api}looks/match?address={_page.Address}");
        var found = look.Items("found").ToDictionary(item => item.Text("property"));
        Assert.Equal(
            ("#1c2b4a", "h2", "site.css"),
            (found["heading"].Text("value"), found["heading"].Text("selector"), found["heading"].Text("sheet"))
        );
        Assert.Equal(("#8a5a12", "the page itself"), (found["link"].Text("value"), found["link"].Text("sheet")));
        Assert.Equal("lost.css", look.Text("missing.0"));
    }

    [Fact]
    public async Task A_page_whose_look_cannot_be_read_names_the_address()
    {
        _page.Say("gone", "text/plain", 410);
        var refusal = await (
            await _host.Owner.GetAsync($"{_host.Api}looks/match?address={_page.Address}")
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Contains("410", refusal.Text("errors.address.0"), StringComparison.Ordinal);
    }

    private static JsonObject Look(string heading) => new() { ["colours"] = new JsonObject { ["heading"] = heading } };

    private Task<Json> SaveAsync(string name, string heading) =>
        _host.Owner.PostJsonAsync(_host.Api + "looks", new { name, definition = Look(heading) });
}

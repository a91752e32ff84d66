using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Listings;

public sealed class OwnFieldListingTests(AntiphonHost host) : IClassFixture<AntiphonHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = host;

    public async Task InitializeAsync()
    {
        await _host.FreshSiteAsync();
        object[] fields =
        [
            new
            {
                key = "seeing",
                label = "Seeing",
                kind = "number",
                choices = Array.Empty<string>(),
                unit = "arcsec",
                isRequired = false,
                isPublic = true,
            },
            new
            {
                key = "desk",
                label = "Desk note",
                kind = "text",
                choices = Array.Empty<string>(),
                isRequired = false,
                isPublic = false,
            },
        ];
        await _host.Owner.PutJsonAsync($"{_host.Api}blogs/{_host.Blog}/fields", fields);
        await WriteAsync("Steady air", "1.5", "Observing");
        await WriteAsync("Boiling air", "4", "Solar");
        await _host.WriteAsync("Cloud");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task A_listing_takes_posts_by_an_own_field_and_shows_it_in_the_byline()
    {
        var listing = await ListAsync(
            new { fields = new[] { "seeing" } },
            new
            {
                fields = new[]
                {
                    new
                    {
                        key = "seeing",
                        comparison = "atMost",
                        value = "2",
                    },
                },
            }
        );
        var html = await _host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}.html");
        Assert.Contains("Steady air", html);
        Assert.Contains("Seeing: 1.5 arcsec", html);
        Assert.DoesNotContain("Boiling air", html);
        Assert.DoesNotContain("Cloud", html);
        var board = await _host.Owner.GetJsonAsync(_host.Api + "coverage");
        Assert.Contains(
            "“seeing”",
            board.Items("posts").Single(post => post.Text("title") == "Cloud").Text("cells.0.message")
        );
    }

    [Fact]
    public async Task What_only_the_team_sees_stays_out_of_listings_and_feeds()
    {
        var listing = await ListAsync(new { fields = new[] { "desk" } }, new { });
        Assert.DoesNotContain(
            "Desk note",
            await _host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}.html")
        );
        var blog = (await _host.Owner.GetJsonAsync(_host.Api + "blogs")).Text("0.key");
        var feed = await _host.Plain().GetStringAsync($"feeds/{blog}.atom");
        Assert.Contains(">1.5</field>", feed);
        Assert.DoesNotContain("desk", feed);
        Assert.Contains(
            "\"seeing\":\"1.5\"",
            (await _host.Plain().GetStringAsync($"feeds/{blog}.json")).Replace(
                " ",
                string.Empty,
                StringComparison.Ordinal
            )
        );
    }

    [Fact]
    public async Task A_category_takes_what_stands_below_it_as_soon_as_it_is_placed()
    {
        var listing = await ListAsync(
            new { },
            new
            {
                categories = new
                {
                    any = new[] { "Observing" },
                    all = Array.Empty<string>(),
                    none = Array.Empty<string>(),
                },
            }
        );
        var address = $"embed/listings/{listing.Text("key")}.html";
        Assert.DoesNotContain("Boiling air", await _host.Plain().GetStringAsync(address));
        await _host.Owner.PutJsonAsync(_host.Api + "terms/categories", new { name = "Solar", above = "Observing" });
        await Antiphon.Tests.Eventually.IsAsync(
            "the post of the category below",
            () => _host.Plain().GetStringAsync(address),
            html => html.Contains("Boiling air", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task A_condition_without_a_value_is_refused_at_its_place()
    {
        var problem = await _host.Owner.RefusedAsync(
            _host.Api + "listings",
            Request(
                new { },
                new
                {
                    fields = new[]
                    {
                        new
                        {
                            key = "seeing",
                            comparison = "is",
                            value = string.Empty,
                        },
                    },
                }
            )
        );
        Assert.Contains("must contain", problem.ToString());
    }

    private Task<Json> WriteAsync(string title, string seeing, string category) =>
        _host.Owner.PostJsonAsync(
            _host.Api + "posts",
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = "<p>Clear.</p>",
                status = "published",
                revision = 0,
                category,
                ownValues = new[] { new { key = "seeing", value = seeing }, new { key = "desk", value = "desk only" } },
            }
        );

    private Task<Json> ListAsync(object form, object filter) =>
        _host.Owner.PostJsonAsync(_host.Api + "listings", Request(form, filter));

    private object Request(object form, object filter)
    {
        object Terms() =>
            new
            {
                any = Array.Empty<string>(),
                all = Array.Empty<string>(),
                none = Array.Empty<string>(),
            };
        var filters = new Dictionary<string, object>
        {
            ["categories"] = Terms(),
            ["tags"] = Terms(),
            ["authors"] = Array.Empty<string>(),
            ["featuredOnly"] = false,
            ["withPictureOnly"] = false,
            ["maxAgeDays"] = null!,
            ["titleWords"] = null!,
        };
        foreach (var property in filter.GetType().GetProperties())
            filters[property.Name] = property.GetValue(filter)!;
        var forms = new Dictionary<string, object>
        {
            ["columns"] = 3,
            ["pictureSide"] = "start",
            ["ratio"] = "fourToThree",
            ["excerptWords"] = 30,
            ["separator"] = " · ",
            ["bylineAbove"] = false,
            ["tags"] = false,
            ["source"] = false,
            ["readingTime"] = false,
            ["comments"] = false,
            ["standInPicture"] = false,
            ["titleLength"] = null!,
            ["readMore"] = null!,
            ["datePattern"] = null!,
        };
        foreach (var property in form.GetType().GetProperties())
            forms[property.Name] = property.GetValue(form)!;
        return new
        {
            name = "Nights",
            definition = new
            {
                blogs = new[] { _host.Blog },
                count = 10,
                order = "newest",
                layout = "lines",
                heading = "Nights",
                details = new
                {
                    picture = true,
                    excerpt = true,
                    date = true,
                    author = true,
                    category = true,
                },
                form = forms,
                filter = filters,
            },
        };
    }
}

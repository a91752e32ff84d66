using System.Text.Json.Nodes;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Listings;

/// <summary>Keeping many listings: put away, carried as files, explained; and the finer points of entries.</summary>
public sealed class ListingKeepingTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private readonly ListingTalk _talk = new(host);

    [Fact]
    public async Task An_archived_listing_leaves_the_board_and_pages_keep_it()
    {
        var listing = await _talk.BuildAsync(_ => { });
        var key = $"listing-{listing.Number("id")}";
        await host.Owner.PostJsonAsync($"{host.Api}listings/{listing.Number("id")}/archive");
        Assert.DoesNotContain((await host.Owner.GetJsonAsync(host.Api + "coverage")).Items("places"), place =>
            place.Text("key") == key
        );
        Assert.True(
            (await host.Owner.GetJsonAsync(host.Api + "listings"))
                .Items()
                .Single(item => item.Number("id") == listing.Number("id"))
                .Has("archivedAt")
        );
        Assert.Contains("antiphon-listing", await _talk.HtmlAsync(listing), StringComparison.Ordinal);
        var back = await HttpTalk.GoodAsync(
            await host.Owner.DeleteAsync($"{host.Api}listings/{listing.Number("id")}/archive")
        );
        Assert.False(back.Has("archivedAt"));
    }

    [Fact]
    public async Task A_listing_carried_as_a_file_comes_in_the_same()
    {
        var post = await _talk.WriteAsync("Pinned for good");
        var listing = await _talk.BuildAsync(definition =>
        {
            definition["pinned"] = new JsonArray(post.Number("id"));
            definition["look"] = new JsonObject { ["radius"] = 9 };
        });
        var file = await host.Owner.GetJsonAsync($"{host.Api}listings/{listing.Number("id")}/file");
        var brought = await host.Owner.PostJsonAsync(host.Api + "listings/file", file.Root);
        Assert.Equal(
            (post.Text("id"), "9"),
            (brought.Text("listing.definition.pinned.0"), brought.Text("listing.definition.look.radius"))
        );
        Assert.NotEqual(listing.Text("key"), brought.Text("listing.key"));
        Assert.Empty(brought.Items("leftOut"));
    }

    [Fact]
    public async Task What_a_file_names_and_the_site_lacks_is_told()
    {
        var post = await _talk.WriteAsync("Stays behind");
        var listing = await _talk.BuildAsync(definition => definition["pinned"] = new JsonArray(post.Number("id")));
        var file = await host.Owner.GetJsonAsync($"{host.Api}listings/{listing.Number("id")}/file");
        var other = (
            await host.Owner.PostJsonAsync(
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
        Assert.Equal(
            ["blogs"],
            (await host.Owner.RefusedAsync($"api/sites/{other}/listings/file", file.Root!)).Names("errors")
        );
        await host.Owner.PostJsonAsync($"api/sites/{other}/blogs", new { name = "the night log" });
        var brought = await host.Owner.PostJsonAsync($"api/sites/{other}/listings/file", file.Root);
        Assert.Equal("The place of “Stays behind”", brought.Text("leftOut.0"));
    }

    [Theory]
    [InlineData("{}", "format")]
    [InlineData("{\"format\":\"antiphon-listing\",\"version\":2}", "version")]
    public async Task A_file_that_is_no_listing_is_refused_with_the_field(string json, string field) =>
        Assert.Contains(
            field,
            (await host.Owner.RefusedAsync(host.Api + "listings/file", JsonNode.Parse(json)!)).Names("errors")
        );

    [Fact]
    public async Task The_builder_tells_why_a_post_is_not_there()
    {
        await _talk.WriteAsync("Explained one", ["explained"]);
        await _talk.WriteAsync("Explained two");
        var definition = _talk.Definition();
        definition["filter"] = ListingTalk.Filter("explained");
        var places = await host.Owner.PostJsonAsync(host.Api + "listings/explain?search=explained", new { definition });
        Assert.Equal(("true", "Shown, number 1 of 1."), Found("Explained one"));
        Assert.Equal(("false", "The listing's choice of tags leaves it out (explained)."), Found("Explained two"));

        (string Shown, string Why) Found(string title)
        {
            var place = places.Items().Single(item => item.Text("title") == title);
            return (place.Text("isShown"), place.Text("why"));
        }
    }

    [Fact]
    public async Task Parts_stand_in_the_order_asked_for_and_excerpts_end_with_a_sentence()
    {
        await _talk.WriteAsync("Parts", ["parts"], null, "<p>One two three. Four five six seven eight nine ten.</p>");
        var listing = await _talk.BuildAsync(definition =>
        {
            definition["filter"] = ListingTalk.Filter("parts");
            definition["form"] = ListingTalk.Form(form =>
            {
                form["parts"] = new JsonArray("excerpt", "title");
                form["excerptCharacters"] = 30;
                form["excerptAtSentence"] = true;
            });
        });
        var html = await _talk.HtmlAsync(listing);
        var (excerpt, title, byline) = (
            html.IndexOf(">One two three.<", StringComparison.Ordinal),
            html.IndexOf("<h3 class=\"antiphon-title\"", StringComparison.Ordinal),
            html.IndexOf("<p class=\"antiphon-byline\"", StringComparison.Ordinal)
        );
        Assert.True(excerpt > 0 && excerpt < title && title < byline, html);
    }

    [Fact]
    public async Task A_picture_keeps_its_point_and_stands_behind_a_veil()
    {
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title = "Focus",
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                tags = new[] { "focus" },
                pictureAddress = "https://quillmoor.example/dome.jpg",
                focusX = 20,
                focusY = 80,
            }
        );
        var html = await _talk.HtmlAsync(
            await _talk.BuildAsync(definition =>
            {
                definition["filter"] = ListingTalk.Filter("focus");
                definition["form"] = ListingTalk.Form(form => form["picturePlace"] = "behind");
            })
        );
        Assert.Contains(".antiphon-focus-20-80{object-position:20% 80%}", html, StringComparison.Ordinal);
        Assert.Contains("class=\"antiphon-picture antiphon-focus-20-80\"", html, StringComparison.Ordinal);
        Assert.Contains("background:rgb(0 0 0 / var(--antiphon-veil))", html, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Two_layouts_in_one_page_do_not_share_their_rules()
    {
        await _talk.WriteAsync("Scoped");
        var html = await _talk.HtmlAsync(await _talk.BuildAsync(definition => definition["layout"] = "columns"));
        Assert.Contains(".antiphon-columns{\n&.antiphon-1-columns", html, StringComparison.Ordinal);
        Assert.DoesNotContain("\n.antiphon-columns .antiphon", html, StringComparison.Ordinal);
    }
}

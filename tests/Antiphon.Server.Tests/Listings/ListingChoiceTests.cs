using System.Net;
using System.Text.Json.Nodes;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Listings;

/// <summary>Conditions, orders, pages and forms over HTTP; the choosing itself is tested in the core.</summary>
public sealed class ListingChoiceTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private readonly ListingTalk _talk = new(host);

    [Fact]
    public async Task A_condition_narrows_the_listing_and_the_board_says_so()
    {
        var kept = await WriteAsync("Comet over the quarry", tags: ["comet"]);
        var left = await WriteAsync("Fog over the quarry", tags: ["fog"]);
        var listing = await BuildAsync(definition => definition["filter"] = Filter(tagsAny: ["comet"]));
        var entries = (await JsonAsync(listing)).Items("entries").Select(entry => entry.Text("title")).ToList();
        Assert.Contains("Comet over the quarry", entries);
        Assert.DoesNotContain("Fog over the quarry", entries);
        var board = await host.Owner.GetJsonAsync(host.Api + "coverage");
        var place = board
            .Items("places")
            .ToList()
            .FindIndex(item => item.Text("key") == $"listing-{listing.Number("id")}");
        Assert.Equal("due", Cell(board, kept, place).Text("mark"));
        Assert.Equal(
            ("filteredOut", "The listing's choice of tags leaves it out (comet)."),
            (Cell(board, left, place).Text("reason"), Cell(board, left, place).Text("message"))
        );
    }

    [Fact]
    public async Task Pages_are_links_that_work_without_script()
    {
        for (var i = 1; i <= 5; i++)
            await WriteAsync($"Paged night {i}", tags: ["paged"]);
        var listing = await BuildAsync(definition =>
        {
            definition["filter"] = Filter(tagsAny: ["paged"]);
            definition["count"] = 2;
            definition["paging"] = "previousNext";
        });
        var first = await HtmlAsync(listing);
        Assert.Contains("Paged night 5", first, StringComparison.Ordinal);
        Assert.Contains(
            $"href=\"{host.Address}embed/listings/{listing.Text("key")}?page=2\" rel=\"next\"",
            first,
            StringComparison.Ordinal
        );
        var last = await host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}?page=3");
        Assert.Contains("Paged night 1", last, StringComparison.Ordinal);
        Assert.DoesNotContain("rel=\"next\"", last, StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await host.Plain().GetAsync($"embed/listings/{listing.Text("key")}?page=4")).StatusCode
        );
    }

    [Theory]
    [InlineData("0")]
    [InlineData("-1")]
    [InlineData("x")]
    public async Task A_page_that_is_none_is_no_crash(string page)
    {
        var answer = await host.Plain()
            .GetAsync($"embed/listings/{(await BuildAsync(_ => { })).Text("key")}.html?page={page}");
        Assert.InRange((int)answer.StatusCode, 200, 404);
    }

    [Fact]
    public async Task A_tag_of_the_cloud_leads_to_its_posts()
    {
        await WriteAsync("Orion and the farm lamp", tags: ["lamps & light"]);
        var listing = await BuildAsync(definition => definition["layout"] = "tagCloud");
        Assert.Contains(
            "?view=tag/lamps%20%26%20light\">lamps &amp; light",
            await HtmlAsync(listing),
            StringComparison.Ordinal
        );
        var page = await host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}?tag=lamps%20%26%20light");
        Assert.Contains("Orion and the farm lamp", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_post_of_the_page_itself_can_be_left_out()
    {
        var post = await WriteAsync("Read just now", tags: ["current"]);
        await WriteAsync("Read next", tags: ["current"]);
        var listing = await BuildAsync(definition =>
        {
            definition["filter"] = Filter(tagsAny: ["current"]);
            definition["leaveOutCurrent"] = true;
        });
        var html = await host.Plain()
            .GetStringAsync(
                $"embed/listings/{listing.Text("key")}.html?at={Uri.EscapeDataString(post.Text("address") + "?utm_source=mail")}"
            );
        Assert.DoesNotContain("Read just now", html, StringComparison.Ordinal);
        Assert.Contains("Read next", html, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("lines", "antiphon-lines")]
    [InlineData("columns", "antiphon-columns")]
    [InlineData("rows", "antiphon-rows")]
    [InlineData("bricks", "antiphon-bricks")]
    [InlineData("zigzag", "antiphon-zigzag")]
    [InlineData("carousel", "data-moving=\"carousel\"")]
    [InlineData("ticker", "data-moving=\"ticker\"")]
    [InlineData("archive", "<details class=\"antiphon-month\"")]
    [InlineData("tagCloud", "antiphon-cloud")]
    [InlineData("categoryIndex", "antiphon-categories")]
    [InlineData("wholeBlog", "antiphon-places")]
    public async Task Every_layout_has_its_form_real_links_and_no_style_attribute(string layout, string mark)
    {
        await WriteAsync("\"><script>alert(1)</script> " + new string('w', 200), tags: ["<b>"], category: "<b>Nights");
        var html = await HtmlAsync(await BuildAsync(definition => definition["layout"] = layout));
        Assert.Contains(mark, html, StringComparison.Ordinal);
        Assert.Contains("<a ", html, StringComparison.Ordinal);
        Assert.DoesNotContain(
            "<script",
            html.Replace("<script type=\"application/ld+json\">", string.Empty, StringComparison.Ordinal),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("alert(1)</script>", html, StringComparison.Ordinal);
        Assert.DoesNotContain("<b>", html, StringComparison.Ordinal);
        Assert.DoesNotContain(" style=", html, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_stands_around_and_in_the_entries_is_as_asked()
    {
        await WriteAsync("Perseids under the blankets in the car park", tags: ["framed"]);
        var html = await HtmlAsync(
            await BuildAsync(definition =>
            {
                definition["filter"] = Filter(tagsAny: ["framed"]);
                definition["heading"] = "Latest";
                definition["frame"] = new JsonObject
                {
                    ["headingLevel"] = 3,
                    ["headingLink"] = "https://quillmoor.example/log",
                    ["introduction"] = "Every night, clear or not.",
                    ["closingText"] = "All posts",
                    ["closingLink"] = null,
                    ["feedLink"] = true,
                };
                definition["form"] = new JsonObject
                {
                    ["columns"] = 2,
                    ["pictureSide"] = "end",
                    ["ratio"] = "square",
                    ["titleLength"] = 20,
                    ["excerptWords"] = 3,
                    ["separator"] = " / ",
                    ["bylineAbove"] = true,
                    ["readMore"] = "Read on",
                    ["tags"] = true,
                    ["source"] = true,
                    ["readingTime"] = true,
                    ["comments"] = true,
                    ["datePattern"] = "yyyy",
                    ["standInPicture"] = true,
                };
            })
        );
        foreach (
            var part in new[]
            {
                "<h3 class=\"antiphon-heading\" part=\"heading\"><a href=\"https://quillmoor.example/log\">Latest</a></h3>",
                "Every night, clear or not.",
                ">All posts</a>",
                "Subscribe to feed",
                "<h4 class=\"antiphon-title\"",
                "Perseids under the…",
                "aria-label=\"Read on: Perseids under the…\"",
                "<span part=\"tag\">framed</span>",
                "from <a href=",
                "1 min",
                "0 comments",
                $">{DateTimeOffset.UtcNow.Year}</time> / Imogen Tarrant",
                "<svg class=\"antiphon-picture\"",
            }
        )
        {
            Assert.Contains(part, html, StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_published_comment_changes_what_a_listing_counts()
    {
        var post = await WriteAsync("Counted", tags: ["counted"]);
        var listing = await BuildAsync(definition =>
        {
            definition["filter"] = Filter(tagsAny: ["counted"]);
            definition["form"] = JsonNode.Parse(
                """{"columns":3,"pictureSide":"start","ratio":"fourToThree","titleLength":null,"excerptWords":30,"separator":" · ","bylineAbove":false,"readMore":null,"tags":false,"source":false,"readingTime":false,"comments":true,"datePattern":null,"standInPicture":false}"""
            );
        });
        Assert.Contains("0 comments", await HtmlAsync(listing), StringComparison.Ordinal);
        var id = post.Number("id");
        var identifier = await host.InDatabaseAsync(database =>
            database.Threads.Where(thread => thread.PostId == id).Select(thread => thread.Identifier).SingleAsync()
        );
        var talk = new Comments.ThreadTalk(
            host,
            (await host.Owner.GetJsonAsync(host.Api.TrimEnd('/'))).Text("publicKey"),
            identifier,
            post.Text("address")
        );
        await talk.WriteAsync("Wilf", "One");
        await talk.DecideAllAsync("public");
        await Eventually.TrueAsync("the new number", async () =>
            (await HtmlAsync(listing)).Contains("1 comment<", StringComparison.Ordinal)
        );
    }

    [Theory]
    [InlineData("{\"filter\":null}", "definition.filter")]
    [InlineData("{\"form\":null}", "definition.form")]
    [InlineData("{\"frame\":null}", "definition.frame")]
    [InlineData("{\"mostPerBlog\":0}", "definition.mostPerBlog")]
    [InlineData("{\"moveSeconds\":1}", "definition.moveSeconds")]
    [InlineData(
        "{\"filter\":{\"categories\":null,\"tags\":{\"any\":[],\"all\":[],\"none\":[]},\"authors\":[]}}",
        "definition.filter.categories"
    )]
    [InlineData(
        "{\"filter\":{\"categories\":{\"any\":[],\"all\":[],\"none\":[]},\"tags\":{\"any\":null},\"authors\":[]}}",
        "definition.filter.tags.any"
    )]
    public async Task What_is_wrong_in_a_definition_is_named(string change, string field)
    {
        var definition = Definition();
        foreach (var (name, value) in JsonNode.Parse(change)!.AsObject().ToList())
            definition[name] = value?.DeepClone();
        var refusal = await host.Owner.RefusedAsync(host.Api + "listings", new { name = "Wrong", definition });
        Assert.Equal([field], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_definition_stored_before_conditions_existed_still_works()
    {
        await WriteAsync("Long ago");
        var listing = await BuildAsync(_ => { });
        var old =
            $$"""{"blogs":[{{host.Blog}}],"count":1,"order":"Newest","details":{"picture":true,"excerpt":false,"date":true,"author":false,"category":false},"layout":"Lines","heading":"Old"}""";
        var id = listing.Number("id");
        await host.InDatabaseAsync(database =>
            database.Database.ExecuteSqlAsync($"UPDATE Listings SET Definition = {old} WHERE Id = {id}")
        );
        Assert.Equal(
            "everything",
            (await host.Owner.GetJsonAsync($"{host.Api}listings/{id}")).Has("definition.filter") ? "everything" : "lost"
        );
        await Eventually.TrueAsync("the old heading", async () =>
            (await HtmlAsync(listing)).Contains(">Old<", StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task A_copy_shows_the_same_under_a_key_of_its_own()
    {
        var listing = await BuildAsync(definition => definition["order"] = "title");
        var copy = await host.Owner.PostJsonAsync($"{host.Api}listings/{listing.Number("id")}/copy");
        Assert.Equal(("Copy of Built", "title"), (copy.Text("name"), copy.Text("definition.order")));
        Assert.NotEqual(listing.Text("key"), copy.Text("key"));
    }

    [Fact]
    public async Task Words_in_use_come_with_the_most_used_first()
    {
        await WriteAsync("A", tags: ["often", "seldom"]);
        await WriteAsync("B", tags: ["often"]);
        var tags = (await host.Owner.GetJsonAsync(host.Api + "posts/terms"))
            .Items("tags")
            .Select(tag => tag.ToString().Trim('"'))
            .ToList();
        Assert.True(tags.IndexOf("often") < tags.IndexOf("seldom"));
    }

    private static Json Cell(Json board, Json post, int place) =>
        board.Items("posts").Single(row => row.Number("postId") == post.Number("id")).Items("cells")[place];

    private JsonObject Definition() => _talk.Definition();

    private static JsonObject Filter(string[] tagsAny) => ListingTalk.Filter(tagsAny);

    private Task<Json> BuildAsync(Action<JsonObject> change) => _talk.BuildAsync(change);

    private Task<Json> WriteAsync(string title, string[]? tags = null, string? category = null) =>
        _talk.WriteAsync(title, tags, category);

    private Task<string> HtmlAsync(Json listing) => _talk.HtmlAsync(listing);

    private Task<Json> JsonAsync(Json listing) =>
        host.Plain().GetJsonAsync($"embed/listings/{listing.Text("key")}.json");
}

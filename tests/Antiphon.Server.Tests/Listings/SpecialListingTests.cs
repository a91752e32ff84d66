using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Listings;

/// <summary>Related posts, search, and a whole blog in one page.</summary>
public sealed class SpecialListingTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Home = "https://quillmoor.example/night-log";
    private readonly ListingTalk _talk = new(host);

    [Fact]
    public async Task Related_posts_are_like_the_post_of_the_page_and_say_by_what()
    {
        var current = await _talk.WriteAsync(
            "Geminids over the moor",
            ["geminids"],
            "Meteors",
            "<p>The radiant rose behind the quarry and we counted trails until the dew won.</p>"
        );
        await _talk.WriteAsync("Geminids again", ["geminids"], "Meteors", "<p>Trails from the radiant all night.</p>");
        await _talk.WriteAsync(
            "Counting by the quarry",
            null,
            null,
            "<p>Behind the quarry the radiant and its trails, before the dew.</p>"
        );
        await _talk.WriteAsync("Accounts of the tea urn", ["urn"], "House", "<p>It boils, slowly.</p>");
        var listing = await _talk.BuildAsync(definition => definition["order"] = "related");
        var at = "?at=" + Uri.EscapeDataString(current.Text("address"));
        var entries = (await host.Plain().GetJsonAsync($"embed/listings/{listing.Text("key")}.json{at}")).Items(
            "entries"
        );
        Assert.Equal("Geminids again", entries[0].Text("title"));
        Assert.Equal(["Meteors", "geminids"], new[] { "relatedBy.0", "relatedBy.1" }.Select(entries[0].Text));
        Assert.Contains("radiant", entries[0].Text("relatedBy"), StringComparison.Ordinal);
        Assert.Contains(entries, entry => entry.Text("title") == "Counting by the quarry");
        Assert.DoesNotContain(entries, entry =>
            entry.Text("title") is "Accounts of the tea urn" or "Geminids over the moor"
        );
        Assert.Contains(
            "Accounts of the tea urn",
            await _talk.HtmlAsync(listing, "?at=https://quillmoor.example/visit"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_search_finds_titles_and_texts_and_marks_the_words()
    {
        await _talk.WriteAsync(
            "The ashen light",
            null,
            null,
            "<p>Some say the night side of Venus glows like a café lamp; we saw nothing of the kind.</p>"
        );
        var listing = await _talk.BuildAsync(definition => definition["layout"] = "search");
        Assert.Contains("role=\"search\"", await _talk.HtmlAsync(listing), StringComparison.Ordinal);
        Assert.DoesNotContain("The ashen light", await _talk.HtmlAsync(listing), StringComparison.Ordinal);
        var found = await _talk.HtmlAsync(listing, "?q=venus+cafe");
        Assert.Contains("1 post found.", found, StringComparison.Ordinal);
        Assert.Contains("<mark>Venus</mark>", found, StringComparison.Ordinal);
        Assert.Contains("<mark>caf&#233;</mark>", found, StringComparison.Ordinal);
        Assert.Contains(
            "The <mark>ashen</mark> light",
            await _talk.HtmlAsync(listing, "?q=ashe"),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("zzzz", "No posts found.")]
    [InlineData("%22 OR * NEAR(", "No posts found.")]
    [InlineData("%3Cscript%3E", "value=\"&lt;script&gt;\"")]
    [InlineData("...", "role=\"search\"")]
    public async Task Whatever_is_searched_for_has_an_answer(string typed, string seen)
    {
        var listing = await _talk.BuildAsync(definition => definition["layout"] = "search");
        Assert.Contains(seen, await _talk.HtmlAsync(listing, "?q=" + typed), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_changed_post_is_found_by_its_new_words_only()
    {
        var post = await _talk.WriteAsync("Finder", null, null, "<p>quincunx</p>");
        var listing = await _talk.BuildAsync(definition => definition["layout"] = "search");
        await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{post.Number("id")}",
            new
            {
                blogId = host.Blog,
                title = "Finder",
                bodyHtml = "<p>trapezium</p>",
                status = "published",
                revision = post.Number("revision"),
            }
        );
        await Eventually.TrueAsync("the new word", async () =>
            (await _talk.HtmlAsync(listing, "?q=trapezium")).Contains("Finder", StringComparison.Ordinal)
        );
        Assert.Contains("No posts found.", await _talk.HtmlAsync(listing, "?q=quincunx"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_whole_blog_lives_in_one_page_and_its_posts_have_their_addresses_there()
    {
        var post = await _talk.WriteAsync("Saturn before the clouds came", ["saturn"], "Planets");
        var listing = await _talk.BuildAsync(definition => definition["layout"] = "wholeBlog", Home);
        var address = $"{Home}?antiphon=post/{Key(await PostAsync(post))}/saturn-before-the-clouds-came";
        Assert.Equal(address, (await PostAsync(post)).Text("address"));
        var at = "?at=" + Uri.EscapeDataString(address + "&theme=old");
        var html = await _talk.HtmlAsync(listing, at);
        Assert.Contains($"data-canonical=\"{address}\"", html, StringComparison.Ordinal);
        Assert.Contains("Clear from nine until the clouds came.", html, StringComparison.Ordinal);
        Assert.Contains("\"@type\":\"BlogPosting\"", html, StringComparison.Ordinal);
        Assert.Contains($"href=\"{Home}?theme=old&amp;antiphon=category/Planets\"", html, StringComparison.Ordinal);
        Assert.Contains(
            $"<link rel=\"canonical\" href=\"{address}\"",
            await host.Plain().GetStringAsync($"posts/{Key(await PostAsync(post))}/saturn-before-the-clouds-came"),
            StringComparison.Ordinal
        );
        foreach (
            var (view, seen) in new[]
            {
                ("category/Planets", "Saturn before"),
                ("tag/saturn", "Saturn before"),
                ($"month/{DateTimeOffset.UtcNow:yyyy-MM}", "Saturn before"),
                ("archive", "antiphon-month"),
                ("categories", "antiphon-categories"),
                ("search/saturn", "<mark>Saturn</mark>"),
                ("post/none", "This post is not available"),
            }
        )
        {
            Assert.Contains(
                seen,
                await _talk.HtmlAsync(listing, $"?at={Uri.EscapeDataString($"{Home}?antiphon={view}")}"),
                StringComparison.Ordinal
            );
        }

        await host.Owner.PostJsonAsync($"{host.Api}listings/{listing.Number("id")}/archive");
        Assert.StartsWith(host.Address.AbsoluteUri, (await PostAsync(post)).Text("address"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Baked_links_of_a_whole_blog_work_without_script()
    {
        var post = await _talk.WriteAsync("Read without script");
        var listing = await _talk.BuildAsync(definition => definition["layout"] = "wholeBlog");
        var link = $"{host.Address}embed/listings/{listing.Text("key")}?view=post/{Key(post)}";
        var snippet = (await host.Owner.GetJsonAsync($"{host.Api}listings/{listing.Number("id")}/snippet")).Text(
            "snippet"
        );
        Assert.Contains($"href=\"{link}\"", snippet, StringComparison.Ordinal);
        Assert.Contains(
            "<title>Read without script</title>",
            await host.Plain().GetStringAsync(link),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task The_reading_panel_gets_the_post_alone_and_only_one_that_fits()
    {
        var kept = await _talk.WriteAsync("In the panel", ["panel"]);
        var left = await _talk.WriteAsync("Not in the panel");
        var listing = await _talk.BuildAsync(definition =>
        {
            definition["leads"] = "readingPanel";
            definition["filter"] = ListingTalk.Filter("panel");
        });
        Assert.Contains($"data-view=\"post/{Key(kept)}\"", await _talk.HtmlAsync(listing), StringComparison.Ordinal);
        Assert.Contains(
            "<article class=\"antiphon-post\"",
            await _talk.HtmlAsync(listing, $"?view=post/{Key(kept)}"),
            StringComparison.Ordinal
        );
        Assert.Equal(
            System.Net.HttpStatusCode.NotFound,
            (await host.Plain().GetAsync($"embed/listings/{listing.Text("key")}.html?view=post/{Key(left)}")).StatusCode
        );
    }

    [Fact]
    public async Task An_entry_can_lead_to_what_the_post_is_about()
    {
        await host.Owner.PostJsonAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title = "Elsewhere",
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                tags = new[] { "about" },
                aboutAddress = "https://moorwalkers.example/report",
            }
        );
        var listing = await _talk.BuildAsync(definition =>
        {
            definition["leads"] = "source";
            definition["filter"] = ListingTalk.Filter("about");
        });
        Assert.Contains(
            "href=\"https://moorwalkers.example/report\"",
            await _talk.HtmlAsync(listing),
            StringComparison.Ordinal
        );
    }

    private static string Key(Json post) =>
        post.Text("address").Split("post/").Last().Split("posts/").Last().Split('/')[0];

    private Task<Json> PostAsync(Json post) => host.Owner.GetJsonAsync($"{host.Api}posts/{post.Number("id")}");
}

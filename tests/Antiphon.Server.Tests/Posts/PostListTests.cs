using System.Net;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Posts;

/// <summary>The list of posts: found, ordered, changed in the row and many at a time.</summary>
public sealed class PostListTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Theory]
    [InlineData("newest", true)]
    [InlineData("oldest", false)]
    [InlineData("changed", true)]
    [InlineData("title", false)]
    public async Task Every_order_pages_through_every_post_once(string order, bool isBackward)
    {
        var word = $"Order{order}";
        string[] names = ["alpha", "Beta", "gamma", "Delta"];
        for (var i = 0; i < 53; i++)
            await host.WriteAsync($"{names[i % 4]} {word} {i:00}", i % 3 == 0 ? "draft" : "published");
        var seen = new List<Json>();
        for (string? after = string.Empty; after is not null; )
        {
            var page = await host.Owner.GetJsonAsync(
                $"{host.Api}posts?search={word}&sort={order}&after={Uri.EscapeDataString(after)}"
            );
            Assert.Equal(53, page.Number("total"));
            seen.AddRange(page.Items("posts"));
            after = page.Has("next") ? page.Text("next") : null;
        }

        Assert.Equal(53, seen.Select(post => post.Number("id")).Distinct().Count());
        if (order == "title")
            Assert.Equal(
                seen.Select(post => post.Text("title")).Order(StringComparer.OrdinalIgnoreCase),
                seen.Select(post => post.Text("title"))
            );
        else
            Assert.Equal(
                isBackward
                    ? seen.Select(post => post.Number("id")).OrderDescending()
                    : seen.Select(post => post.Number("id")).Order(),
                seen.Select(post => post.Number("id"))
            );
    }

    [Fact]
    public async Task A_list_can_be_had_without_counting_and_the_number_by_itself()
    {
        var word = $"Count{Guid.NewGuid():N}";
        for (var i = 0; i < 3; i++)
            await host.WriteAsync($"{word} {i}");
        var page = await host.Owner.GetJsonAsync($"{host.Api}posts?search={word}&counted=false");
        Assert.Equal((3, false), (page.Items("posts").Count, page.Has("total")));
        Assert.Equal(3, (await host.Owner.GetJsonAsync($"{host.Api}posts/count?search={word}")).Number("total"));
    }

    [Fact]
    public async Task The_list_is_narrowed_by_what_posts_are()
    {
        var tag = $"t{Guid.NewGuid():N}";
        var post = await SaveAsync(
            new
            {
                blogId = host.Blog,
                title = "Narrow one",
                bodyHtml = "<p>Sastrugi</p><img src=\"https://a.example/a.png\">",
                author = "Wilf Ormerod",
                category = "Hoar frost",
                tags = new[] { tag, "cold" },
                status = "draft",
                revision = 0,
            }
        );
        await SaveAsync(
            new
            {
                blogId = host.Blog,
                title = "Narrow two",
                bodyHtml = "<p>Thaw</p>",
                author = "Hedda",
                category = "Thaw",
                tags = new[] { "warm" },
                status = "draft",
                revision = 0,
            }
        );
        foreach (
            var filter in new[]
            {
                $"tag={tag}",
                "author=Wilf%20Ormerod",
                "category=Hoar%20frost",
                "search=sastr",
                "search=Narrow&withFindings=true",
                $"tag={tag}&from=2020-01-01T00:00:00Z&to=2099-01-01T00:00:00Z",
            }
        )
        {
            Assert.Equal(
                [post],
                (await host.Owner.GetJsonAsync($"{host.Api}posts?{filter}"))
                    .Items("posts")
                    .Select(item => item.Number("id"))
            );
        }

        Assert.Empty(
            (await host.Owner.GetJsonAsync($"{host.Api}posts?tag={tag}&to=2020-01-01T00:00:00Z")).Items("posts")
        );
        Assert.Empty((await host.Owner.GetJsonAsync($"{host.Api}posts?search=%22%27")).Items("posts"));
    }

    [Fact]
    public async Task A_row_is_changed_without_opening_the_post()
    {
        var post = await host.WriteAsync("Row before");
        var path = $"{host.Api}posts/{post.Number("id")}/row";
        object Row(long revision, string? date = "2024-02-29T20:00:00Z") =>
            new
            {
                revision,
                title = "Row after",
                slug = "row-after",
                publishedAt = date,
                category = "Frost",
                tags = new[] { "cold" },
                author = "Wilf",
                commentsOff = true,
            };
        var row = await host.Owner.PutJsonAsync(path, Row(1));
        Assert.Equal(
            ("Row after", "row-after", "Wilf", "true"),
            (row.Text("title"), row.Text("slug"), row.Text("author"), row.Text("commentsOff"))
        );
        Assert.StartsWith("2024-02-29T20:00:00", row.Text("publishedAt"), StringComparison.Ordinal);
        Assert.Equal(2, (await host.Owner.GetJsonAsync($"{host.Api}posts/{post.Number("id")}/versions")).Items().Count);
        using var stale = System.Net.Http.Json.JsonContent.Create(Row(1));
        Assert.Equal(HttpStatusCode.Conflict, (await host.Owner.PutAsync(path, stale)).StatusCode);
        using var future = System.Net.Http.Json.JsonContent.Create(Row(2, "2199-01-01T00:00:00Z"));
        Assert.Equal(
            ["publishedAt"],
            (await (await host.Owner.PutAsync(path, future)).ProblemAsync(HttpStatusCode.BadRequest)).Names("errors")
        );
    }

    [Fact]
    public async Task A_copy_is_a_draft_of_its_own()
    {
        var post = await host.WriteAsync("Copied", body: "<p>Same words</p>");
        var copy = await host.Owner.PostJsonAsync($"{host.Api}posts/{post.Number("id")}/copy");
        Assert.Equal(("Copied (copy)", "draft"), (copy.Text("title"), copy.Text("status")));
        Assert.NotEqual(post.Text("slug"), copy.Text("slug"));
        Assert.Equal(
            "<p>Same words</p>",
            (await host.Owner.GetJsonAsync($"{host.Api}posts/{copy.Number("id")}")).Text("bodyHtml")
        );
    }

    [Fact]
    public async Task A_change_to_many_says_first_how_many_it_touches()
    {
        var ids = await ManyAsync("Forecast", 4);
        await ChangeAsync(
            new
            {
                posts = ids[..1],
                kind = "addTags",
                words = new[] { "moor" },
            }
        );
        var forecast = await host.Owner.PostJsonAsync(
            $"{host.Api}posts/bulk/forecast",
            new
            {
                posts = ids,
                kind = "addTags",
                words = new[] { "moor" },
            }
        );
        Assert.Equal((3, 1, 0), (forecast.Number("posts"), forecast.Number("unchanged"), forecast.Number("followed")));
        Assert.Equal(
            3,
            (
                await ChangeAsync(
                    new
                    {
                        posts = ids,
                        kind = "addTags",
                        words = new[] { "moor" },
                    }
                )
            ).Number("posts")
        );
    }

    [Theory]
    [InlineData("category", "category", "Frost")]
    [InlineData("author", "author", "Wilf")]
    public async Task A_change_to_many_is_taken_back_where_nobody_has_worked_since(
        string kind,
        string member,
        string word
    )
    {
        var ids = await ManyAsync($"Undone {kind}", 3);
        var before = (await GetAsync(ids[0])).Has(member) ? (await GetAsync(ids[0])).Text(member) : null;
        var change = await ChangeAsync(
            new
            {
                posts = ids,
                kind,
                words = new[] { word },
            }
        );
        Assert.Equal(word, (await GetAsync(ids[0])).Text(member));
        var worked = await GetAsync(ids[2]);
        await host.Owner.PutJsonAsync(
            $"{host.Api}posts/{ids[2]}",
            new
            {
                blogId = host.Blog,
                title = "Worked on",
                bodyHtml = "<p>x</p>",
                author = "Joan",
                category = "Fog",
                status = "draft",
                revision = worked.Number("revision"),
            }
        );
        var undone = await host.Owner.PostJsonAsync($"{host.Api}posts/bulk/{change.Number("change")}/undo");
        Assert.Equal((2, 1), (undone.Number("posts"), undone.Number("kept")));
        var after = await GetAsync(ids[0]);
        Assert.Equal(before, after.Has(member) ? after.Text(member) : null);
        Assert.Equal("Worked on", (await GetAsync(ids[2])).Text("title"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await host.Owner.PostAsync($"{host.Api}posts/bulk/{change.Number("change")}/undo", null)).StatusCode
        );
    }

    [Fact]
    public async Task Everything_found_is_changed_without_naming_each()
    {
        var word = $"w{Guid.NewGuid():N}";
        await ManyAsync(word, 60);
        var result = await ChangeAsync(
            new
            {
                found = new
                {
                    search = word,
                    withFindings = false,
                    bin = false,
                },
                kind = "comments",
                isOn = false,
            }
        );
        Assert.Equal(60, result.Number("posts"));
        Assert.All((await host.Owner.GetJsonAsync($"{host.Api}posts?search={word}")).Items("posts"), post =>
            Assert.Equal("true", post.Text("commentsOff"))
        );
    }

    [Fact]
    public async Task What_is_put_into_the_bin_is_gone_for_readers_and_can_be_had_back()
    {
        var post = await host.WriteAsync("Binned words");
        var (id, address) = (post.Number("id"), post.Text("address"));
        var listing = await host.ListAsync(50);
        var change = await ChangeAsync(new { posts = new[] { id }, kind = "delete" });
        Assert.Equal(HttpStatusCode.Gone, (await host.Plain().GetAsync(address)).StatusCode);
        Assert.DoesNotContain(
            "Binned words",
            await host.Plain().GetStringAsync($"embed/listings/{listing.Text("key")}.html"),
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.NotFound, (await host.Owner.GetAsync($"{host.Api}posts/{id}")).StatusCode);
        Assert.Contains(
            id,
            (await host.Owner.GetJsonAsync($"{host.Api}posts?bin=true"))
                .Items("posts")
                .Select(item => item.Number("id"))
        );
        await host.Owner.PostJsonAsync($"{host.Api}posts/bulk/{change.Number("change")}/undo");
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync(address)).StatusCode);
        await ChangeAsync(new { posts = new[] { id }, kind = "delete" });
        await ChangeAsync(new { posts = new[] { id }, kind = "restore" });
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync(address)).StatusCode);
    }

    [Fact]
    public async Task A_slug_in_the_bin_stays_taken()
    {
        var post = await host.WriteAsync("Taken slug");
        await ChangeAsync(new { posts = new[] { post.Number("id") }, kind = "delete" });
        Assert.Equal("taken-slug-2", (await host.WriteAsync("Taken slug")).Text("slug"));
    }

    [Theory]
    [InlineData("{\"kind\":\"addTags\",\"posts\":[1]}", "words")]
    [InlineData("{\"kind\":\"delete\"}", "posts")]
    [InlineData("{\"kind\":\"status\",\"status\":\"published\",\"posts\":[1]}", "status")]
    public async Task What_is_wrong_with_a_change_is_named(string body, string field)
    {
        using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
        Assert.Equal(
            [field],
            (
                await (await host.Owner.PostAsync($"{host.Api}posts/bulk", content)).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
    }

    [Fact]
    public async Task What_was_done_to_many_stands_in_the_record()
    {
        var ids = await ManyAsync("Recorded", 2);
        await ChangeAsync(
            new
            {
                posts = ids,
                kind = "category",
                words = new[] { "Frost" },
            }
        );
        Assert.Contains(
            "put 2 posts into Frost",
            await host.InDatabaseAsync(database => database.SiteActs.Select(act => act.What).ToListAsync())
        );
    }

    private async Task<long[]> ManyAsync(string title, int count)
    {
        var ids = new long[count];
        for (var i = 0; i < count; i++)
            ids[i] = (await host.WriteAsync($"{title} {i}", "draft")).Number("id");
        return ids;
    }

    private Task<Json> ChangeAsync(object change) => host.Owner.PostJsonAsync($"{host.Api}posts/bulk", change);

    private Task<Json> GetAsync(long id) => host.Owner.GetJsonAsync($"{host.Api}posts/{id}");

    private async Task<long> SaveAsync(object post) =>
        (await host.Owner.PostJsonAsync(host.Api + "posts", post)).Number("id");
}

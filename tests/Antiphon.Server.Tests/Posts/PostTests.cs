using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Posts;

public sealed class PostTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_published_post_has_a_page_of_its_own()
    {
        var post = await host.WriteAsync(
            "Saturn before the clouds came",
            body: "<p>Rings <strong>edge-on</strong>.</p>"
        );
        var page = await PageAsync(post.Text("address"));
        Assert.Contains("<h1>Saturn before the clouds came</h1>", page, StringComparison.Ordinal);
        Assert.Contains("<p>Rings <strong>edge-on</strong>.</p>", page, StringComparison.Ordinal);
        Assert.Contains($"<link rel=\"canonical\" href=\"{post.Text("address")}\">", page, StringComparison.Ordinal);
        Assert.Contains("application/rss+xml", page, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_draft_has_no_page()
    {
        var post = await host.WriteAsync("Not yet", "draft");
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync(post.Text("address"))).StatusCode);
    }

    [Fact]
    public async Task A_withdrawn_post_is_gone_for_good()
    {
        var post = await host.WriteAsync("Regretted");
        var request = new
        {
            blogId = host.Blog,
            title = "Regretted",
            bodyHtml = "<p>x</p>",
            status = "withdrawn",
            revision = post.Number("revision"),
        };
        await host.Owner.PutJsonAsync($"{host.Api}posts/{post.Number("id")}", request);
        Assert.Equal(HttpStatusCode.Gone, (await host.Plain().GetAsync(post.Text("address"))).StatusCode);
    }

    [Fact]
    public async Task A_changed_slug_breaks_no_link()
    {
        var post = await host.WriteAsync("Old name");
        var before = post.Text("address");
        var request = new
        {
            blogId = host.Blog,
            title = "Old name",
            slug = "new-name",
            bodyHtml = "<p>x</p>",
            status = "published",
            revision = post.Number("revision"),
        };
        var after = await host.Owner.PutJsonAsync($"{host.Api}posts/{post.Number("id")}", request);
        Assert.EndsWith("/new-name", after.Text("address"), StringComparison.Ordinal);
        var old = await host.Plain().GetAsync(before);
        Assert.Equal(
            (HttpStatusCode.MovedPermanently, after.Text("address")),
            (old.StatusCode, new Uri(host.Address, old.Headers.Location!).AbsoluteUri)
        );
    }

    [Fact]
    public async Task The_same_title_gets_another_slug()
    {
        var first = await host.WriteAsync("Twice the same");
        var second = await host.WriteAsync("Twice the same");
        Assert.Equal(("twice-the-same", "twice-the-same-2"), (first.Text("slug"), second.Text("slug")));
    }

    [Theory]
    [InlineData("<p>ok</p><script>alert(1)</script>", "<p>ok</p>")]
    [InlineData("<p onclick=\"alert(1)\">ok</p>", "<p>ok</p>")]
    [InlineData("<a href=\"javascript:alert(1)\">ok</a>", "<a>ok</a>")]
    public async Task A_body_is_cleaned_on_the_way_in(string sent, string kept) =>
        Assert.Equal(kept, (await host.WriteAsync("Cleaned", "draft", sent)).Text("bodyHtml"));

    [Fact]
    public async Task Markup_in_a_title_is_shown_and_never_run()
    {
        var post = await host.WriteAsync("<img src=x onerror=alert(1)> & friends");
        var page = await PageAsync(post.Text("address"));
        Assert.DoesNotContain("<img src=x", page, StringComparison.Ordinal);
        Assert.Contains("&lt;img src=x onerror=alert(1)&gt; &amp; friends", page, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("", "<p>a</p>", null, "title")]
    [InlineData("A", " ", null, "bodyHtml")]
    [InlineData("A", "<p>a</p>", "not an address", "pictureAddress")]
    public async Task What_keeps_a_post_from_being_published_is_named(
        string title,
        string body,
        string? picture,
        string field
    )
    {
        var refusal = await host.Owner.RefusedAsync(
            host.Api + "posts",
            new
            {
                blogId = host.Blog,
                title,
                bodyHtml = body,
                pictureAddress = picture,
                status = "published",
                revision = 0,
            }
        );
        Assert.Equal([field], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_foreign_blog_is_refused()
    {
        var refusal = await host.Owner.RefusedAsync(
            host.Api + "posts",
            new
            {
                blogId = 999,
                title = "A",
                bodyHtml = "<p>a</p>",
                status = "draft",
                revision = 0,
            }
        );
        Assert.Equal(["blogId"], refusal.Names("errors"));
    }

    [Fact]
    public async Task Two_people_saving_the_same_post_do_not_overwrite_each_other()
    {
        var post = await host.WriteAsync("Shared", "draft");
        var path = $"{host.Api}posts/{post.Number("id")}";
        object Version(string body) =>
            new
            {
                blogId = host.Blog,
                title = "Shared",
                bodyHtml = body,
                status = "draft",
                revision = post.Number("revision"),
            };
        await host.Owner.PutJsonAsync(path, Version("<p>first</p>"));
        var second = await host.Owner.PutAsJsonAsync(path, Version("<p>second</p>"));
        Assert.Equal("conflict", (await second.ProblemAsync(HttpStatusCode.Conflict)).Text("type"));
        Assert.Equal("<p>first</p>", (await host.Owner.GetJsonAsync(path)).Text("bodyHtml"));
    }

    [Fact]
    public async Task Of_ten_saves_at_once_exactly_one_wins()
    {
        var post = await host.WriteAsync("Contended", "draft");
        var path = $"{host.Api}posts/{post.Number("id")}";
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 10)
                .Select(n =>
                    host.Owner.PutAsJsonAsync(
                        path,
                        new
                        {
                            blogId = host.Blog,
                            title = "Contended",
                            bodyHtml = $"<p>{n}</p>",
                            status = "draft",
                            revision = post.Number("revision"),
                        }
                    )
                )
        );
        Assert.Single(answers, answer => answer.StatusCode == HttpStatusCode.OK);
        Assert.Equal(9, answers.Count(answer => answer.StatusCode == HttpStatusCode.Conflict));
    }

    [Fact]
    public async Task The_list_pages_through_every_post_once()
    {
        for (var i = 0; i < 55; i++)
            await host.WriteAsync($"Paged {i}", "draft");
        var seen = new List<long>();
        for (string? after = string.Empty; after is not null; )
        {
            var page = await host.Owner.GetJsonAsync($"{host.Api}posts?search=Paged&after={after}");
            seen.AddRange(page.Items("posts").Select(post => post.Number("id")));
            after = page.Has("next") ? page.Text("next") : null;
        }

        Assert.Equal((55, 55), (seen.Count, seen.Distinct().Count()));
    }

    [Theory]
    [InlineData("draft", 1)]
    [InlineData("published", 0)]
    public async Task The_list_can_be_narrowed_to_a_status(string status, int count)
    {
        var title = $"Narrowed {Guid.NewGuid():N}";
        await host.WriteAsync(title, "draft");
        Assert.Equal(
            count,
            (await host.Owner.GetJsonAsync($"{host.Api}posts?search={title}&status={status}")).Items("posts").Count
        );
    }

    private async Task<string> PageAsync(string address)
    {
        var answer = await host.Plain().GetAsync(address);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return await answer.Content.ReadAsStringAsync();
    }
}

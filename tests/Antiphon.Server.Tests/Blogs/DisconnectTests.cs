using System.Net;
using System.Net.Http.Json;
using Antiphon.Server.Posts.Lists;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;

namespace Antiphon.Server.Tests.Blogs;

/// <summary>Renaming, disconnecting and restoring blogs.</summary>
public sealed class DisconnectTests(ConnectHost hosts) : IClassFixture<ConnectHost>, IAsyncLifetime
{
    private const string Rss =
        "<rss version=\"2.0\"><channel><title>Workshop Bench</title><link>https://bench.example/</link><description>d</description>"
        + "<item><title>New tray</title><guid>https://bench.example/2</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate></item>"
        + "<item><title>Old tray</title><guid>https://bench.example/1</guid><pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate></item></channel></rss>";

    private readonly AntiphonHost _host = hosts.Host;
    private readonly ScriptedSite _site = hosts.Site;
    private long _blog;

    public async Task InitializeAsync()
    {
        await _host.FreshSiteAsync();
        _site.Say(Rss, "application/rss+xml");
        _blog = (await FollowAsync()).Number("id");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task A_removed_blog_is_nowhere_and_comes_back_with_the_posts_that_left_with_it()
    {
        var earlier = DateTimeOffset.UtcNow.AddDays(-1);
        await _host.InDatabaseAsync(database =>
            database
                .Posts.Where(post => post.BlogId == _blog && post.Title == "Old tray")
                .ExecuteUpdateAsync(set => set.SetProperty(post => post.DeletedAt, earlier))
        );
        await HttpTalk.GoodAsync(await _host.Owner.DeleteAsync($"{_host.Api}blogs/{_blog}"));
        Assert.Empty(await BlogsAsync());
        Assert.Empty((await _host.Owner.GetJsonAsync(_host.Api + "followed")).Items());
        Assert.Empty(await PostsAsync(string.Empty));
        Assert.Empty(await PostsAsync("?bin=true"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await _host.Owner.PostAsync($"{_host.Api}blogs/{_blog}/visit", null)).StatusCode
        );
        var removed = Assert.Single((await _host.Owner.GetJsonAsync(_host.Api + "blogs/removed")).Items());
        Assert.Equal(("Workshop Bench", 2L), (removed.Text("name"), removed.Number("posts")));

        await HttpTalk.GoodAsync(await _host.Owner.PostAsync($"{_host.Api}blogs/{_blog}/restore", null));
        Assert.Equal(["New tray"], (await PostsAsync(string.Empty)).Select(post => post.Text("title")));
        Assert.Equal(["Old tray"], (await PostsAsync("?bin=true")).Select(post => post.Text("title")));
        Assert.Single((await _host.Owner.GetJsonAsync(_host.Api + "followed")).Items());
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await _host.Owner.PostAsync($"{_host.Api}blogs/{_blog}/restore", null)).StatusCode
        );
    }

    [Fact]
    public async Task A_removed_blog_leaves_for_good_when_its_posts_do()
    {
        await HttpTalk.GoodAsync(await _host.Owner.DeleteAsync($"{_host.Api}blogs/{_blog}"));
        var old = DateTimeOffset.UtcNow - BinClearing.KeptFor - TimeSpan.FromMinutes(1);
        await _host.InDatabaseAsync(database =>
            database
                .Blogs.IgnoreQueryFilters()
                .Where(blog => blog.Id == _blog)
                .ExecuteUpdateAsync(set => set.SetProperty(blog => blog.RemovedAt, old))
        );
        await _host
            .Services.GetServices<IHostedService>()
            .OfType<BinClearing>()
            .Single()
            .RunAsync(CancellationToken.None);
        Assert.Empty((await _host.Owner.GetJsonAsync(_host.Api + "blogs/removed")).Items());
    }

    [Fact]
    public async Task Stopping_keeps_the_posts_and_following_again_makes_no_second_ones()
    {
        var stopped = await HttpTalk.GoodAsync(await _host.Owner.DeleteAsync($"{_host.Api}blogs/{_blog}/following"));
        Assert.Equal(new Uri(_site.Address, "feed.xml").AbsoluteUri, stopped.Text("feedAddress"));
        var blog = Assert.Single(await BlogsAsync());
        Assert.Equal("true", blog.Text("writtenHere"));
        Assert.Equal(2, (await PostsAsync(string.Empty)).Count);

        await HttpTalk.GoodAsync(
            await _host.Owner.PostAsJsonAsync(
                $"{_host.Api}blogs/{_blog}/following",
                new { feedAddress = stopped.Text("feedAddress") }
            )
        );
        await _host.Owner.PostJsonAsync($"{_host.Api}blogs/{_blog}/visit");
        Assert.Equal(2, (await PostsAsync(string.Empty)).Count);
        Assert.Equal("false", Assert.Single(await BlogsAsync()).Text("writtenHere"));
    }

    [Fact]
    public async Task What_a_blog_is_part_of_is_told_before_it_leaves()
    {
        await _host.Owner.PostJsonAsync(
            _host.Api + "listings",
            new
            {
                name = "Latest",
                definition = new
                {
                    blogs = new[] { _blog },
                    count = 5,
                    order = "newest",
                    layout = "lines",
                    heading = "Latest",
                    details = new
                    {
                        picture = false,
                        excerpt = false,
                        date = true,
                        author = false,
                        category = false,
                    },
                },
            }
        );
        var reach = await _host.Owner.GetJsonAsync($"{_host.Api}blogs/{_blog}/reach");
        Assert.Equal((2L, "Latest"), (reach.Number("posts"), reach.Text("listings.0")));
    }

    [Fact]
    public async Task Only_an_owner_removes_a_blog()
    {
        using var editor = await _host.MemberAsync("editor", $"editor-{Guid.NewGuid():N}@quillmoor.example");
        Assert.Equal(HttpStatusCode.Forbidden, (await editor.DeleteAsync($"{_host.Api}blogs/{_blog}")).StatusCode);
        Assert.Single(await BlogsAsync());
    }

    private Task<Json> FollowAsync() =>
        _host.Owner.PostJsonAsync(
            _host.Api + "blogs/follow",
            new { feedAddress = new Uri(_site.Address, "feed.xml"), name = (string?)null }
        );

    private async Task<List<Json>> BlogsAsync() =>
        [.. (await _host.Owner.GetJsonAsync(_host.Api + "blogs")).Items().Where(blog => blog.Number("id") == _blog)];

    private async Task<List<Json>> PostsAsync(string query) =>
        [.. (await _host.Owner.GetJsonAsync(_host.Api + "posts" + query)).Items("posts")];
}

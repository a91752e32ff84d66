using System.IO.Compression;
using System.Net;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Blogs;

/// <summary>Connecting a blog by any address.</summary>
public sealed class ConnectTests(ConnectHost hosts) : IClassFixture<ConnectHost>, IAsyncLifetime
{
    private const string Rss =
        "<rss version=\"2.0\"><channel><title>Workshop Bench</title><link>https://bench.example/</link><description>d</description>"
        + "<item><title>New tray</title><link>https://bench.example/2</link><guid>https://bench.example/2</guid><pubDate>Tue, 24 Nov 2026 09:30:00 GMT</pubDate></item>"
        + "<item><title>Old tray</title><link>https://bench.example/1</link><guid>https://bench.example/1</guid><pubDate>Mon, 23 Nov 2026 09:30:00 GMT</pubDate></item></channel></rss>";

    private readonly AntiphonHost _host = hosts.Host;
    private readonly ScriptedSite _site = hosts.Site;

    public Task InitializeAsync() => _host.FreshSiteAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task The_feed_itself_is_one_candidate()
    {
        _site.Say(Rss, "application/rss+xml");
        var found = (await DiscoverAsync("feed.xml")).Items("candidates").Single();
        Assert.Equal(
            ("Workshop Bench", "rss", "2.0", 2L),
            (found.Text("title"), found.Text("format"), found.Text("version"), found.Number("entries"))
        );
        Assert.Equal(["New tray", "Old tray"], found.Items("latest").Select(title => title.ToString().Trim('"')));
        Assert.StartsWith("2026-11-24T09:30:00", found.Text("newest"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("<link rel=\"alternate\" type=\"application/rss+xml\" href=\"/feeds/main\">", "/feeds/main")]
    [InlineData("<a href=\"/news/rss\">RSS</a>", "/news/rss")]
    [InlineData("<p>nothing named</p>", "/feed.xml")]
    public async Task A_page_leads_to_its_feed(string html, string feedPath)
    {
        _site.Answer = http =>
            http.Request.Path == feedPath ? SayAsync(http, Rss, "application/rss+xml")
            : http.Request.Path == "/a-post" ? SayAsync(http, html, "text/html")
            : Missing(http);
        var found = (await DiscoverAsync("a-post")).Items("candidates").Single();
        Assert.Equal(new Uri(_site.Address, feedPath).AbsoluteUri, found.Text("address"));
    }

    [Fact]
    public async Task An_address_without_scheme_is_completed_and_a_dead_one_says_so()
    {
        var refusal = await RefusedAsync($"127.0.0.1:{FreePorts.Take(1)[0]}/feed");
        Assert.Contains(refusal.Text("type"), new[] { "unreachable", "not-allowed" });
    }

    [Fact]
    public async Task Where_nobody_answers_to_https_the_address_is_tried_with_http()
    {
        _site.Say(Rss, "application/rss+xml");
        var found = await _host.Owner.PostJsonAsync(
            _host.Api + "blogs/discover",
            new { address = $"{_site.Address.Authority}/feed.xml" }
        );
        Assert.Equal(new Uri(_site.Address, "feed.xml").AbsoluteUri, found.Text("candidates.0.address"));
    }

    [Fact]
    public async Task An_error_is_told_with_its_number()
    {
        _site.Say("broken", "text/plain", 503);
        var refusal = await RefusedAsync();
        Assert.Equal("error-status", refusal.Text("type"));
        Assert.Contains("503", refusal.Text("errors.address.0"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_page_without_a_feed_is_no_broken_feed()
    {
        _site.Answer = http =>
            http.Request.Path == "/page"
                ? SayAsync(http, "<html><body>Jumble on Saturday</body></html>", "text/html")
                : Missing(http);
        Assert.Equal("no-feed", (await RefusedAsync("page")).Text("type"));
    }

    [Fact]
    public async Task A_broken_feed_says_where_it_breaks()
    {
        _site.Say(
            "<?xml version=\"1.0\"?>\n<rss version=\"2.0\"><channel>\n<title>A</titel></channel></rss>",
            "application/rss+xml"
        );
        var refusal = await RefusedAsync();
        Assert.Equal("feed-unreadable", refusal.Text("type"));
        Assert.Contains("line 3", refusal.Text("title"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Too_much_is_not_read_to_its_end()
    {
        _site.Say("<rss version=\"2.0\"><channel><title>" + new string('a', 30_000), "application/rss+xml");
        Assert.Equal("too-large", (await RefusedAsync()).Text("type"));
    }

    [Fact]
    public async Task A_small_answer_that_unpacks_to_too_much_is_too_large()
    {
        _site.Answer = async http =>
        {
            http.Response.ContentType = "application/rss+xml";
            http.Response.Headers.ContentEncoding = "gzip";
            await using var zip = new GZipStream(http.Response.Body, CompressionLevel.Optimal);
            await zip.WriteAsync(new byte[5_000_000]);
        };
        Assert.Equal("too-large", (await RefusedAsync()).Text("type"));
    }

    [Fact]
    public async Task A_body_without_end_is_given_up()
    {
        _site.Answer = async http =>
        {
            http.Response.ContentType = "application/rss+xml";
            await http.Response.WriteAsync("<rss version=\"2.0\"><channel>");
            await http.Response.Body.FlushAsync();
            await new TaskCompletionSource().Task.WaitAsync(http.RequestAborted);
        };
        Assert.Equal("too-slow", (await RefusedAsync()).Text("type"));
    }

    [Theory]
    [InlineData("http://10.0.0.1/feed", "not-allowed")]
    [InlineData("http://[::1]/feed", "not-allowed")]
    [InlineData("http://169.254.169.254/latest", "not-allowed")]
    [InlineData("ftp://bench.example/feed", "not-an-address")]
    [InlineData("javascript:alert(1)", "not-an-address")]
    public async Task Some_addresses_are_never_visited(string address, string code)
    {
        var refusal = await _host.Owner.RefusedAsync(
            _host.Api + "blogs/discover",
            new { address },
            HttpStatusCode.UnprocessableEntity
        );
        Assert.Equal(code, refusal.Text("type"));
    }

    [Theory]
    [InlineData("http://10.0.0.1/feed", "not-allowed")]
    [InlineData("file:///etc/passwd", "not-an-address")]
    [InlineData("", "too-many-redirects")]
    public async Task A_redirect_is_checked_like_an_address(string target, string code)
    {
        _site.Answer = http =>
        {
            http.Response.Redirect(target.Length == 0 ? "/again" : target);
            return Task.CompletedTask;
        };
        Assert.Equal(code, (await RefusedAsync()).Text("type"));
    }

    [Fact]
    public async Task A_followed_feed_becomes_posts_without_anything_that_runs()
    {
        _site.Say(
            Rss.Replace(
                "<guid>https://bench.example/2</guid>",
                "<guid>https://bench.example/2</guid><description>&lt;p onclick=\"x()\"&gt;Cherry wood&lt;script&gt;alert(1)&lt;/script&gt;&lt;/p&gt;</description>",
                StringComparison.Ordinal
            ),
            "application/rss+xml"
        );
        var blog = await FollowAsync();
        Assert.Equal(2, blog.Number("posts"));
        var post = (await _host.Owner.GetJsonAsync($"{_host.Api}posts?blog={blog.Number("id")}"))
            .Items("posts")
            .Single(item => item.Text("title") == "New tray");
        var body = (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{post.Number("id")}")).Text("bodyHtml");
        Assert.Equal("<p>Cherry wood</p>", body);
        Assert.Equal("https://bench.example/2", post.Text("address"));
    }

    [Fact]
    public async Task The_same_feed_is_not_followed_twice()
    {
        _site.Say(Rss, "application/rss+xml");
        await FollowAsync();
        var refusal = await _host.Owner.RefusedAsync(
            _host.Api + "blogs/follow",
            new { feedAddress = new Uri(_site.Address, "feed.xml") },
            HttpStatusCode.UnprocessableEntity
        );
        Assert.Equal("already-followed", refusal.Text("type"));
    }

    private Task<Json> DiscoverAsync(string path) =>
        _host.Owner.PostJsonAsync(
            _host.Api + "blogs/discover",
            new { address = new Uri(_site.Address, path).AbsoluteUri }
        );

    private Task<Json> RefusedAsync(string path = "feed.xml") =>
        _host.Owner.RefusedAsync(
            _host.Api + "blogs/discover",
            new
            {
                address = path.Contains(':', StringComparison.Ordinal)
                    ? path
                    : new Uri(_site.Address, path).AbsoluteUri,
            },
            HttpStatusCode.UnprocessableEntity
        );

    private Task<Json> FollowAsync() =>
        _host.Owner.PostJsonAsync(_host.Api + "blogs/follow", new { feedAddress = new Uri(_site.Address, "feed.xml") });

    private static Task SayAsync(HttpContext http, string text, string contentType)
    {
        http.Response.ContentType = contentType;
        return http.Response.WriteAsync(text);
    }

    private static Task Missing(HttpContext http)
    {
        http.Response.StatusCode = StatusCodes.Status404NotFound;
        return Task.CompletedTask;
    }
}

/// <summary>A server that reads little and waits briefly.</summary>
public sealed class ConnectHost : ScriptedHost
{
    /// <inheritdoc/>
    protected override AntiphonHost Configure(AntiphonHost host) =>
        host.With("Outgoing:MaxBytes", "20000").With("Outgoing:TimeoutSeconds", "3");
}

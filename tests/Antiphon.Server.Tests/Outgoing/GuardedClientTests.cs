using System.IO.Compression;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Outgoing;

/// <summary>What other people's servers may do to us, seen through the check of a feed.</summary>
public sealed class GuardedClientTests(GuardedClientTests.Shared shared) : IClassFixture<GuardedClientTests.Shared>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly ScriptedSite _site = shared.Other;

    public Task InitializeAsync() => shared.FreshAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Theory]
    [InlineData("gzip")]
    [InlineData("br")]
    [InlineData("deflate")]
    public async Task A_compressed_feed_is_read(string encoding)
    {
        _site.Answer = http => CompressedAsync(http, encoding, Encoding.UTF8.GetBytes("<rss version=\"2.0\"><channel><title>Packed</title></channel></rss>"));
        Assert.Equal("Packed", (await CheckAsync()).Text("check.feed.title"));
    }

    [Theory]
    [InlineData("gzip")]
    [InlineData("br")]
    public async Task A_bomb_is_not_unpacked(string encoding)
    {
        var bomb = new byte[30_000_000];
        _site.Answer = http => CompressedAsync(http, encoding, bomb);
        Assert.Contains("larger than", await RefusalAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_no_compression_is_a_plain_refusal()
    {
        _site.Answer = async http =>
        {
            http.Response.Headers.ContentEncoding = "gzip";
            await http.Response.WriteAsync("not packed at all");
        };
        Assert.NotEmpty(await RefusalAsync());
    }

    [Theory]
    [InlineData("http://169.254.169.254/latest", "private network")]
    [InlineData("http://127.0.0.1:1/", "private network")]
    [InlineData("http://[::1]/", "private network")]
    [InlineData("file:///etc/hostname", "no web address")]
    [InlineData("/feed.xml", "redirects again and again")]
    public async Task A_redirect_into_the_dark_is_not_followed(string to, string words)
    {
        _site.Answer = http =>
        {
            http.Response.StatusCode = StatusCodes.Status302Found;
            http.Response.Headers.Location = to;
            return Task.CompletedTask;
        };
        Assert.Contains(words, await RefusalAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_body_that_trickles_is_given_up()
    {
        _site.Answer = async http =>
        {
            using var drip = new PeriodicTimer(TimeSpan.FromMilliseconds(100));
            while (await drip.WaitForNextTickAsync(http.RequestAborted)) await http.Response.WriteAsync(" ", http.RequestAborted);
        };
        Assert.Contains("within 2 seconds", await RefusalAsync(), StringComparison.Ordinal);
    }

    private static async Task CompressedAsync(HttpContext http, string encoding, byte[] body)
    {
        http.Response.Headers.ContentEncoding = encoding;
        await using Stream packed = encoding switch
        {
            "gzip" => new GZipStream(http.Response.Body, CompressionLevel.Fastest),
            "br" => new BrotliStream(http.Response.Body, CompressionLevel.Fastest),
            _ => new ZLibStream(http.Response.Body, CompressionLevel.Fastest),
        };
        await packed.WriteAsync(body, http.RequestAborted);
    }

    private Task<Json> CheckAsync() => _host.Owner.GetJsonAsync($"api/feeds/check?url={_site.Address}feed.xml");

    private async Task<string> RefusalAsync()
    {
        var answer = await _host.Owner.GetAsync($"api/feeds/check?url={_site.Address}feed.xml");
        return (await answer.ProblemAsync(System.Net.HttpStatusCode.BadRequest)).Text("errors.url.0");
    }

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings => [("Outgoing:MaxBytes", "200000"), ("Outgoing:TimeoutSeconds", "2")];
    }
}

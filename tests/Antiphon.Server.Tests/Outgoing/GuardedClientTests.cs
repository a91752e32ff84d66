using System.IO.Compression;
using System.Text;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Tests.Outgoing;

/// <summary>What other people's servers may do to us, seen through the check of a feed.</summary>
public sealed class GuardedClientTests(GuardedClientTests.Shared shared)
    : IClassFixture<GuardedClientTests.Shared>,
        IAsyncLifetime
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
        _site.Answer = http =>
            CompressedAsync(
                http,
                encoding,
                Encoding.UTF8.GetBytes("<rss version=\"2.0\"><channel><title>Packed</title></channel></rss>")
            );
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
    [InlineData("http://169.254.169.254/latest", "Private network")]
    [InlineData("http://127.0.0.1:1/", "Private network")]
    [InlineData("http://[::1]/", "Private network")]
    [InlineData("file:///etc/hostname", "not a web address")]
    [InlineData("//", "not a web address")]
    [InlineData("http://", "not a web address")]
    [InlineData("http:///x", "not a web address")]
    [InlineData("https://[::1", "not a web address")]
    [InlineData("javascript:alert(1)", "not a web address")]
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
            while (await drip.WaitForNextTickAsync(http.RequestAborted))
                await http.Response.WriteAsync(" ", http.RequestAborted);
        };
        Assert.Contains("within 2 seconds", await RefusalAsync(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Authorization", true)]
    [InlineData("Cookie", true)]
    [InlineData("X-Hub-Signature", true)]
    [InlineData("Webhook-Signature", true)]
    [InlineData("Idempotency-Key", false)]
    public async Task What_proves_who_we_are_goes_to_no_other_site(string header, bool isSecret)
    {
        await using var other = await AnotherSiteAsync();
        var seen = new List<(string Host, string Value)>();
        Task See(HttpContext http, string? further)
        {
            seen.Add((http.Request.Host.Value!, http.Request.Headers[header].ToString()));
            if (further is null)
                return Task.CompletedTask;
            (http.Response.StatusCode, http.Response.Headers.Location) = (
                StatusCodes.Status307TemporaryRedirect,
                further
            );
            return Task.CompletedTask;
        }

        _site.Answer = http => See(http, http.Request.Path == "/first" ? "/second" : other.Address.AbsoluteUri);
        other.Answer = http => See(http, null);
        await _host.WithServiceAsync<GuardedClient>(client => client.SendAnyAsync(new Uri(_site.Address, "first"), to =>
            {
                var request = new HttpRequestMessage(HttpMethod.Get, to);
                request.Headers.TryAddWithoutValidation(header, "kept");
                return request;
            }));
        Assert.Equal(["kept", "kept", isSecret ? string.Empty : "kept"], seen.Select(one => one.Value));
        Assert.Equal(other.Address.Authority, seen[^1].Host);
    }

    [Fact]
    public async Task An_address_that_an_answer_names_is_asked_without_the_credentials_of_the_one_that_gave_it()
    {
        await using var other = await AnotherSiteAsync();
        var seen = "not asked";
        other.Answer = http =>
        {
            seen = http.Request.Headers.Authorization.ToString();
            return Task.CompletedTask;
        };
        await _host.WithServiceAsync<GuardedClient>(client =>
            client.SendAnyAsync(
                other.Address,
                to =>
                {
                    var request = new HttpRequestMessage(HttpMethod.Get, to);
                    request.Headers.Authorization = new("Bearer", "secret");
                    return request;
                },
                credentialsOf: _site.Address
            )
        );
        Assert.Equal(string.Empty, seen);
    }

    [Fact]
    public async Task A_form_with_a_secret_is_led_to_no_other_site()
    {
        await using var other = await AnotherSiteAsync();
        var asked = false;
        other.Answer = _ => Task.FromResult(asked = true);
        _site.Answer = http =>
        {
            (http.Response.StatusCode, http.Response.Headers.Location) = (
                StatusCodes.Status307TemporaryRedirect,
                other.Address.AbsoluteUri
            );
            return Task.CompletedTask;
        };
        await _host.WithServiceAsync<GuardedClient>(async client =>
        {
            var form = new Dictionary<string, string> { ["hub.secret"] = "s" };
            Assert.Equal(
                FetchProblem.LeavesOrigin,
                (await client.PostFormAsync(_site.Address, form, isSecret: true)).Problem
            );
            Assert.Null((await client.PostFormAsync(_site.Address, form)).Problem);
        });
        Assert.True(asked);
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

    private async Task<ScriptedSite> AnotherSiteAsync()
    {
        var other = await ScriptedSite.StartAsync();
        await _host.WithServiceAsync<IOptions<OutgoingOptions>>(options =>
        {
            options.Value.AllowedHosts.Add(other.Address.Authority);
            return Task.CompletedTask;
        });
        return other;
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
        protected override IEnumerable<(string Name, string Value)> Settings =>
            [("Outgoing:MaxBytes", "200000"), ("Outgoing:TimeoutSeconds", "2")];
    }
}

using System.Net;
using System.Security.Cryptography;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Feeds.Hub;

/// <summary>Programs that follow a feed of ours are told by our hub (WebSub §5 to §7).</summary>
public sealed class OwnHubTests(OwnHubTests.Shared shared) : IClassFixture<OwnHubTests.Shared>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly List<(string Signature, string Type, byte[] Body)> _told = [];
    private readonly ScriptedSite _reader = shared.Other;
    private string _topic = string.Empty;
    private int _answerWith = 200;
    private bool _confirms = true;

    public async Task InitializeAsync()
    {
        await shared.FreshAsync();
        _reader.Answer = AnswerAsync;
        _topic = await _host.InDatabaseAsync(database =>
            database
                .Blogs.Where(blog => blog.Id == _host.Blog)
                .Select(one => $"{_host.Address}feeds/{one.Key}.atom")
                .SingleAsync()
        );
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task Who_confirms_is_sent_the_signed_feed_with_every_change()
    {
        await SubscribeAsync();
        await _host.WriteAsync("Pushed at once");
        await Eventually.TrueAsync("the message", () =>
            Task.FromResult(
                _told.Any(one => Encoding.UTF8.GetString(one.Body).Contains("Pushed at once", StringComparison.Ordinal))
            )
        );
        var (signature, type, body) = _told[^1];
        Assert.Equal(
            "sha256=" + Convert.ToHexStringLower(HMACSHA256.HashData(Encoding.UTF8.GetBytes("open sesame"), body)),
            signature
        );
        Assert.StartsWith("application/atom+xml", type, StringComparison.Ordinal);
        using var program = _host.Plain();
        Assert.Contains(
            $"<{_host.Address}hub>; rel=\"hub\"",
            string.Join(',', (await program.GetAsync(_topic)).Headers.GetValues("Link")),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Who_did_not_mean_it_is_forgotten()
    {
        _confirms = false;
        Assert.Equal(HttpStatusCode.Accepted, await AskAsync("subscribe"));
        await Eventually.IsAsync("to be forgotten", ReadersAsync, count => count == 0);
        await _host.WriteAsync("For nobody");
        Assert.Empty(_told);
    }

    [Fact]
    public async Task A_reader_that_fails_is_told_again_until_it_takes_the_change()
    {
        await SubscribeAsync();
        _answerWith = 500;
        await _host.WriteAsync("Twice tried");
        await Eventually.TrueAsync("two attempts", () => Task.FromResult(_told.Count >= 2));
        _answerWith = 200;
        await Eventually.TrueAsync("the change taken", () =>
            _host.InDatabaseAsync(database =>
                database.HubClients.AnyAsync(hubReader => hubReader.Told == hubReader.Wanted && hubReader.DueAt == null)
            )
        );
    }

    [Fact]
    public async Task Who_is_gone_or_leaves_is_told_no_more()
    {
        await SubscribeAsync();
        _answerWith = 410;
        await _host.WriteAsync("To nobody");
        await Eventually.IsAsync("the end", ReadersAsync, count => count == 0);
        _answerWith = 200;
        await SubscribeAsync();
        Assert.Equal(HttpStatusCode.Accepted, await AskAsync("unsubscribe"));
        await Eventually.IsAsync("the end", ReadersAsync, count => count == 0);
    }

    [Fact]
    public async Task A_lease_that_ran_out_ends_it()
    {
        await SubscribeAsync();
        var past = DateTimeOffset.UtcNow.AddMinutes(-1);
        await _host.InDatabaseAsync(database =>
            database.HubClients.ExecuteUpdateAsync(set => set.SetProperty(one => one.LeaseUntil, past))
        );
        await _host.WriteAsync("Too late");
        await Eventually.IsAsync("the end", ReadersAsync, count => count == 0);
        Assert.Empty(_told);
    }

    [Theory]
    [InlineData("subscribe", "https://elsewhere.example/feed.atom", HttpStatusCode.NotFound)]
    [InlineData("subscribe", "", HttpStatusCode.BadRequest)]
    [InlineData("dance", null, HttpStatusCode.BadRequest)]
    public async Task What_the_hub_does_not_know_is_refused(string mode, string? topic, HttpStatusCode status) =>
        Assert.Equal(status, await AskAsync(mode, topic));

    private async Task AnswerAsync(HttpContext http)
    {
        if (HttpMethods.IsGet(http.Request.Method))
        {
            await http.Response.WriteAsync(_confirms ? http.Request.Query["hub.challenge"].ToString() : "no");
            return;
        }

        using var body = new MemoryStream();
        await http.Request.Body.CopyToAsync(body);
        http.Response.StatusCode = _answerWith;
        _told.Add(
            (
                http.Request.Headers["X-Hub-Signature"].ToString(),
                http.Request.ContentType ?? string.Empty,
                body.ToArray()
            )
        );
    }

    private async Task SubscribeAsync()
    {
        Assert.Equal(HttpStatusCode.Accepted, await AskAsync("subscribe"));
        await Eventually.TrueAsync("the confirmation", () =>
            _host.InDatabaseAsync(database =>
                database.HubClients.AnyAsync(hubReader =>
                    hubReader.LeaseUntil != null && hubReader.AskedSeconds == null
                )
            )
        );
    }

    private async Task<HttpStatusCode> AskAsync(string mode, string? topic = null)
    {
        using var program = _host.Plain();
        var form = new Dictionary<string, string>
        {
            ["hub.mode"] = mode,
            ["hub.topic"] = topic ?? _topic,
            ["hub.callback"] = new Uri(_reader.Address, "told").AbsoluteUri,
            ["hub.secret"] = "open sesame",
        };
        return (await program.PostAsync("hub", new FormUrlEncodedContent(form))).StatusCode;
    }

    private Task<int> ReadersAsync() => _host.InDatabaseAsync(database => database.HubClients.CountAsync());

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings =>
            [("Delivery:LookEverySeconds", "1"), ("Delivery:PauseFactor", "0.01")];
    }
}

using System.Net;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Feeds.Kept;

/// <summary>Several feeds checked at once.</summary>
public sealed class CheckRunTests(CheckRunTests.Shared shared) : IClassFixture<CheckRunTests.Shared>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly ScriptedSite _site = shared.Other;

    public async Task InitializeAsync()
    {
        await shared.FreshAsync();
        await _host.InDatabaseAsync(async database =>
        {
            database.CheckRuns.RemoveRange(database.CheckRuns);
            database.KeptChecks.RemoveRange(database.KeptChecks);
            return await database.SaveChangesAsync();
        });
        _site.Answer = async http =>
        {
            http.Response.ContentType = "application/rss+xml";
            http.Response.StatusCode = http.Request.Path == "/away.xml" ? 503 : 200;
            await http.Response.WriteAsync(
                WeatherFeed.With(_site, http.Request.Path == "/faulty.xml" ? "<ttl>often</ttl>" : "")
            );
        };
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task Each_feed_of_a_list_comes_out_in_its_order()
    {
        var run = await DoneAsync(await StartAsync($"{At("feed.xml")}\n# the neighbours\n{At("faulty.xml")}\n{At("away.xml")}"));
        Assert.Equal(
            ["valid", "invalid", null],
            run.Items("checks").Select(check => check.Has("verdict") ? check.Text("verdict") : null)
        );
        Assert.Contains("503", run.Items("checks")[2].Text("problem"), StringComparison.Ordinal);
        Assert.Equal((1, 1), (run.Number("run.withErrors"), run.Number("run.unread")));
    }

    [Fact]
    public async Task A_list_of_subscriptions_is_read()
    {
        var run = await DoneAsync(
            await StartAsync(
                $"<opml version=\"2.0\"><head/><body><outline text=\"Weather\"><outline text=\"Diary\" xmlUrl=\"{At("feed.xml")}\"/></outline></body></opml>"
            )
        );
        Assert.Equal(At("feed.xml"), Assert.Single(run.Items("checks")).Text("address"));
    }

    [Fact]
    public async Task Files_are_checked_beside_addresses_and_can_be_opened()
    {
        var id = await StartAsync("", hasDocuments: true);
        Assert.Equal(1, (await AddAsync(id, "log/one.xml", WeatherFeed.With(_site, "<ttl>often</ttl>"))).Number("added"));
        Assert.Equal(2, (await AddAsync(id, "list.txt", $"{At("feed.xml")}\n{At("faulty.xml")}")).Number("added"));
        var run = await DoneAsync(id, feeds: 3);
        var file = run.Items("checks")[0];
        Assert.Equal(("log/one.xml", "invalid"), (file.Text("name"), file.Text("verdict")));
        var opened = await _host.Owner.GetJsonAsync($"{_host.Api}feeds/checks/{file.Number("id")}");
        Assert.Contains("<ttl>often</ttl>", opened.Text("page.source"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_second_run_says_what_changed()
    {
        var first = await DoneAsync(await StartAsync(At("feed.xml")));
        Assert.False(first.Items("checks")[0].Has("comparedWith"));
        _site.Say(WeatherFeed.With(_site, "<ttl>often</ttl>"), "application/rss+xml");
        var again = await _host.Owner.PostJsonAsync($"{_host.Api}feeds/runs/{first.Number("run.id")}/again");
        var check = Assert.Single((await DoneAsync(again.Number("id"))).Items("checks"));
        Assert.Equal((1, 0), (check.Number("came"), check.Number("gone")));
    }

    [Fact]
    public async Task What_waits_when_a_run_is_cancelled_is_checked_when_it_is_resumed()
    {
        var gate = new TaskCompletionSource();
        _site.Answer = async http =>
        {
            await gate.Task;
            http.Response.ContentType = "application/rss+xml";
            await http.Response.WriteAsync(WeatherFeed.With(_site));
        };
        var id = await StartAsync(string.Join('\n', Enumerable.Range(0, 12).Select(number => At($"{number}.xml"))));
        await _host.Owner.PostAsync($"{_host.Api}feeds/runs/{id}/cancel", null);
        gate.SetResult();
        // What was begun before ends; the rest is left alone.
        var cancelled = await Eventually.IsAsync(
            "What was begun ends",
            () => RunAsync(id),
            run => run.Number("run.checked") > 0 && _site.Count > 0
        );
        Assert.True(cancelled.Number("run.checked") < 12);
        await _host.Owner.PostAsync($"{_host.Api}feeds/runs/{id}/resume", null);
        Assert.Equal(12, (await DoneAsync(id, feeds: 12)).Number("run.checked"));
    }

    [Fact]
    public async Task All_of_it_is_one_report()
    {
        var id = await StartAsync($"{At("feed.xml")}\n{At("faulty.xml")}");
        await DoneAsync(id, feeds: 2);
        var report = await _host.Owner.GetStringAsync($"{_host.Api}feeds/runs/{id}/report?format=html");
        Assert.Contains(At("feed.xml"), report, StringComparison.Ordinal);
        Assert.Contains(At("faulty.xml"), report, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("")]
    [InlineData("not an address at all")]
    [InlineData("ftp://weather.example/feed.xml")]
    public async Task A_list_that_names_no_feeds_is_refused(string list)
    {
        var refused = await _host.Owner.RefusedAsync(
            _host.Api + "feeds/runs",
            new { list, hasDocuments = false }
        );
        Assert.True(refused.Has("errors.list"));
    }

    [Fact]
    public async Task A_list_that_is_too_long_is_refused_whole()
    {
        var list = string.Join('\n', Enumerable.Range(0, 501).Select(number => At($"{number}.xml")));
        var refused = await _host.Owner.RefusedAsync(_host.Api + "feeds/runs", new { list, hasDocuments = false });
        Assert.Contains("501", refused.Text("title"), StringComparison.Ordinal);
        Assert.Empty((await _host.Owner.GetJsonAsync(_host.Api + "feeds/runs")).Items());
    }

    [Fact]
    public async Task A_run_can_be_forgotten()
    {
        var id = await StartAsync(At("feed.xml"));
        await DoneAsync(id);
        await _host.Owner.DeleteAsync($"{_host.Api}feeds/runs/{id}");
        Assert.Equal(HttpStatusCode.NotFound, (await _host.Owner.GetAsync($"{_host.Api}feeds/runs/{id}")).StatusCode);
    }

    private string At(string name) => new Uri(_site.Address, name).AbsoluteUri;

    private async Task<long> StartAsync(string list, bool hasDocuments = false) =>
        (await _host.Owner.PostJsonAsync(_host.Api + "feeds/runs", new { list, hasDocuments })).Number("id");

    private async Task<Json> AddAsync(long run, string name, string text)
    {
        using var body = new ByteArrayContent(Encoding.UTF8.GetBytes(text));
        return await HttpTalk.GoodAsync(
            await _host.Owner.PostAsync(
                $"{_host.Api}feeds/runs/{run}/documents?name={Uri.EscapeDataString(name)}",
                body
            )
        );
    }

    private Task<Json> RunAsync(long run) => _host.Owner.GetJsonAsync($"{_host.Api}feeds/runs/{run}");

    private Task<Json> DoneAsync(long run, int? feeds = null) =>
        Eventually.IsAsync(
            "The run ends",
            () => RunAsync(run),
            view => view.Number("run.checked") == (feeds ?? view.Number("run.feeds"))
        );

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings => [];
    }
}

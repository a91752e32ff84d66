using System.Net;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http;

namespace Antiphon.Server.Tests.Feeds.Kept;

/// <summary>Checks of one feed that are kept: what changed, the page behind the address, reports and letter.</summary>
public sealed class KeptCheckTests(KeptCheckTests.Shared shared) : IClassFixture<KeptCheckTests.Shared>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly ScriptedSite _site = shared.Other;

    public async Task InitializeAsync()
    {
        await shared.FreshAsync();
        await _host.InDatabaseAsync(async database =>
        {
            database.KeptChecks.RemoveRange(database.KeptChecks);
            return await database.SaveChangesAsync();
        });
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task The_second_check_says_what_became_another()
    {
        _site.Say(WeatherFeed.With(_site, "<ttl>often</ttl>"), "application/rss+xml");
        var first = await CheckAsync();
        Assert.False(first.Has("since"));
        _site.Say(WeatherFeed.With(_site, "<language>the moor</language>"), "application/rss+xml");
        var second = await CheckAsync();
        var changes = second.Items("since.changes");
        Assert.Contains(changes, change => (change.Number("before"), change.Number("now")) == (0, 1));
        Assert.Contains(changes, change => (change.Number("before"), change.Number("now")) == (1, 0));
        var third = await CheckAsync();
        Assert.Empty(third.Items("since.changes"));
    }

    [Fact]
    public async Task The_address_of_a_page_leads_to_the_feed_it_names()
    {
        _site.Answer = async http =>
        {
            var isFeed = http.Request.Path == "/feed.xml";
            http.Response.ContentType = isFeed ? "application/rss+xml" : "text/html; charset=utf-8";
            await http.Response.WriteAsync(
                isFeed
                    ? WeatherFeed.With(_site)
                    : "<!doctype html><html><head><title>Diary</title><link rel=alternate type=application/rss+xml href=/feed.xml><link rel=alternate type=application/rss+xml title=Comments href=/comments.xml></head><body><p>Fog</p></body></html>"
            );
        };
        var check = await CheckAsync(_site.Address.AbsoluteUri);
        Assert.Equal(_site.Address.AbsoluteUri, check.Text("foundOn"));
        Assert.Equal(WeatherFeed.At(_site), check.Text("page.address"));
        Assert.Equal(new Uri(_site.Address, "comments.xml").AbsoluteUri, check.Text("others.0"));
    }

    [Fact]
    public async Task A_page_that_names_no_feed_is_said_to_be_a_page()
    {
        _site.Say("<!doctype html><html><head><title>Diary</title></head><body>Fog</body></html>", "text/html");
        var check = await CheckAsync();
        Assert.Equal("notAFeed", check.Text("page.check.verdict"));
        Assert.False(check.Has("foundOn"));
    }

    [Fact]
    public async Task A_file_is_checked_as_the_bytes_it_is()
    {
        var bytes = Encoding.Latin1.GetBytes(
            WeatherFeed.With(_site, "<copyright>Café Fernsicht</copyright>").Insert(0, "<?xml version=\"1.0\" encoding=\"utf-8\"?>")
        );
        var check = await SendAsync("diary.xml", bytes);
        Assert.Contains(
            check.Items("page.check.findings"),
            finding => finding.Text("rule") == "xml-encoding-wrong"
        );
        Assert.True((await SendAsync("diary.xml", bytes)).Has("since"));
    }

    [Theory]
    [InlineData("html", "text/html")]
    [InlineData("json", "application/json")]
    [InlineData("junit", "application/xml")]
    [InlineData("sarif", "application/sarif+json")]
    public async Task What_was_found_is_a_file(string format, string type)
    {
        _site.Say(WeatherFeed.With(_site, "<ttl>often</ttl>"), "application/rss+xml");
        var id = (await CheckAsync()).Number("id");
        var report = await _host.Owner.GetAsync($"{_host.Api}feeds/checks/{id}/report?format={format}");
        Assert.Equal(type, report.Content.Headers.ContentType!.MediaType);
        Assert.NotNull(report.Content.Headers.ContentDisposition!.FileName);
        Assert.Contains(WeatherFeed.At(_site), await report.Content.ReadAsStringAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_report_in_no_form_we_know_is_refused_by_name()
    {
        _site.Say(WeatherFeed.With(_site), "application/rss+xml");
        var id = (await CheckAsync()).Number("id");
        var refused = await (
            await _host.Owner.GetAsync($"{_host.Api}feeds/checks/{id}/report?format=pdf")
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(refused.Has("errors.format"));
    }

    [Fact]
    public async Task A_letter_is_written_in_the_language_asked_for_and_to_whom_the_feed_names()
    {
        _site.Say(
            WeatherFeed.With(_site, "<ttl>often</ttl><managingEditor>edda@weather.example (Edda Voss)</managingEditor>"),
            "application/rss+xml"
        );
        var id = (await CheckAsync()).Number("id");
        var english = await _host.Owner.GetJsonAsync($"{_host.Api}feeds/checks/{id}/letter?language=en");
        var german = await _host.Owner.GetJsonAsync($"{_host.Api}feeds/checks/{id}/letter?language=de");
        Assert.Equal("edda@weather.example", english.Text("to"));
        Assert.Contains("Moor Weather Diary", english.Text("subject"), StringComparison.Ordinal);
        Assert.StartsWith("Guten Tag", german.Text("body"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task No_letter_is_written_about_a_feed_without_faults()
    {
        _site.Say(WeatherFeed.With(_site), "application/rss+xml");
        var id = (await CheckAsync()).Number("id");
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await _host.Owner.GetAsync($"{_host.Api}feeds/checks/{id}/letter")).StatusCode
        );
    }

    [Fact]
    public async Task Only_the_latest_checks_of_a_feed_are_kept()
    {
        _site.Say(WeatherFeed.With(_site), "application/rss+xml");
        for (var round = 0; round < 7; round++)
            await CheckAsync();
        Assert.Equal(5, await _host.InDatabaseAsync(database => Task.FromResult(database.KeptChecks.Count())));
    }

    [Theory]
    [InlineData("::", null, "url")]
    [InlineData(null, "  ", "text")]
    public async Task What_cannot_be_checked_is_refused_at_its_field(string? url, string? text, string field)
    {
        var refused = await _host.Owner.RefusedAsync(_host.Api + "feeds/checks", new { url, text });
        Assert.True(refused.Has($"errors.{field}"));
    }

    private Task<Json> CheckAsync(string? url = null) =>
        _host.Owner.PostJsonAsync(
            _host.Api + "feeds/checks",
            new { url = url ?? WeatherFeed.At(_site), text = (string?)null }
        );

    private async Task<Json> SendAsync(string name, byte[] bytes)
    {
        using var body = new ByteArrayContent(bytes);
        return await HttpTalk.GoodAsync(
            await _host.Owner.PostAsync($"{_host.Api}feeds/checks/document?name={name}", body)
        );
    }

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings => [];
    }
}

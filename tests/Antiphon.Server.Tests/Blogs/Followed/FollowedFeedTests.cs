using System.Net;
using System.Text;
using Antiphon.Core.Feeds.Hub;
using Antiphon.Data.Blogs.Followed;
using Antiphon.Server.Blogs.Followed;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Server.Work;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Time.Testing;

namespace Antiphon.Server.Tests.Blogs.Followed;

/// <summary>The board of followed feeds: moves, ends, hubs, pauses and lists.</summary>
public sealed class FollowedFeedTests(FollowedFeedTests.Shared shared)
    : IClassFixture<FollowedFeedTests.Shared>,
        IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly ScriptedSite _site = shared.Other;
    private long _blog;

    public async Task InitializeAsync()
    {
        await shared.FreshAsync();
        _site.Say(Feed(["First"]), "application/rss+xml");
        _blog = (
            await _host.Owner.PostJsonAsync(_host.Api + "blogs/follow", new { feedAddress = Address("feed.xml") })
        ).Number("id");
    }

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task A_feed_that_moved_for_good_is_followed_there_and_the_move_is_kept()
    {
        Redirect("/feed.xml", StatusCodes.Status301MovedPermanently, "/new/feed.xml");
        var view = await VisitAsync();
        Assert.Equal(Address("new/feed.xml"), view.Text("state.feedAddress"));
        Assert.Equal(
            (Address("feed.xml"), Address("new/feed.xml")),
            (view.Text("moves.0.from"), view.Text("moves.0.to"))
        );
    }

    [Fact]
    public async Task A_feed_that_is_elsewhere_for_a_while_keeps_its_address()
    {
        Redirect("/feed.xml", StatusCodes.Status302Found, "/for-now/feed.xml");
        var view = await VisitAsync();
        Assert.Equal((Address("feed.xml"), 0), (view.Text("state.feedAddress"), view.Items("moves").Count));
    }

    [Fact]
    public async Task A_feed_that_moved_to_nothing_keeps_its_address()
    {
        _site.Answer = http =>
        {
            http.Response.StatusCode = http.Request.Path == "/feed.xml" ? 308 : 404;
            http.Response.Headers.Location = "/nothing";
            return Task.CompletedTask;
        };
        Assert.Equal(Address("feed.xml"), (await VisitAsync()).Text("state.feedAddress"));
    }

    [Fact]
    public async Task A_feed_that_is_gone_is_not_visited_until_somebody_asks()
    {
        _site.Say("", "text/plain", StatusCodes.Status410Gone);
        Assert.Equal("gone", (await VisitAsync()).Text("standing"));
        _site.Say(Feed(["First"]), "application/rss+xml");
        Assert.Equal("active", (await VisitAsync()).Text("standing"));
    }

    [Fact]
    public async Task A_server_that_asks_to_wait_is_obeyed()
    {
        _site.Answer = http =>
        {
            http.Response.StatusCode = StatusCodes.Status503ServiceUnavailable;
            http.Response.Headers.RetryAfter = "7200";
            return Task.CompletedTask;
        };
        var view = await VisitAsync();
        Assert.Equal((7200, "its server asked to wait"), (view.Number("pauseSeconds"), view.Text("pauseReason")));
    }

    [Fact]
    public async Task What_a_feed_asks_for_sets_the_next_visit_also_after_nothing_changed()
    {
        _site.Answer = async http =>
        {
            http.Response.Headers.ETag = "\"v1\"";
            if (http.Request.Headers.IfNoneMatch == "\"v1\"")
                http.Response.StatusCode = StatusCodes.Status304NotModified;
            else
                await http.Response.WriteAsync(Feed(["First"], "<ttl>180</ttl>"));
        };
        Assert.Equal(10_800, (await VisitAsync()).Number("pauseSeconds"));
        var second = await VisitAsync();
        Assert.Equal((10_800, 304), (second.Number("pauseSeconds"), second.Items("visits")[^1].Number("status")));
    }

    [Fact]
    public async Task Identifiers_that_change_every_time_make_no_new_posts_and_are_told()
    {
        _site.Say(Feed(["One", "Two", "Three"], ids: "a"), "application/rss+xml");
        await VisitAsync();
        _site.Say(Feed(["One", "Two", "Three"], ids: "b"), "application/rss+xml");
        var view = await VisitAsync();
        Assert.Equal(("true", 3), (view.Text("idsChange"), view.Number("posts")));
    }

    [Fact]
    public async Task The_strip_tells_what_every_visit_gave()
    {
        _site.Say(Feed(["First", "Second"]), "application/rss+xml");
        await VisitAsync();
        _site.Say("", "text/plain", 500);
        var visits = (await VisitAsync()).Items("visits");
        Assert.Equal(["changed", "changed", "failed"], visits.Select(visit => visit.Text("outcome")));
        Assert.Equal(1, visits[1].Number("newEntries"));
        Assert.Contains("500", visits[2].Text("problem"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_paused_feed_is_visited_again_once_it_is_resumed()
    {
        Assert.Equal(
            "paused",
            (await _host.Owner.PostJsonAsync($"{_host.Api}followed/{_blog}/pause")).Text("standing")
        );
        _site.Say(Feed(["First", "Second"]), "application/rss+xml");
        Assert.Equal(
            "active",
            (await _host.Owner.PostJsonAsync($"{_host.Api}followed/{_blog}/resume")).Text("standing")
        );
        await Eventually.TrueAsync("The visit after the pause", async () => (await BoardAsync()).Number("posts") == 2);
    }

    [Fact]
    public async Task A_hub_is_asked_confirmed_heard_and_left()
    {
        var asked = OfferHub(StatusCodes.Status202Accepted);
        await VisitAsync();
        await HubAsync("asked");
        var (callback, secret) = (asked[0]["hub.callback"].ToString(), asked[0]["hub.secret"].ToString());
        Assert.Equal(
            ("subscribe", Address("feed.xml")),
            (asked[0]["hub.mode"].ToString(), asked[0]["hub.topic"].ToString())
        );

        using var hub = new HttpClient();
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await hub.GetAsync($"{callback}?hub.mode=subscribe&hub.topic=https://other.example/&hub.challenge=x")
            ).StatusCode
        );
        Assert.Equal(
            "tell-me",
            await hub.GetStringAsync(
                $"{callback}?hub.mode=subscribe&hub.topic={Uri.EscapeDataString(Address("feed.xml"))}&hub.challenge=tell-me&hub.lease_seconds=86400"
            )
        );
        Assert.Equal("subscribed", (await BoardAsync()).Text("hub.state"));

        await PushAsync(hub, callback, Feed(["First", "Forged"]), "not the secret");
        Assert.Equal(1, (await BoardAsync()).Number("posts"));
        await PushAsync(hub, callback, Feed(["First", "Pushed"]), secret);
        var board = await BoardAsync();
        Assert.Equal((2, "pushed"), (board.Number("posts"), board.Items("visits")[^1].Text("outcome")));
        Assert.Equal(86_400, (await VisitAsync()).Number("pauseSeconds"));

        await _host.Owner.PostJsonAsync($"{_host.Api}followed/{_blog}/pause");
        Assert.Equal("unsubscribe", asked[^1]["hub.mode"].ToString());
        Assert.Equal("bye", await hub.GetStringAsync($"{callback}?hub.mode=unsubscribe&hub.topic=x&hub.challenge=bye"));
    }

    [Theory]
    [InlineData(403, 24)]
    [InlineData(500, 1)]
    public async Task A_hub_that_refuses_is_let_be_for_a_day_and_one_in_trouble_for_an_hour(int status, int hours)
    {
        OfferHub(status);
        await VisitAsync();
        await HubAsync("refused");
        var hub = await _host.InDatabaseAsync(database => database.HubSubscriptions.SingleAsync());
        Assert.Equal(TimeSpan.FromHours(hours), hub.RenewAt - hub.AskedAt);
    }

    [Fact]
    public async Task A_hub_that_took_the_request_and_answered_with_an_error_may_still_confirm()
    {
        var asked = OfferHub(StatusCodes.Status500InternalServerError);
        await VisitAsync();
        await HubAsync("refused");
        using var hub = new HttpClient();
        Assert.Equal(
            "late",
            await hub.GetStringAsync(
                $"{asked[0]["hub.callback"]}?hub.mode=subscribe&hub.topic={Uri.EscapeDataString(Address("feed.xml"))}&hub.challenge=late"
            )
        );
        Assert.Equal("subscribed", (await BoardAsync()).Text("hub.state"));
    }

    [Fact]
    public async Task A_hub_is_asked_only_once_the_server_can_be_called_back()
    {
        var asked = OfferHub(StatusCodes.Status202Accepted);
        await VisitAsync();
        await HubAsync("asked");
        await _host.InDatabaseAsync(database =>
            database.HubSubscriptions.ExecuteUpdateAsync(set =>
                set.SetProperty(hub => hub.State, HubState.None)
                    .SetProperty(hub => hub.RenewAt, DateTimeOffset.UtcNow.AddDays(1))
            )
        );
        var later = new FakeTimeProvider(DateTimeOffset.UtcNow.AddDays(2));
        var starting = ActivatorUtilities.CreateInstance<HubWork>(
            _host.Services,
            new Starting(),
            ActivatorUtilities.CreateInstance<Leases<HubSubscription>>(_host.Services, later)
        );
        Assert.False(await starting.DoNextAsync(CancellationToken.None));
        Assert.Equal((1, "none"), (asked.Count, (await BoardAsync()).Text("hub.state")));
        await _host.InDatabaseAsync(database =>
            database.HubSubscriptions.ExecuteUpdateAsync(set =>
                set.SetProperty(hub => hub.RenewAt, DateTimeOffset.UtcNow)
            )
        );
        await HubAsync("asked");
        Assert.Equal(2, asked.Count);
    }

    [Fact]
    public async Task Of_a_list_only_what_is_chosen_is_followed()
    {
        var text =
            $"<opml version=\"2.0\"><body><outline text=\"Sky\"><outline text=\"Dark sky\" xmlUrl=\"{Address("dark.xml")}\"/></outline><outline text=\"Bright sky\" xmlUrl=\"{Address("bright.xml")}\"/><outline text=\"Here already\" xmlUrl=\"{Address("feed.xml")}\"/><outline text=\"Odd\" xmlUrl=\"ftp://x.example/f\"/></body></opml>";
        var offer = await _host.Owner.PostJsonAsync(_host.Api + "followed/list/offer", new { text });
        Assert.Equal(
            ["Dark sky Sky", "Bright sky ", "Here already  known", "Odd  refused"],
            offer
                .Items("feeds")
                .Select(feed =>
                    $"{feed.Text("title")} {(feed.Has("folder") ? feed.Text("folder") : "")}{(feed.Text("isKnown") == "true" ? " known" : "")}{(feed.Has("problem") ? " refused" : "")}"
                )
        );
        Assert.Single((await _host.Owner.GetJsonAsync(_host.Api + "followed")).Items());
        var result = await _host.Owner.PostJsonAsync(
            _host.Api + "followed/list",
            new { text, only = new[] { Address("bright.xml") } }
        );
        Assert.Equal("Bright sky", Assert.Single(result.Items("added")).ToString().Trim('"'));
        Assert.Equal(2, (await _host.Owner.GetJsonAsync(_host.Api + "followed")).Items().Count);
    }

    [Fact]
    public async Task A_list_of_subscriptions_is_brought_in_and_given_out()
    {
        var list =
            $"<opml version=\"2.0\"><body><outline text=\"Dark sky\" xmlUrl=\"{Address("dark.xml")}\"/><outline text=\"Here already\" xmlUrl=\"{Address("feed.xml")}\"/><outline text=\"Odd\" xmlUrl=\"ftp://x.example/f\"/></body></opml>";
        var result = await _host.Owner.PostJsonAsync(_host.Api + "followed/list", new { text = list });
        Assert.Equal(("Dark sky", "Here already"), (result.Text("added.0"), result.Text("known.0")));
        Assert.Contains("not a valid web address", result.Text("refused.0"), StringComparison.Ordinal);
        await Eventually.TrueAsync("A visit to every feed of the list", async () =>
            (await _host.Owner.GetJsonAsync(_host.Api + "followed")).Items("").All(feed => feed.Number("posts") == 1)
        );
        var given = await _host.Owner.GetStringAsync(_host.Api + "followed/list.opml");
        Assert.Contains(Address("dark.xml"), given, StringComparison.Ordinal);
        Assert.Contains(Address("feed.xml"), given, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_list_that_is_none_is_refused_with_the_reason()
    {
        var problem = await _host.Owner.RefusedAsync(_host.Api + "followed/list", new { text = "<rss/>" });
        Assert.Contains("opml", problem.Text("errors.text.0"), StringComparison.Ordinal);
    }

    // The feed names a hub, which answers with the status; what it is asked is kept.
    private List<IFormCollection> OfferHub(int status)
    {
        var asked = new List<IFormCollection>();
        _site.Answer = async http =>
        {
            if (http.Request.Path != "/hub")
            {
                await http.Response.WriteAsync(Feed(["First"], $"<atom:link rel=\"hub\" href=\"{Address("hub")}\"/>"));
                return;
            }

            asked.Add(await http.Request.ReadFormAsync());
            http.Response.StatusCode = status;
        };
        return asked;
    }

    // Hubs are asked by a worker, soon after the visit.
    private Task HubAsync(string state) =>
        Eventually.IsAsync($"The hub {state}", BoardAsync, board => board.Text("hub.state") == state);

    private static async Task PushAsync(HttpClient hub, string callback, string feed, string secret)
    {
        var body = Encoding.UTF8.GetBytes(feed);
        using var content = new ByteArrayContent(body);
        content.Headers.TryAddWithoutValidation("Content-Type", "application/rss+xml");
        content.Headers.Add("X-Hub-Signature", HubSignature.Of(body, secret));
        Assert.Equal(HttpStatusCode.Accepted, (await hub.PostAsync(callback, content)).StatusCode);
    }

    private void Redirect(string from, int status, string to) =>
        _site.Answer = async http =>
        {
            if (http.Request.Path != from)
            {
                await http.Response.WriteAsync(Feed(["First"]));
                return;
            }

            http.Response.StatusCode = status;
            http.Response.Headers.Location = to;
        };

    private string Address(string path) => new Uri(_site.Address, path).AbsoluteUri;

    private Task<Json> VisitAsync() => _host.Owner.PostJsonAsync($"{_host.Api}followed/{_blog}/visit");

    private async Task<Json> BoardAsync() =>
        (await _host.Owner.GetJsonAsync(_host.Api + "followed")).Items("").Single(feed => feed.Number("blog") == _blog);

    private static string Feed(string[] titles, string channel = "", string ids = "id")
    {
        var items = titles.Select(
            (title, index) =>
                $"<item><title>{title}</title><link>https://bench.example/{index}</link><guid isPermaLink=\"false\">{ids}-{index}</guid><pubDate>Tue, 24 Nov 2026 09:3{index}:00 GMT</pubDate></item>"
        );
        return $"<rss version=\"2.0\" xmlns:atom=\"http://www.w3.org/2005/Atom\"><channel><title>Workshop Bench</title><link>https://bench.example/</link><description>d</description>{channel}{string.Concat(items)}</channel></rss>";
    }

    /// <summary>What the tests share.</summary>
    public sealed class Shared : AnsweredHost
    {
        /// <inheritdoc/>
        protected override IEnumerable<(string Name, string Value)> Settings => [("Following:LookEverySeconds", "1")];
    }

    /// <summary>A server that does not listen yet.</summary>
    private sealed class Starting : IHostApplicationLifetime
    {
        public CancellationToken ApplicationStarted => CancellationToken.None;

        public CancellationToken ApplicationStopping => CancellationToken.None;

        public CancellationToken ApplicationStopped => CancellationToken.None;

        public void StopApplication() { }
    }
}

using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Channels;

/// <summary>What is published goes to the channels that choose it, in the form each wants, and follows.</summary>
[Collection("channels")]
public sealed class ChannelTests(ChannelHost both)
{
    private readonly AntiphonHost _host = both.Host;

    [Fact]
    public async Task A_post_goes_to_every_kind_of_channel_in_its_own_form()
    {
        var channels = await both.FreshAsync();
        var (social, partner, webhook, pings) = (
            await channels.LanternAsync(),
            await channels.AddAsync("partner", "parish/micropub", "parish-token"),
            await channels.AddAsync("webhook", "bell/", "bell-secret"),
            await channels.AddAsync("pings", "", null)
        );
        await TellTarnAsync();
        var title = ChannelTalk.Unique("To everybody");
        var post = await _host.WriteAsync(
            title,
            body: $"<p>As <a href=\"{new Uri(both.World.World, "tarn/1")}\">the notebook</a> says.</p>"
        );
        foreach (var channel in new[] { social, partner, webhook, pings })
            await channels.DeliveryAsync(channel, title, "delivered");
        Assert.Equal(
            $"{title} {post.Text("address")}",
            Assert.Single(await channels.TakenAsync("lantern", title)).Text
        );
        var entry = JsonNode.Parse(Assert.Single(await channels.TakenAsync("parish", title)).Body)!;
        Assert.Equal(post.Text("address"), entry["canonical"]![0]!.ToString());
        Assert.Contains("the notebook", entry["content"]![0]!["html"]!.ToString(), StringComparison.Ordinal);
        var told = (await both.World.TakenAsync("bell"))
            .Select(one => JsonNode.Parse(one.Body)!)
            .Single(one => one["data"]!["title"]?.ToString() == title);
        Assert.Equal("post.published", told["event"]!.ToString());
        using var world = new HttpClient { BaseAddress = both.World.World };
        Assert.Contains(
            $"{post.Text("address")} -> {new Uri(both.World.World, "tarn/1")}",
            await world.GetFromJsonAsync<List<string>>("tarn/told") ?? []
        );
    }

    [Fact]
    public async Task Changes_and_withdrawals_follow_where_the_receiver_can()
    {
        var channels = await both.FreshAsync();
        var (social, partner, webhook) = (
            await channels.LanternAsync(),
            await channels.AddAsync("partner", "parish/micropub", "parish-token"),
            await channels.AddAsync("webhook", "bell/", "bell-secret")
        );
        var title = ChannelTalk.Unique("Changed later");
        var post = await _host.WriteAsync(title);
        foreach (var channel in new[] { social, partner, webhook })
            await channels.DeliveryAsync(channel, title, "delivered");
        post = await channels.SaveAsync(post, "published", "<p>Cloud from ten.</p>");
        await channels.DeliveryAsync(partner, title, "delivered", "update");
        Assert.Contains(
            "Cloud from ten",
            Assert.Single(await channels.TakenAsync("parish", title)).Body,
            StringComparison.Ordinal
        );
        await channels.SaveAsync(post, "withdrawn", "<p>Cloud from ten.</p>");
        foreach (var channel in new[] { social, partner, webhook })
            await channels.DeliveryAsync(channel, title, "delivered", "withdraw");
        Assert.True(Assert.Single(await channels.TakenAsync("lantern", title)).IsGone);
        Assert.True(Assert.Single(await channels.TakenAsync("parish", title)).IsGone);
    }

    [Fact]
    public async Task What_was_withdrawn_and_published_again_goes_out_anew()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var title = ChannelTalk.Unique("There and back");
        var post = await _host.WriteAsync(title);
        await channels.DeliveryAsync(social, title, "delivered");
        post = await channels.SaveAsync(post, "withdrawn", "<p>x</p>");
        await channels.DeliveryAsync(social, title, "delivered", "withdraw");
        post = await channels.SaveAsync(post, "published", "<p>x</p>");
        await Eventually.TrueAsync("it at Lantern again", async () =>
            (await channels.TakenAsync("lantern", title)).Count(one => !one.IsGone) == 1
        );
        // Withdrawn before it went out, nothing is left of it; published then, it goes.
        var kept = ChannelTalk.Unique("Too early");
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/pause", null)).EnsureSuccessStatusCode();
        var early = await _host.WriteAsync(kept);
        await channels.DeliveryAsync(social, kept, "queued");
        early = await channels.SaveAsync(early, "withdrawn", "<p>x</p>");
        await channels.DeliveryAsync(social, kept, "cancelled");
        await channels.SaveAsync(early, "published", "<p>x</p>");
        await channels.DeliveryAsync(social, kept, "queued");
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/resume", null)).EnsureSuccessStatusCode();
        await Eventually.TrueAsync("it at Lantern once", async () =>
            (await channels.TakenAsync("lantern", kept)).Count == 1
        );
    }

    [Theory]
    [InlineData("late-error")]
    [InlineData("late-close")]
    [InlineData("silent")]
    public async Task A_receiver_that_took_it_and_did_not_say_so_has_it_once(string fault)
    {
        var channels = await both.FreshAsync();
        var (social, partner, webhook) = (
            await channels.LanternAsync(),
            await channels.AddAsync("partner", "parish/micropub", "parish-token"),
            await channels.AddAsync("webhook", "bell/", "bell-secret")
        );
        foreach (var service in new[] { "lantern", "parish", "bell" })
            await both.World.FailAsync(service, fault);
        var title = ChannelTalk.Unique("Said nothing");
        await _host.WriteAsync(title);
        foreach (var channel in new[] { social, partner, webhook })
            await Eventually.TrueAsync("a first attempt", async () =>
                (await channels.TimeLineAsync()).Any(one => one.Number("channelId") == channel && one.Has("answer"))
            );
        foreach (var service in new[] { "lantern", "parish", "bell" })
            await both.World.FailAsync(service, "well");
        foreach (var channel in new[] { social, partner, webhook })
        {
            var delivery = await channels.OpenAsync(await channels.DeliveryAsync(channel, title, "delivered"));
            Assert.Contains(delivery.Items("tried"), attempt => attempt.Text("outcome") == "passing");
        }

        Assert.Single(await channels.TakenAsync("lantern", title));
        Assert.Single(await channels.TakenAsync("parish", title));
    }

    [Fact]
    public async Task A_refusal_is_final_says_why_and_can_be_tried_again()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        await both.World.FailAsync("lantern", "refuse");
        var title = ChannelTalk.Unique("Not wanted");
        await _host.WriteAsync(title);
        var failed = await channels.DeliveryAsync(social, title, "failed");
        Assert.StartsWith("422", failed.Text("answer"), StringComparison.Ordinal);
        var cause = Assert.Single((await _host.Owner.GetJsonAsync($"{_host.Api}channels/deliveries/failures")).Items());
        await both.World.FailAsync("lantern", "well");
        Assert.Equal(
            1,
            (
                await _host.Owner.PostJsonAsync(
                    $"{_host.Api}channels/set-up/{social}/retry",
                    new { answer = cause.Text("answer") }
                )
            ).Number("count")
        );
        await channels.DeliveryAsync(social, title, "delivered");
    }

    [Fact]
    public async Task A_channel_that_fails_five_times_in_a_row_pauses_says_so_and_goes_on_when_told()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        await both.World.FailAsync("lantern", "error");
        var title = ChannelTalk.Unique("Against the wall");
        await _host.WriteAsync(title);
        await Eventually.TrueAsync("the channel paused", async () =>
            (await channels.ChannelAsync(social)).Has("pausedAt")
        );
        Assert.Contains("500", (await channels.ChannelAsync(social)).Text("pauseReason"), StringComparison.Ordinal);
        Assert.Contains((await _host.Owner.GetJsonAsync($"{_host.Api}notices")).Items(), notice =>
            notice.Text("title").Contains("is paused", StringComparison.Ordinal)
        );
        await both.World.FailAsync("lantern", "well");
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/{social}/resume", null)).EnsureSuccessStatusCode();
        await channels.DeliveryAsync(social, title, "delivered");
    }

    [Fact]
    public async Task What_is_paused_waits_and_loses_nothing()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/pause", null)).EnsureSuccessStatusCode();
        var title = ChannelTalk.Unique("On holiday");
        await _host.WriteAsync(title);
        await channels.DeliveryAsync(social, title, "queued");
        (await _host.Owner.PostAsync($"{_host.Api}channels/set-up/resume", null)).EnsureSuccessStatusCode();
        await channels.DeliveryAsync(social, title, "delivered");
    }

    [Fact]
    public async Task A_delivery_that_waits_for_approval_can_be_reworded_moved_and_released()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync(new { when = "afterApproval" });
        var title = ChannelTalk.Unique("Looked at first");
        await _host.WriteAsync(title);
        var held = await channels.DeliveryAsync(social, title, "queued");
        Assert.Equal("approval", held.Text("held"));
        var path = $"{_host.Api}channels/deliveries/{held.Number("id")}";
        Assert.Equal(
            ["text"],
            (
                await (await _host.Owner.PutAsync(path, Body(new { text = new string('x', 501) }))).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
        Assert.Equal(
            ["at"],
            (
                await (await _host.Owner.PutAsync(path, Body(new { at = "soon" }))).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
        (
            await _host.Owner.PutAsync(path, Body(new { at = "2029-03-28T18:00", text = title + " in our own words" }))
        ).EnsureSuccessStatusCode();
        Assert.StartsWith(
            "2029-03-28T17:00",
            (await channels.OpenAsync(held)).Text("plannedFor"),
            StringComparison.Ordinal
        );
        (
            await _host.Owner.PutAsync(path, Body(new { at = "2026-01-01T00:00", isHeld = false }))
        ).EnsureSuccessStatusCode();
        await channels.DeliveryAsync(social, title, "delivered");
        Assert.EndsWith(
            "in our own words",
            Assert.Single(await channels.TakenAsync("lantern", title)).Text,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_post_goes_where_the_channel_or_its_editor_says()
    {
        var channels = await both.FreshAsync();
        var none = new
        {
            blogs = Array.Empty<long>(),
            categories = Array.Empty<string>(),
            tags = new[] { "comet" },
            authors = Array.Empty<string>(),
            featuredOnly = false,
        };
        var (chosen, all) = (
            await channels.LanternAsync(new { choice = none }),
            await channels.AddAsync("webhook", "bell/", "bell-secret")
        );
        var title = ChannelTalk.Unique("Chosen by hand");
        await PostAsync(
            title,
            new
            {
                channels = new object[]
                {
                    new
                    {
                        channel = chosen,
                        goes = true,
                        text = title + " for once",
                    },
                    new { channel = all, goes = false },
                },
            }
        );
        await channels.DeliveryAsync(chosen, title, "delivered");
        Assert.Equal(title + " for once", Assert.Single(await channels.TakenAsync("lantern", title)).Text);
        var plain = ChannelTalk.Unique("Chosen by rule");
        await PostAsync(plain, new { });
        await channels.DeliveryAsync(all, plain, "delivered");
        var line = await channels.TimeLineAsync();
        Assert.DoesNotContain(line, one => one.Number("channelId") == all && one.Text("title") == title);
        Assert.DoesNotContain(line, one => one.Number("channelId") == chosen && one.Text("title") == plain);
    }

    [Fact]
    public async Task A_new_channel_leaves_older_posts_alone_unless_asked_and_then_spreads_them()
    {
        var channels = await both.FreshAsync();
        var titles = new[]
        {
            ChannelTalk.Unique("Older a"),
            ChannelTalk.Unique("Older b"),
            ChannelTalk.Unique("Older c"),
        };
        foreach (var title in titles)
            await _host.WriteAsync(title);
        var quiet = await channels.LanternAsync();
        var asked = await channels.LanternAsync(older: 2);
        await channels.DeliveryAsync(asked, titles[1], "delivered");
        var line = await channels.TimeLineAsync();
        var next = line.Single(one => one.Number("channelId") == asked && one.Text("state") == "queued");
        Assert.Equal(titles[2], next.Text("title"));
        Assert.InRange(
            DateTimeOffset.Parse(next.Text("at"), System.Globalization.CultureInfo.InvariantCulture),
            DateTimeOffset.UtcNow.AddHours(22),
            DateTimeOffset.UtcNow.AddHours(26)
        );
        Assert.DoesNotContain(line, one => one.Number("channelId") == quiet);
    }

    [Fact]
    public async Task What_is_being_planned_while_a_channel_is_added_is_not_for_it()
    {
        var channels = await both.FreshAsync();
        var title = ChannelTalk.Unique("Planned by somebody else");
        await _host.WriteAsync(title);
        // A worker that was killed holds the note of it.
        await _host.InDatabaseAsync(async database =>
        {
            var post = await database.Posts.SingleAsync(post => post.Title == title);
            database.PostChanges.Add(
                new PostChange
                {
                    PostId = post.Id,
                    Act = DeliveryAct.Publish,
                    DueAt = DateTimeOffset.UnixEpoch,
                    HeldUntil = DateTimeOffset.UtcNow.AddHours(1),
                    ClaimNumber = 1,
                }
            );
            return await database.SaveChangesAsync();
        });
        var channel = await channels.LanternAsync();
        Assert.False(
            await _host.InDatabaseAsync(database => database.PostChanges.AnyAsync(change => change.Post.Title == title))
        );
        var later = ChannelTalk.Unique("Written later");
        await _host.WriteAsync(later);
        await channels.DeliveryAsync(channel, later, "delivered");
        Assert.DoesNotContain(await channels.TimeLineAsync(), one =>
            one.Number("channelId") == channel && one.Text("title") == title
        );
    }

    [Fact]
    public async Task Webhooks_hear_of_comments_and_subscribers_they_ask_for()
    {
        var channels = await both.FreshAsync();
        await channels.AddAsync(
            "webhook",
            "bell/",
            "bell-secret",
            new { events = new[] { "subscriberLeft", "commentPublished" } }
        );
        var mail = $"{Guid.NewGuid():N}@fellside.example";
        await _host.Owner.PostJsonAsync($"{_host.Api}subscribers", new { mail });
        var key = await _host.InDatabaseAsync(database =>
            Task.FromResult(database.Subscribers.Single(subscriber => subscriber.Mail == mail).Key)
        );
        await _host.Plain().PostAsync($"unsubscribe/{key}", null);
        await Eventually.TrueAsync("the bell", async () =>
            (await both.World.TakenAsync("bell")).Any(one =>
                one.Text == "subscriber.left" && one.Body.Contains(mail, StringComparison.Ordinal)
            )
        );
        Assert.DoesNotContain(await both.World.TakenAsync("bell"), one =>
            one.Text == "subscriber.joined" && one.Body.Contains(mail, StringComparison.Ordinal)
        );
    }

    [Fact]
    public async Task A_new_secret_signs_beside_the_one_before()
    {
        var channels = await both.FreshAsync();
        var webhook = await channels.AddAsync("webhook", "bell/", "bell-secret");
        var renewed = await _host.Owner.PostJsonAsync($"{_host.Api}channels/set-up/{webhook}/secret");
        Assert.Equal(40, renewed.Text("secret").Length);
        var title = ChannelTalk.Unique("Signed twice");
        await _host.WriteAsync(title);
        await channels.DeliveryAsync(webhook, title, "delivered");
        Assert.DoesNotContain(
            "bell-secret",
            await _host.Owner.GetStringAsync($"{_host.Api}channels/set-up"),
            StringComparison.Ordinal
        );
        Assert.True(
            await _host.InDatabaseAsync(database =>
                Task.FromResult(
                    database
                        .Channels.Where(channel => channel.Id == webhook)
                        .All(one => one.Secret != renewed.Text("secret") && one.SecretBefore != "bell-secret")
                )
            )
        );
    }

    [Theory]
    [InlineData("social", "lantern/api/posts", "lantern-token", true)]
    [InlineData("social", "lantern/api/posts", "wrong", false)]
    [InlineData("partner", "parish/micropub", "parish-token", true)]
    [InlineData("partner", "nowhere", "parish-token", false)]
    [InlineData("webhook", "bell/", "bell-secret", true)]
    [InlineData("webhook", "bell/", "wrong", false)]
    [InlineData("hub", "hub", null, true)]
    [InlineData("pings", "", null, true)]
    public async Task A_test_says_whether_the_receiver_knows_us(
        string kind,
        string service,
        string? secret,
        bool isGood
    )
    {
        var channels = await both.FreshAsync();
        var channel = await channels.AddAsync(kind, service, secret);
        Assert.Equal(
            isGood,
            bool.Parse((await _host.Owner.PostJsonAsync($"{_host.Api}channels/set-up/{channel}/test")).Text("isGood"))
        );
    }

    [Theory]
    [InlineData("address", "no address", "address")]
    [InlineData("template", "{titel}", "template")]
    [InlineData("when", "nextSlot", "slots")]
    public async Task What_does_not_work_is_refused_by_name(string setting, string value, string field)
    {
        var channels = await both.FreshAsync();
        var request = channels.Request("social", "lantern/api/posts", "lantern-token");
        ((Dictionary<string, object?>)request["settings"]!)[setting] = value;
        Assert.Equal([field], (await _host.Owner.RefusedAsync($"{_host.Api}channels/set-up", request)).Names("errors"));
    }

    [Fact]
    public async Task What_was_sent_can_be_sent_again_and_is_another_delivery()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var title = ChannelTalk.Unique("Once more");
        var post = await _host.WriteAsync(title);
        await channels.DeliveryAsync(social, title, "delivered");
        (
            await _host.Owner.PostAsync($"{_host.Api}posts/{post.Number("id")}/channels/{social}", Body(new { }))
        ).EnsureSuccessStatusCode();
        await Eventually.TrueAsync("the second", async () => (await channels.TakenAsync("lantern", title)).Count == 2);
        var preview = Assert.Single(
            (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{post.Number("id")}/channels")).Items()
        );
        Assert.Equal(
            ("delivered", (long)System.Globalization.StringInfo.ParseCombiningCharacters(title).Length + 24),
            (preview.Text("delivery.state"), preview.Number("count"))
        );
    }

    [Theory]
    [InlineData("rss")]
    [InlineData("atom")]
    [InlineData("json")]
    public async Task A_feed_names_its_hub_which_hears_of_each_new_post(string form)
    {
        var channels = await both.FreshAsync();
        var blog = (await _host.Owner.GetJsonAsync($"{_host.Api}blogs")).Items()[0].Text("key");
        // Until then the feed names ours alone.
        Assert.Equal(
            1,
            string.Join(", ", (await _host.Plain().GetAsync($"feeds/{blog}.{form}")).Headers.GetValues("Link"))
                .Split("rel=\"hub\"")
                .Length - 1
        );
        var hub = await channels.AddAsync("hub", "hub", null);
        using var feed = await _host.Plain().GetAsync($"feeds/{blog}.{form}");
        Assert.Contains(
            $"<{new Uri(both.World.World, "hub")}>; rel=\"hub\"",
            string.Join(", ", feed.Headers.GetValues("Link")),
            StringComparison.Ordinal
        );
        Assert.Contains(
            new Uri(both.World.World, "hub").AbsoluteUri,
            await feed.Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
        var title = ChannelTalk.Unique("Passed on");
        await _host.WriteAsync(title);
        await channels.DeliveryAsync(hub, title, "delivered");
        await Eventually.TrueAsync("the hub told", async () =>
            (await both.World.TakenAsync("hub")).Any(one =>
                one.Text.EndsWith($"feeds/{blog}.{form}", StringComparison.Ordinal)
            )
        );
    }

    [Theory]
    [InlineData("error")]
    [InlineData("late-error")]
    [InlineData("late-close")]
    public async Task Hubs_and_linked_pages_that_fail_are_told_again(string fault)
    {
        var channels = await both.FreshAsync();
        var (hub, pings) = (await channels.AddAsync("hub", "hub", null), await channels.AddAsync("pings", "", null));
        await TellTarnAsync();
        foreach (var service in new[] { "hub", "tarn" })
            await both.World.FailAsync(service, fault);
        var title = ChannelTalk.Unique("Told again");
        await _host.WriteAsync(
            title,
            body: $"<p>As <a href=\"{new Uri(both.World.World, "tarn/1")}\">the notebook</a> says.</p>"
        );
        foreach (var channel in new[] { hub, pings })
            await Eventually.TrueAsync("a first attempt", async () =>
                (await channels.TimeLineAsync()).Any(one => one.Number("channelId") == channel && one.Has("answer"))
            );
        foreach (var service in new[] { "hub", "tarn" })
            await both.World.FailAsync(service, "well");
        // On a busy machine the last attempt may be made just now, or the channel have paused for it; the team resumes
        // it and tries again until it is through.
        foreach (var channel in new[] { hub, pings })
            await Eventually.TrueAsync("a delivery", async () =>
            {
                await _host.Owner.PostAsync($"{_host.Api}channels/set-up/{channel}/resume", null);
                await _host.Owner.PostJsonAsync(
                    $"{_host.Api}channels/set-up/{channel}/retry",
                    new { answer = (string?)null }
                );
                return (await channels.TimeLineAsync()).Any(one =>
                    one.Number("channelId") == channel && one.Text("state") == "delivered"
                );
            });
        foreach (var channel in new[] { hub, pings })
            Assert.Contains(
                (await channels.OpenAsync(await channels.DeliveryAsync(channel, title, "delivered"))).Items("tried"),
                attempt => attempt.Text("outcome") == "taken"
            );
    }

    [Fact]
    public async Task A_secret_stays_with_the_site_it_was_given_for()
    {
        var channels = await both.FreshAsync();
        var webhook = await channels.AddAsync("webhook", "bell/", "bell-secret");
        await channels.ChangeAsync(webhook, "webhook", "bell/other", new { });
        Assert.Equal("true", (await channels.ChannelAsync(webhook)).Text("hasSecret"), ignoreCase: true);
        await channels.ChangeAsync(webhook, "webhook", "bell/", new { address = "https://elsewhere.example/bell" });
        Assert.Equal("false", (await channels.ChannelAsync(webhook)).Text("hasSecret"), ignoreCase: true);
    }

    [Fact]
    public async Task A_hub_that_leads_to_itself_fails_with_a_word()
    {
        var channels = await both.FreshAsync();
        var hub = await channels.AddAsync("hub", "hub/circle", null);
        var title = ChannelTalk.Unique("Round and round");
        await _host.WriteAsync(title);
        Assert.Contains(
            "redirects again and again",
            (await channels.DeliveryAsync(hub, title, "failed")).Text("answer"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task What_is_imported_with_an_old_date_is_no_news()
    {
        var channels = await both.FreshAsync();
        var social = await channels.LanternAsync();
        var (old, recent) = (ChannelTalk.Unique("Of last year"), ChannelTalk.Unique("Of today"));
        await _host.Owner.PostJsonAsync(
            $"{_host.Api}posts",
            new
            {
                blogId = _host.Blog,
                title = old,
                bodyHtml = "<p>x</p>",
                status = "published",
                publishedAt = "2025-01-01T00:00:00Z",
                revision = 0,
            }
        );
        await _host.WriteAsync(recent);
        await channels.DeliveryAsync(social, recent, "delivered");
        Assert.DoesNotContain(await channels.TimeLineAsync(), one => one.Text("title") == old);
    }

    private async Task TellTarnAsync()
    {
        using var world = new HttpClient { BaseAddress = both.World.World };
        using var form = new FormUrlEncodedContent(
            new Dictionary<string, string>
            {
                ["target"] = new Uri(both.World.World, "tarn/").AbsoluteUri,
                ["kind"] = "none",
                ["way"] = "none",
                ["words"] = "A page",
            }
        );
        (await world.PostAsync("tarn/pages", form)).EnsureSuccessStatusCode();
    }

    private Task<Json> PostAsync(string title, object details) =>
        _host.Owner.PostJsonAsync(
            $"{_host.Api}posts",
            new
            {
                blogId = _host.Blog,
                title,
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                details,
            }
        );

    private static JsonContent Body(object value) => JsonContent.Create(value);
}

using System.Net;
using Antiphon.Core.Posts;
using Antiphon.Core.Work;
using Antiphon.Server.Mailing.Planning;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>Digests from the posts to the mailbox.</summary>
public sealed class DigestTests(MailHost shared) : DigestHost(shared)
{
    [Fact]
    public async Task New_posts_go_out_together_once_and_nothing_new_sends_nothing()
    {
        await SubscribeAsync("wilf@fellside.example", "hedda@fellside.example");
        await Host.WriteAsync("First night");
        await Host.WriteAsync("Second night");
        var edition = await SendAsync();
        Assert.Equal((2, 2), (edition.Number("total"), edition.Number("delivered")));
        var mails = await World.MailsAsync();
        Assert.Equal(["Second night and 1 more", "Second night and 1 more"], mails.Select(mail => mail.Subject));
        Assert.Equal(
            ["errors"],
            (await Host.Owner.RefusedAsync($"{Path}/{Digest}/send", new { })).Names().Where(name => name == "errors")
        );
        Assert.Equal(2, (await World.MailsAsync()).Count);
    }

    [Fact]
    public async Task When_its_time_comes_it_goes_out_and_says_when_the_next_is()
    {
        await SubscribeAsync("wilf@fellside.example");
        await Host.WriteAsync("First night");
        await ItIsTimeAsync();
        await EditionAsync("sent");
        var digest = (await Host.Owner.GetJsonAsync(Path)).Items().Single(item => item.Number("id") == Digest);
        Assert.Equal(0, digest.Number("waiting"));
        Assert.True(
            DateTimeOffset.Parse(digest.Text("nextAt"), System.Globalization.CultureInfo.InvariantCulture)
                > DateTimeOffset.UtcNow
        );
    }

    [Fact]
    public async Task Before_publishing_only_those_are_counted_who_want_its_categories()
    {
        await SubscribeAsync("wilf@fellside.example", "hedda@fellside.example", "bo@fellside.example");
        await Host.InDatabaseAsync(async database =>
        {
            var all = await database.Subscribers.Where(one => one.SiteId == Host.Site).ToListAsync();
            all.Single(one => one.Mail == "hedda@fellside.example").Categories = ["nights"];
            all.Single(one => one.Mail == "bo@fellside.example").Categories = ["Birds"];
            return await database.SaveChangesAsync();
        });
        Assert.Equal(2, await ReceiversAsync("Nights"));
        Assert.Equal(1, await ReceiversAsync("Moths"));
        Assert.Equal(3, await ReceiversAsync(null));
    }

    private async Task<long> ReceiversAsync(string? category)
    {
        var post = await Host.Owner.PostJsonAsync(
            $"{Host.Api}posts",
            new
            {
                blogId = Host.Blog,
                title = $"In {category ?? "none"}",
                bodyHtml = "<p>x</p>",
                status = "draft",
                revision = 0,
                category,
            }
        );
        var forecast = await Host.Owner.GetJsonAsync($"{Host.Api}posts/{post.Number("id")}/forecast");
        return forecast.Items("digests").Single(one => one.Number("id") == Digest).Number("receivers");
    }

    [Fact]
    public async Task Too_few_posts_wait_for_the_next_time()
    {
        await SubscribeAsync("wilf@fellside.example");
        await ChangeAsync(Settings(more: ("least", 2)));
        await Host.WriteAsync("First night");
        await ItIsTimeAsync();
        var now = DateTimeOffset.UtcNow.AddSeconds(1);
        await Eventually.TrueAsync("the next time", () =>
            Host.InDatabaseAsync(database => database.Digests.AnyAsync(one => one.Id == Digest && one.NextAt > now))
        );
        Assert.Empty((await Host.Owner.GetJsonAsync($"{Host.Api}channels/editions")).Items("editions"));
        await Host.WriteAsync("Second night");
        await ItIsTimeAsync();
        Assert.Equal("Second night + 1", (await EditionAsync("sent")).Text("title"));
    }

    [Fact]
    public async Task Two_servers_at_the_same_time_make_one_edition()
    {
        await SubscribeAsync("wilf@fellside.example");
        await Host.WriteAsync("First night");
        var due = DateTimeOffset.FromUnixTimeMilliseconds(DateTimeOffset.UtcNow.ToUnixTimeMilliseconds());
        await Host.InDatabaseAsync(database =>
            database
                .Digests.Where(one => one.Id == Digest)
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.NextAt, due))
        );
        await Task.WhenAll(
            Enumerable
                .Range(0, 4)
                .Select(_ => Host.Services.GetRequiredService<DigestWorker>().DoNextAsync(CancellationToken.None))
        );
        await EditionAsync("sent");
        Assert.Equal(1, await Host.InDatabaseAsync(database => database.Editions.CountAsync()));
        Assert.Single(await World.MailsAsync());
    }

    [Fact]
    public async Task Everybody_gets_what_they_chose_and_no_empty_mail()
    {
        await SubscribeAsync("all@fellside.example", "nights@fellside.example", "shop@fellside.example");
        await ChooseAsync("nights@fellside.example", "Nights");
        await ChooseAsync("shop@fellside.example", "Shop");
        await WriteInAsync("Leonids", "Nights");
        await WriteInAsync("The old refractor", "Workshop");
        await SendAsync();
        var mails = (await World.MailsAsync()).ToDictionary(mail => mail.To, mail => mail.Subject);
        Assert.Equal(["all@fellside.example", "nights@fellside.example"], mails.Keys.Order());
        Assert.Equal("The old refractor and 1 more", mails["all@fellside.example"]);
        Assert.Equal("Leonids", mails["nights@fellside.example"]);
    }

    [Fact]
    public async Task A_post_that_stays_out_of_mail_does()
    {
        await SubscribeAsync("wilf@fellside.example");
        var post = await Host.WriteAsync("Only here");
        await Host.InDatabaseAsync(async database =>
        {
            var row = await database.Posts.SingleAsync(one => one.Id == post.Number("id"));
            row.Details = row.Details with { StaysOutOfMail = true };
            return await database.SaveChangesAsync();
        });
        await Host.Owner.RefusedAsync($"{Path}/{Digest}/send", new { });
    }

    [Fact]
    public async Task A_paused_sending_goes_on_where_it_was_and_doubles_nothing()
    {
        await World.MailAsync(delay: 40);
        await SubscribeAsync([.. Enumerable.Range(0, 60).Select(n => $"reader{n}@fellside.example")]);
        await Host.WriteAsync("First night");
        await Host.Owner.PostJsonAsync($"{Path}/{Digest}/send");
        var sending = await Eventually.IsAsync("some mails", LatestAsync, one => one.Number("delivered") > 0);
        var edition = $"{Host.Api}channels/editions/{sending.Number("id")}";
        await Host.Owner.PostJsonAsync($"{edition}/pause");
        // What was claimed before the pause is handed over still.
        var held = await Eventually.IsAsync(
            "the pause",
            async () => (Open: await OpenAsync("Sending"), Left: await OpenAsync("Queued")),
            one => one.Open == 0
        );
        Assert.True(held.Left > 0, "The pause came too late to hold anything.");
        Assert.Equal(60 - held.Left, (await World.MailsAsync()).Count);
        await Host.Owner.PostJsonAsync($"{edition}/resume");
        Assert.Equal(60, (await EditionAsync("sent")).Number("delivered"));
        Assert.Equal(60, (await World.MailsAsync()).Select(mail => mail.To).Distinct().Count());
        Assert.Equal(60, (await World.MailsAsync()).Count);
    }

    [Fact]
    public async Task What_waits_of_an_edition_can_be_taken_back()
    {
        await World.MailAsync(putOff: 1000);
        await SubscribeAsync("wilf@fellside.example", "hedda@fellside.example");
        await Host.WriteAsync("On second thoughts");
        await Host.Owner.PostJsonAsync($"{Path}/{Digest}/send");
        var edition = await Eventually.IsAsync(
            "the attempts",
            async () =>
                await Host.InDatabaseAsync(database =>
                    database.Deliveries.CountAsync(delivery => delivery.State == DeliveryState.Retrying)
                ),
            count => count == 2
        );
        var latest = await LatestAsync();
        Assert.Equal(
            2,
            (await Host.Owner.PostJsonAsync($"{Host.Api}channels/editions/{latest.Number("id")}/cancel")).Number(
                "count"
            )
        );
        Assert.Equal(
            ("cancelled", 2, edition),
            ((await LatestAsync()).Text("state"), (await LatestAsync()).Number("cancelled"), 2)
        );
    }

    [Fact]
    public async Task A_second_subject_goes_to_its_share_and_clicks_are_counted_for_each()
    {
        await ChangeAsync(Settings(more: [("secondSubject", "What the plate showed"), ("trialShare", 50)]));
        await SubscribeAsync([.. Enumerable.Range(0, 24).Select(n => $"reader{n}@fellside.example")]);
        await Host.WriteAsync("First night");
        var edition = await SendAsync();
        var mails = await World.MailsAsync();
        var second = mails.Where(mail => mail.Subject == "What the plate showed").ToList();
        Assert.InRange(second.Count, 4, 20);
        await FollowAsync(second[0]);
        await FollowAsync(second[0], "Quarrybot/2.0");
        await FollowAsync(mails.First(mail => mail.Subject == "First night"));
        await FollowAsync(mails.First(mail => mail.Subject == "First night"));
        var trial = (await Host.Owner.GetJsonAsync($"{Host.Api}channels/editions/{edition.Number("id")}"));
        Assert.Equal(
            (2, 1, second.Count),
            (
                trial.Number("trial.firstClicks"),
                trial.Number("trial.secondClicks"),
                trial.Number("trial.secondDelivered")
            )
        );
        Assert.Equal(3, trial.Number("edition.clicks"));
    }

    [Fact]
    public async Task A_mail_carries_its_list_and_leaves_it_in_one_click()
    {
        await SubscribeAsync("wilf@fellside.example");
        await Host.WriteAsync("First night");
        await SendAsync();
        var source = await World.SourceAsync((await World.MailsAsync()).Single());
        Assert.Contains("List-Id: <", source, StringComparison.Ordinal);
        Assert.Contains("List-Unsubscribe-Post: List-Unsubscribe=One-Click", source, StringComparison.Ordinal);
        var mail = MimeKit.MimeMessage.Load(new MemoryStream(System.Text.Encoding.Latin1.GetBytes(source)));
        Assert.Contains("unsubscribe/", mail.TextBody, StringComparison.Ordinal);
        Assert.Contains("preferences/", mail.HtmlBody, StringComparison.Ordinal);
        var leave = mail.Headers["List-Unsubscribe"]!.Trim('<', '>', ' ');
        using var browser = Host.Plain();
        await browser.PostAsync(
            new Uri(leave),
            new FormUrlEncodedContent(new Dictionary<string, string> { ["List-Unsubscribe"] = "One-Click" })
        );
        Assert.Equal(1, (await LatestAsync()).Number("left"));
        Assert.Equal(0, (await Host.Owner.GetJsonAsync(Host.Api + "subscribers")).Number("active"));
    }

    [Fact]
    public async Task Counted_links_lead_only_where_a_mail_led()
    {
        using var browser = Host.Plain();
        Assert.Equal(HttpStatusCode.NotFound, (await browser.GetAsync("go/none")).StatusCode);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await browser.GetAsync("go/https%3A%2F%2Felsewhere.example")).StatusCode
        );
    }

    [Fact]
    public async Task A_withdrawn_post_leaves_what_was_not_sent()
    {
        await World.MailAsync(putOff: 1);
        await SubscribeAsync("wilf@fellside.example");
        await Host.WriteAsync("Stays");
        var gone = await Host.WriteAsync("Goes");
        await Host.Owner.PostJsonAsync($"{Path}/{Digest}/send");
        await Eventually.TrueAsync("the first attempt", () =>
            Host.InDatabaseAsync(database =>
                database.Deliveries.AnyAsync(delivery => delivery.State == DeliveryState.Retrying)
            )
        );
        await Host.InDatabaseAsync(database =>
            database
                .Posts.Where(post => post.Id == gone.Number("id"))
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.Status, PostStatus.Withdrawn))
        );
        await Host.Owner.PostJsonAsync(
            $"{Host.Api}channels/editions/{(await LatestAsync()).Number("id")}/retry",
            new { }
        );
        await EditionAsync("sent");
        Assert.Equal("Stays", (await World.MailsAsync()).Single().Subject);
    }

    [Fact]
    public async Task A_preview_shows_checks_and_sends_to_whoever_asks()
    {
        await Host.WriteAsync("First night", body: "<p>Clear from nine.</p><img src=\"http://127.0.0.1:1/none.png\">");
        var request = new
        {
            name = "Trial",
            settings = Settings("whole", ("subject", "FIRST NIGHT!!")),
            segmentId = (long?)null,
            isUsual = true,
        };
        var preview = await Host.Owner.PostJsonAsync($"{Path}/preview?digest={Digest}", request);
        Assert.Equal(("FIRST NIGHT!!", 1), (preview.Text("subject"), preview.Number("posts")));
        Assert.Contains("mail-subject-shouts", preview.Items("findings").Select(item => item.Text("rule")));
        Assert.Contains("mail-picture-without-words", preview.Items("findings").Select(one => one.Text("rule")));
        Assert.Contains(
            "mail-link-broken",
            (await Host.Owner.PostJsonAsync($"{Path}/check-links?digest={Digest}", request))
                .Items()
                .Select(one => one.Text("rule"))
        );
        await Host.Owner.PostJsonAsync($"{Path}/test?digest={Digest}", request);
        Assert.Equal("FIRST NIGHT!!", (await World.MailsAsync()).Single().Subject);
    }

    [Theory]
    [InlineData("", "column", "name")]
    [InlineData("Each new post", "column", "name")]
    public async Task A_digest_needs_a_name_of_its_own(string name, string form, string field) =>
        Assert.Equal(
            [field],
            (
                await Host.Owner.RefusedAsync(
                    Path,
                    new
                    {
                        name,
                        settings = Settings(form),
                        segmentId = (long?)null,
                        isUsual = true,
                    }
                )
            ).Names("errors")
        );

    [Theory]
    [InlineData("{nothing}")]
    [InlineData("One\nBcc: all@quillmoor.example")]
    public async Task A_subject_that_cannot_work_is_refused_at_its_field(string subject) =>
        Assert.Equal(
            ["subject"],
            (
                await Host.Owner.RefusedAsync(
                    Path,
                    new
                    {
                        name = "Other",
                        settings = Settings(more: ("subject", subject)),
                        segmentId = (long?)null,
                        isUsual = true,
                    }
                )
            ).Names("errors")
        );

    private Task<int> OpenAsync(string state) =>
        Host.InDatabaseAsync(database =>
            database.Deliveries.CountAsync(delivery => delivery.State == Enum.Parse<DeliveryState>(state))
        );

    private Task<int> ChooseAsync(string mail, string category) =>
        Host.InDatabaseAsync(async database =>
        {
            (await database.Subscribers.SingleAsync(subscriber => subscriber.Mail == mail)).Categories = [category];
            return await database.SaveChangesAsync();
        });

    private Task WriteInAsync(string title, string category) =>
        Host.Owner.PostJsonAsync(
            Host.Api + "posts",
            new
            {
                blogId = Host.Blog,
                title,
                bodyHtml = "<p>Clear from nine.</p>",
                category,
                status = "published",
            }
        );

    private async Task FollowAsync(ReceivedMail mail, string agent = "Mozilla/5.0 (X11; Linux x86_64)")
    {
        var body = MimeKit
            .MimeMessage.Load(new MemoryStream(System.Text.Encoding.Latin1.GetBytes(await World.SourceAsync(mail))))
            .TextBody!;
        var link = body.Split('\n').First(line => line.Contains("/go/", StringComparison.Ordinal)).Trim();
        using var browser = Host.Plain();
        browser.DefaultRequestHeaders.UserAgent.ParseAdd(agent);
        Assert.Equal(HttpStatusCode.Redirect, (await browser.GetAsync(new Uri(link))).StatusCode);
    }
}

using Antiphon.Core.Posts;
using Antiphon.Core.Work;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>From publishing to the mailbox, with the real worker and the stand-in mail server.</summary>
public sealed class MailDeliveryTests(MailHost shared) : IClassFixture<MailHost>, IAsyncLifetime
{
    private readonly AntiphonHost _host = shared.Host;
    private readonly OutsideWorld _world = shared.World;

    public Task InitializeAsync() => shared.StartAnewAsync();

    public Task DisposeAsync() => Task.CompletedTask;

    [Fact]
    public async Task Every_subscriber_gets_a_published_post_once()
    {
        await SubscribeAsync("wilf@fellside.example", "hedda@fellside.example");
        var post = await _host.WriteAsync("Leonids: forty-one trails");
        await DeliveredAsync(post, 2);
        await SaveAgainAsync(post);
        var mails = await _world.MailsAsync();
        Assert.Equal(["hedda@fellside.example", "wilf@fellside.example"], mails.Select(mail => mail.To).Order());
        Assert.All(mails, mail => Assert.Equal("Leonids: forty-one trails", mail.Subject));
        Assert.Equal(2, mails.Select(mail => mail.MessageId).Distinct().Count());
    }

    [Fact]
    public async Task A_draft_reaches_nobody()
    {
        await SubscribeAsync("wilf@fellside.example");
        await _host.WriteAsync("Secret", "draft");
        Assert.Equal(0, await _host.InDatabaseAsync(database => database.Deliveries.CountAsync()));
    }

    [Fact]
    public async Task An_address_nobody_has_fails_for_good_and_says_why()
    {
        await SubscribeAsync("lapsed@bounce.example");
        var post = await _host.WriteAsync("To nobody");
        var delivery = await Eventually.IsAsync(
            "the failure",
            () => DeliveryAsync(post),
            one => one.Has("state") && one.Text("state") == "failed"
        );
        Assert.Contains("Nobody of that name", delivery.Text("lastAnswer"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_passing_refusal_is_tried_again_later_and_not_given_up()
    {
        await _world.MailAsync(putOff: 1);
        await SubscribeAsync("wilf@fellside.example");
        var post = await _host.WriteAsync("Patience");
        var delivery = await Eventually.IsAsync(
            "the first attempt",
            () => DeliveryAsync(post),
            one => one.Has("state") && one.Text("state") == "retrying"
        );
        Assert.Equal(1, delivery.Number("attempts"));
        Assert.True(delivery.Has("nextAttemptAt"));
        await _host.Owner.PostJsonAsync($"{_host.Api}channels/mail/{post.Number("id")}/retry");
        await DeliveredAsync(post, 1);
    }

    [Fact]
    public async Task The_link_in_the_mail_ends_the_mails()
    {
        await SubscribeAsync("wilf@fellside.example");
        var key = await _host.InDatabaseAsync(database =>
            database.Subscribers.Select(subscriber => subscriber.Key).SingleAsync()
        );
        using var browser = _host.Plain();
        Assert.Contains("Unsubscribe?", await browser.GetStringAsync($"unsubscribe/{key}"), StringComparison.Ordinal);
        // Opening alone ends nothing: mail scanners open every link.
        Assert.Equal(1, (await _host.Owner.GetJsonAsync(_host.Api + "subscribers")).Number("active"));
        await browser.PostAsync($"unsubscribe/{key}", null);
        Assert.Equal(0, (await _host.Owner.GetJsonAsync(_host.Api + "subscribers")).Number("active"));
        await _host.WriteAsync("After leaving");
        Assert.Equal(0, await _host.InDatabaseAsync(database => database.Deliveries.CountAsync()));
    }

    [Fact]
    public async Task What_a_dead_worker_had_claimed_is_claimed_again_when_its_lease_is_over()
    {
        await SubscribeAsync("wilf@fellside.example");
        var post = await _host.WriteAsync("Interrupted");
        await DeliveredAsync(post, 1);
        // As a crash between handing over and recording leaves it: claimed, with a lease that has run out.
        await _host.InDatabaseAsync(database =>
            database.Deliveries.ExecuteUpdateAsync(set =>
                set.SetProperty(one => one.State, DeliveryState.Sending)
                    .SetProperty(one => one.HeldUntil, DateTimeOffset.UnixEpoch)
                    .SetProperty(one => one.Unfinished, 1)
                    .SetProperty(one => one.DeliveredAt, (DateTimeOffset?)null)
            )
        );
        await DeliveredAsync(post, 1);
        // The mail is the same to the receiver, who keeps it once.
        Assert.Single(await _world.MailsAsync());
    }

    [Fact]
    public async Task What_waits_can_be_cancelled()
    {
        await _world.MailAsync(putOff: 1000);
        await SubscribeAsync("wilf@fellside.example");
        var post = await _host.WriteAsync("On second thoughts");
        await Eventually.IsAsync(
            "the first attempt",
            () => DeliveryAsync(post),
            one => one.Has("state") && one.Text("state") == "retrying"
        );
        Assert.Equal(
            1,
            (await _host.Owner.PostJsonAsync($"{_host.Api}channels/mail/{post.Number("id")}/cancel")).Number("count")
        );
        Assert.Equal("cancelled", (await DeliveryAsync(post)).Text("state"));
    }

    [Fact]
    public async Task A_scheduled_post_is_published_and_mailed_when_its_time_comes()
    {
        await SubscribeAsync("wilf@fellside.example");
        var post = await _host.WriteAsync("Due", "draft");
        var id = post.Number("id");
        await _host.InDatabaseAsync(database =>
            database
                .Posts.Where(one => one.Id == id)
                .ExecuteUpdateAsync(set =>
                    set.SetProperty(one => one.Status, PostStatus.Scheduled)
                        .SetProperty(one => one.PublishedAt, DateTimeOffset.UtcNow.AddMinutes(-1))
                )
        );
        await DeliveredAsync(post, 1);
        Assert.Equal("published", (await _host.Owner.GetJsonAsync($"{_host.Api}posts/{id}")).Text("status"));
    }

    [Theory]
    [InlineData("nonsense", "mail")]
    [InlineData("", "mail")]
    public async Task A_wrong_address_is_refused_at_its_field(string mail, string field) =>
        Assert.Equal(
            [field],
            (await _host.Owner.RefusedAsync(_host.Api + "subscribers", new { mail })).Names("errors")
        );

    [Fact]
    public async Task The_same_address_is_not_added_twice()
    {
        await SubscribeAsync("wilf@fellside.example");
        Assert.Equal(
            ["mail"],
            (await _host.Owner.RefusedAsync(_host.Api + "subscribers", new { mail = "Wilf@Fellside.example" })).Names(
                "errors"
            )
        );
    }

    private async Task SubscribeAsync(params string[] mails)
    {
        foreach (var mail in mails)
            await _host.Owner.PostJsonAsync(_host.Api + "subscribers", new { mail });
    }

    private Task DeliveredAsync(Json post, int count) =>
        Eventually.IsAsync(
            "the delivery",
            () => _host.Owner.GetJsonAsync(Path(post)),
            rows => rows.Items().Count(row => row.Text("state") == "delivered") == count
        );

    private async Task<Json> DeliveryAsync(Json post) =>
        (await _host.Owner.GetJsonAsync(Path(post))).Items().SingleOrDefault() ?? new Json(null);

    private Task SaveAgainAsync(Json post) =>
        _host.Owner.PutJsonAsync(
            $"{_host.Api}posts/{post.Number("id")}",
            new
            {
                blogId = _host.Blog,
                title = post.Text("title"),
                bodyHtml = "<p>Corrected.</p>",
                status = "published",
                revision = post.Number("revision"),
            }
        );

    private string Path(Json post) => $"{_host.Api}channels/mail/{post.Number("id")}";
}

using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using Antiphon.Core.Mailing.Returns;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Mailing;

/// <summary>Mails that come back: refused at once, sent back later, or called unwanted.</summary>
public sealed class ReturnTests(MailHost shared) : DigestHost(shared)
{
    [Theory]
    [InlineData("lapsed@bounce.example", Suppression.Bounce)]
    [InlineData("lapsed@later.example", Suppression.Bounce)]
    [InlineData("cross@unwanted.example", Suppression.Complaint)]
    public async Task An_address_that_takes_no_mail_gets_none_any_more(string mail, Suppression why)
    {
        await SubscribeAsync(mail, "wilf@fellside.example");
        await Host.WriteAsync("First night");
        await SendAsync();
        await Eventually.IsAsync("the return", () => SubscriberAsync(mail), one => one.Suppressed == why);
        await Host.WriteAsync("Second night");
        Assert.Equal(1, (await SendAsync()).Number("total"));
    }

    [Fact]
    public async Task A_full_mailbox_is_counted_and_given_up_only_after_five()
    {
        await SubscribeAsync("busy@full.example");
        for (var night = 1; night <= ReturnRule.MostSoft; night++)
        {
            Assert.Null((await SubscriberAsync("busy@full.example")).Suppressed);
            await Host.WriteAsync($"Night {night}");
            await SendAsync();
            await Eventually.IsAsync(
                "the return",
                () => SubscriberAsync("busy@full.example"),
                one => one.SoftBounces == night
            );
        }

        var given = await SubscriberAsync("busy@full.example");
        Assert.Equal(Suppression.Bounce, given.Suppressed);
        Assert.Contains("full", given.LastReturn, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_mail_that_came_back_later_counts_as_failed_in_its_edition()
    {
        await SubscribeAsync("lapsed@later.example");
        await Host.WriteAsync("First night");
        await SendAsync();
        await Eventually.IsAsync("the return", LatestAsync, one =>
            one.Number("failed") == 1 && one.Number("delivered") == 0
        );
    }

    [Fact]
    public async Task Programs_post_returns_with_the_token_alone()
    {
        await SubscribeAsync("wilf@fellside.example");
        using var program = Host.Plain();
        var body = new
        {
            returns = new[]
            {
                new
                {
                    kind = "complaint",
                    address = "Wilf@fellside.example",
                    reason = "Told by the mail service",
                },
            },
        };
        Assert.Equal(HttpStatusCode.Unauthorized, (await program.PostAsJsonAsync("mail/returns", body)).StatusCode);
        program.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "forged");
        Assert.Equal(HttpStatusCode.Unauthorized, (await program.PostAsJsonAsync("mail/returns", body)).StatusCode);
        program.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "returns-token");
        Assert.Equal(1, (await program.PostJsonAsync("mail/returns", body)).Number("subscribers"));
        Assert.Equal(Suppression.Complaint, (await SubscriberAsync("wilf@fellside.example")).Suppressed);
        Assert.Equal(
            ["returns"],
            (await program.RefusedAsync("mail/returns", new { returns = new[] { new { kind = "hard" } } })).Names(
                "errors"
            )
        );
    }

    [Fact]
    public async Task A_holiday_answer_is_no_return()
    {
        await SubscribeAsync("wilf@fellside.example");
        using var program = Host.Plain();
        program.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "returns-token");
        var mail = new StringContent(
            "From: <wilf@fellside.example>\r\nTo: <returns@quillmoor.example>\r\nSubject: Away\r\nAuto-Submitted: auto-replied\r\n\r\nBack on Monday.\r\n"
        );
        mail.Headers.ContentType = new MediaTypeHeaderValue("message/rfc822");
        var answer = await program.PostAsync("mail/returns", mail);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        Assert.Null((await SubscriberAsync("wilf@fellside.example")).Suppressed);
    }

    private Task<Subscriber> SubscriberAsync(string mail) =>
        Host.InDatabaseAsync(database =>
            database.Subscribers.AsNoTracking().SingleAsync(subscriber => subscriber.Mail == mail)
        );
}

using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Comments.Notifying;

/// <summary>Mails to moderators, and the links in them that decide.</summary>
public sealed partial class ModeratorMailTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task What_waits_is_told_with_links_that_ask_once_more_and_decide_once()
    {
        var (thread, text) = await ToldAsync("Which way were you facing?");
        Assert.Contains("Which way were you facing?", text, StringComparison.Ordinal);
        using var phone = host.Plain();
        var hide = Link()
            .Matches(text)
            .Select(match => match.Value)
            .Single(link => link.EndsWith("to=hidden", StringComparison.Ordinal));
        // Scanners open every link, and nothing happens.
        foreach (var link in Link().Matches(text).Select(match => match.Value))
            await phone.GetStringAsync(link);
        var page = await phone.GetStringAsync(hide);
        Assert.Contains("Hide this comment?", page, StringComparison.Ordinal);
        Assert.Contains("Which way were you facing?", page, StringComparison.Ordinal);
        Assert.Equal(1, await thread.CountAsync("waiting"));

        Assert.Contains("Hidden", await TapAsync(phone, hide, "hidden", HttpStatusCode.OK), StringComparison.Ordinal);
        Assert.Equal(1, await thread.CountAsync("hidden"));
        Assert.Contains(
            "was used",
            await TapAsync(phone, hide, "public", HttpStatusCode.Gone),
            StringComparison.Ordinal
        );
        Assert.Equal(HttpStatusCode.Gone, (await phone.GetAsync(hide)).StatusCode);
        Assert.Equal(1, await thread.CountAsync("hidden"));
        Assert.Equal("mail", (await host.Owner.GetJsonAsync($"{host.Api}comments/record")).Text("deeds.0.way"));
    }

    [Fact]
    public async Task Whose_workplace_speaks_german_gets_mails_and_pages_in_german()
    {
        var mail = $"deutsch-{Guid.NewGuid():N}@quillmoor.example";
        using var moderator = await host.MemberAsync("moderator", mail);
        using var session = new HttpRequestMessage(HttpMethod.Get, "api/session");
        session.Headers.AcceptLanguage.ParseAdd("de");
        await HttpTalk.GoodAsync(await moderator.SendAsync(session));
        await WishAsync(moderator, "waiting");
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/deutsch");
        await thread.WriteAsync("Wilf Ormerod", "In reply to nobody:");
        var text = await LetterAsync(mail, "Jeder Link gilt einmal");
        Assert.Contains("    In reply to nobody:", text, StringComparison.Ordinal);
        Assert.Contains("Ausblenden: http", text, StringComparison.Ordinal);
        using var phone = host.Plain();
        using var opened = new HttpRequestMessage(HttpMethod.Get, Link().Matches(text)[0].Value);
        opened.Headers.AcceptLanguage.ParseAdd("de");
        var page = await (await phone.SendAsync(opened)).Content.ReadAsStringAsync();
        Assert.Contains("lang=\"de\"", page, StringComparison.Ordinal);
        Assert.Contains("Diesen Kommentar veröffentlichen?", WebUtility.HtmlDecode(page), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_link_does_not_override_what_a_colleague_decided_in_the_meantime()
    {
        var (thread, text) = await ToldAsync("Is the owl in?");
        using var phone = host.Plain();
        var link = Link().Matches(text)[0].Value;
        await thread.DecideAllAsync("spam");
        Assert.Contains(
            "already moderated",
            await TapAsync(phone, link, "public", HttpStatusCode.Conflict),
            StringComparison.Ordinal
        );
        Assert.Equal(1, await thread.CountAsync("spam"));
    }

    [Fact]
    public async Task Links_end_and_forged_ones_are_not_known()
    {
        var (thread, text) = await ToldAsync("Is the bench dry?");
        await host.InDatabaseAsync(database =>
            database.DecisionLinks.ExecuteUpdateAsync(set =>
                set.SetProperty(link => link.ExpiresAt, DateTimeOffset.UtcNow.AddMinutes(-1))
            )
        );
        using var phone = host.Plain();
        Assert.Contains(
            "has expired",
            await TapAsync(phone, Link().Matches(text)[0].Value, "public", HttpStatusCode.Gone),
            StringComparison.Ordinal
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await phone.GetAsync($"decide/{new string('a', 40)}?to=public")).StatusCode
        );
        Assert.Equal(1, await thread.CountAsync("waiting"));
    }

    [Fact]
    public async Task Who_left_the_team_decides_nothing_by_mail()
    {
        var mail = $"leaving-{Guid.NewGuid():N}@quillmoor.example";
        using var moderator = await host.MemberAsync("moderator", mail);
        await WishAsync(moderator, "waiting");
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/leaving");
        await thread.WriteAsync("Wilf Ormerod", "Will you stay?");
        var text = await LetterAsync(mail, "Will you stay?");
        var person = (await host.Owner.GetJsonAsync(host.Api + "people"))
            .Items()
            .Single(item => item.Text("mail") == mail)
            .Number("personId");
        await HttpTalk.GoodAsync(await host.Owner.DeleteAsync($"{host.Api}people/{person}"));
        using var phone = host.Plain();
        await TapAsync(phone, Link().Matches(text)[0].Value, "public", HttpStatusCode.NotFound);
        Assert.Equal(1, await thread.CountAsync("waiting"));
    }

    [Fact]
    public async Task Quiet_hours_hold_everything_back_and_one_mail_tells_it_afterwards()
    {
        var mail = $"quiet-{Guid.NewGuid():N}@quillmoor.example";
        using var moderator = await host.MemberAsync("moderator", mail);
        var now = TimeOnly.FromDateTime(DateTime.UtcNow);
        await WishAsync(moderator, "waiting", now.AddHours(-2), now.AddHours(2), "UTC");
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/quiet");
        await thread.WriteAsync("Wilf Ormerod", "Past midnight, one.");
        await thread.WriteAsync("Wilf Ormerod", "Past midnight, two.");
        await WishAsync(host.Owner, "waiting");
        await thread.WriteAsync("Wilf Ormerod", "Past midnight, three.");
        // Who is not quiet has been told by now.
        await LetterAsync("imogen@quillmoor.example", "Past midnight, three.");
        Assert.Equal(
            0,
            await host.InDatabaseAsync(database =>
                database.Letters.CountAsync(letter => letter.Address == mail && letter.Text.Contains("Past midnight"))
            )
        );
        await WishAsync(moderator, "waiting");
        var text = await LetterAsync(mail, "Past midnight, one.");
        Assert.Contains("Past midnight, two.", text, StringComparison.Ordinal);
        await WishAsync(host.Owner, "nothing");
    }

    [Fact]
    public async Task Who_wants_reports_alone_is_told_of_those_alone()
    {
        var mail = $"reports-{Guid.NewGuid():N}@quillmoor.example";
        using var moderator = await host.MemberAsync("moderator", mail);
        await WishAsync(moderator, "reported");
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/reports");
        await thread.WriteAsync("Wilf Ormerod", "Not a word about this.");
        await thread.WriteAsync("Tom Ashdown", "This one is rude.");
        await thread.DecideAllAsync("public");
        var rude = (await thread.JsonAsync())
            .Items("comments")
            .Single(item => item.Text("html").Contains("rude", StringComparison.Ordinal))
            .Text("id");
        await HttpTalk.GoodAsync(await thread.SpeakAsync(rude, "device-one-0123456789", report: "hurtful"));
        var text = await LetterAsync(mail, "This one is rude.");
        Assert.Contains("Reported by 1.", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Not a word", text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(200, null, null, "everyHours")]
    [InlineData(0, "22:00:00", null, "quietUntil")]
    public async Task A_wish_that_makes_no_sense_is_refused_at_its_field(
        int hours,
        string? from,
        string? until,
        string field
    )
    {
        var answer = await host.Owner.PutAsJsonAsync(
            $"{host.Api}comments/notices",
            new
            {
                about = "all",
                everyHours = hours,
                quietFrom = from,
                quietUntil = until,
            }
        );
        Assert.Equal([field], (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
    }

    private async Task<(ThreadTalk Thread, string Text)> ToldAsync(string words)
    {
        await WishAsync(host.Owner, "waiting");
        var thread = await ThreadTalk.NewAsync(host, "https://quillmoor.example/told");
        await thread.WriteAsync("Wilf Ormerod", words);
        var text = await LetterAsync("imogen@quillmoor.example", words);
        await WishAsync(host.Owner, "nothing");
        return (thread, text);
    }

    private async Task WishAsync(
        HttpClient person,
        string about,
        TimeOnly? from = null,
        TimeOnly? until = null,
        string? zone = null
    )
    {
        if (zone is not null)
            await host.InDatabaseAsync(database =>
                database.Sites.ExecuteUpdateAsync(set => set.SetProperty(site => site.TimeZone, zone))
            );
        await person.PutJsonAsync(
            $"{host.Api}comments/notices",
            new
            {
                about,
                everyHours = 0,
                quietFrom = from,
                quietUntil = until,
            }
        );
    }

    private async Task<string> LetterAsync(string mail, string words)
    {
        var text = string.Empty;
        await Eventually.TrueAsync($"a mail to {mail} with “{words}”", async () =>
        {
            text = await host.InDatabaseAsync(database =>
                database
                    .Letters.Where(letter => letter.Address == mail && letter.Text.Contains(words))
                    .Select(one => one.Text)
                    .FirstOrDefaultAsync()
            ) ?? string.Empty;
            return text.Length > 0;
        });
        return text;
    }

    private static async Task<string> TapAsync(HttpClient phone, string link, string to, HttpStatusCode status)
    {
        var answer = await phone.PostAsync(
            link,
            new FormUrlEncodedContent(new Dictionary<string, string> { ["to"] = to, ["seen"] = "waiting" })
        );
        var page = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.StatusCode == status, $"{answer.StatusCode}: {page}");
        return page;
    }

    [GeneratedRegex("http\\S+/decide/\\S+")]
    private static partial Regex Link();
}

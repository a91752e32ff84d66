using System.Net;
using System.Text.RegularExpressions;
using Antiphon.Data.Comments.Commenters;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Comments.Commenters;

/// <summary>What readers do with what they wrote, and what they are told.</summary>
public sealed partial class OwnCommentTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Device = "device-one-0123456789";

    [Fact]
    public async Task The_device_that_wrote_changes_and_takes_back_and_no_other()
    {
        await SetAsync(new { approval = "none" });
        var thread = await NewAsync();
        var key = await WriteAsync(thread, "Which way?", device: Device);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await ChangeAsync(thread, key, "Mine now.", "device-two-0123456789")).StatusCode
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await thread.SendAsync("/own", ("comment", key), ("act", "edit"), ("text", "No device."))).StatusCode
        );
        await HttpTalk.GoodAsync(await ChangeAsync(thread, key, "Which way did you face?", Device));
        var html = await thread.HtmlAsync();
        Assert.Contains("Which way did you face?", html, StringComparison.Ordinal);
        Assert.Contains("· edited<", html, StringComparison.Ordinal);

        await HttpTalk.GoodAsync(
            await thread.SendAsync("/own", ("comment", key), ("act", "withdraw"), ("device", Device))
        );
        Assert.Empty((await thread.JsonAsync()).Items("comments"));
        Assert.Equal(
            ["erased", "withdrawn", "edited"],
            (await host.Owner.GetJsonAsync($"{host.Api}comments/record"))
                .Items("deeds")
                .Take(3)
                .Select(deed => deed.Text("kind"))
        );
    }

    [Fact]
    public async Task Only_the_device_that_wrote_learns_whether_it_waits()
    {
        await SetAsync(new { approval = "all" });
        var thread = await NewAsync();
        var key = await WriteAsync(thread, "Is anybody there?", device: Device);
        Assert.Contains("\"isPublic\":false", await LookAsync(Device), StringComparison.Ordinal);
        // What was put aside as spam waits like the rest, as far as its writer can tell.
        await thread.DecideAllAsync("spam");
        Assert.Contains("\"isPublic\":false", await LookAsync(Device), StringComparison.Ordinal);
        Assert.Equal(
            HttpStatusCode.NotFound,
            (
                await thread.SendAsync("/own", ("comment", key), ("act", "look"), ("device", "device-two-0123456789"))
            ).StatusCode
        );

        async Task<string> LookAsync(string device) =>
            await (
                await thread.SendAsync("/own", ("comment", key), ("act", "look"), ("device", device))
            ).Content.ReadAsStringAsync();
    }

    [Fact]
    public async Task After_the_time_a_text_stays_as_it_is()
    {
        await SetAsync(new { approval = "none", editMinutes = 0 });
        var thread = await NewAsync();
        var key = await WriteAsync(thread, "Which way?", device: Device);
        Assert.Equal(
            ["text"],
            (await (await ChangeAsync(thread, key, "Another.", Device)).ProblemAsync(HttpStatusCode.BadRequest)).Names(
                "errors"
            )
        );
        Assert.Contains("Which way?", await thread.HtmlAsync(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_harmless_text_changed_into_another_waits()
    {
        await SetAsync(new { approval = "none", refusedWords = new[] { "casino*" } });
        var thread = await NewAsync();
        var key = await WriteAsync(thread, "Lovely.", device: Device);
        Assert.Contains(
            "\"isPublic\":false",
            await (await ChangeAsync(thread, key, "Lovely casinos.", Device)).Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
        Assert.Equal(1, await thread.CountAsync("waiting"));
    }

    [Fact]
    public async Task A_link_by_mail_shows_exports_and_removes_what_was_written()
    {
        await SetAsync(new { approval = "none" });
        var thread = await NewAsync();
        var mail = $"ida-{Guid.NewGuid():N}@reader.example";
        await WriteAsync(thread, "First of mine.", mail);
        await WriteAsync(thread, "Second of mine.", mail);
        await WriteAsync(thread, "Of somebody else.", "other@reader.example");
        using var reader = host.Plain();
        (await reader.PostAsync($"embed/mine/{thread.SiteKey}", Form(("mail", mail)))).EnsureSuccessStatusCode();
        var link = Link().Match(await LetterAsync(mail)).Value;
        var page = await reader.GetStringAsync(link);
        Assert.Contains("First of mine.", page, StringComparison.Ordinal);
        Assert.DoesNotContain("Of somebody else.", page, StringComparison.Ordinal);
        // What cannot be taken back is asked first: no button removes anything before a question was opened.
        Assert.Equal(3, page.Split("value=\"erase\"").Length - 1);
        Assert.DoesNotContain(
            "value=\"erase\"",
            Regex.Replace(page, "<details class=\"sure\">.*?</details>", string.Empty, RegexOptions.Singleline),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "Second of mine.",
            await reader.GetStringAsync($"{link}/comments.json"),
            StringComparison.Ordinal
        );
        Assert.Equal(
            0,
            await host.InDatabaseAsync(database =>
                database.ConfirmedCommenters.CountAsync(confirmedReader => confirmedReader.Mail == mail)
            )
        );

        await reader.PostAsync(link, Form(("act", "confirm")));
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database => database.ConfirmedCommenters.CountAsync(one => one.Mail == mail))
        );
        Assert.Contains(
            "2 comments permanently deleted",
            await (await reader.PostAsync(link, Form(("act", "erase")))).Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            ["Of somebody else."],
            (await thread.JsonAsync())
                .Items("comments")
                .Select(item =>
                    item.Text("html")
                        .Replace("<p>", "", StringComparison.Ordinal)
                        .Replace("</p>", "", StringComparison.Ordinal)
                )
        );
        Assert.Equal(
            0,
            await host.InDatabaseAsync(database => database.Comments.CountAsync(comment => comment.Mail == mail))
        );
    }

    [Fact]
    public async Task Nobody_learns_who_has_written_and_nobody_is_written_to_without_end()
    {
        await SetAsync(new { approval = "none" });
        var thread = await NewAsync();
        var mail = $"often-{Guid.NewGuid():N}@reader.example";
        await WriteAsync(thread, "Mine.", mail);
        using var reader = host.Plain();
        var known = await (
            await reader.PostAsync($"embed/mine/{thread.SiteKey}", Form(("mail", mail)))
        ).Content.ReadAsStringAsync();
        Assert.Equal(
            known,
            await (
                await reader.PostAsync($"embed/mine/{thread.SiteKey}", Form(("mail", "nobody@reader.example")))
            ).Content.ReadAsStringAsync()
        );
        for (var again = 0; again < 5; again++)
            await reader.PostAsync($"embed/mine/{thread.SiteKey}", Form(("mail", mail)));
        Assert.Equal(
            3,
            await host.InDatabaseAsync(database => database.Letters.CountAsync(letter => letter.Address == mail))
        );
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (await reader.PostAsync($"embed/mine/{thread.SiteKey}", Form(("mail", "no mail")))).StatusCode
        );
    }

    [Fact]
    public async Task Who_must_confirm_waits_until_the_link_is_followed_and_is_decided_then()
    {
        await SetAsync(new { approval = "none", writers = "confirmed" });
        var thread = await NewAsync();
        Assert.Equal(
            ["mail"],
            (await (await thread.PostAsync("Ida Marsh", "No mail.")).ProblemAsync(HttpStatusCode.BadRequest)).Names(
                "errors"
            )
        );
        var mail = $"new-{Guid.NewGuid():N}@reader.example";
        await WriteAsync(thread, "Is it open?", mail, Device);
        Assert.Equal("unconfirmed", Assert.Single(await thread.QueueAsync("waiting")).Text("trace.step"));
        using var reader = host.Plain();
        await reader.PostAsync(Link().Match(await LetterAsync(mail)).Value, Form(("act", "confirm")));
        Assert.Equal(1, await thread.CountAsync("public"));
        await WriteAsync(thread, "And tomorrow?", mail, Device);
        Assert.Equal(2, await thread.CountAsync("public"));
    }

    [Theory]
    [InlineData("named", "friend@reader.example", true)]
    [InlineData("named", "stranger@reader.example", false)]
    [InlineData("subscribers", "friend@reader.example", false)]
    public async Task Groups_let_in_whom_they_name(string writers, string mail, bool isTaken)
    {
        await SetAsync(new { writers, namedReaders = new[] { "Friend@reader.example" } });
        var answer = await (await NewAsync()).PostAsync("Ida Marsh", "Let me in.", mail);
        Assert.Equal(isTaken, answer.IsSuccessStatusCode);
    }

    [Fact]
    public async Task Whoever_follows_is_told_of_answers_once_and_stops_in_one_click()
    {
        await SetAsync(new { approval = "none" });
        var thread = await NewAsync();
        var mail = $"follows-{Guid.NewGuid():N}@reader.example";
        await host.InDatabaseAsync(async database =>
        {
            database.ConfirmedCommenters.Add(
                new ConfirmedCommenter
                {
                    SiteId = host.Site,
                    Mail = mail,
                    ConfirmedAt = DateTimeOffset.UtcNow,
                }
            );
            return await database.SaveChangesAsync();
        });
        await HttpTalk.GoodAsync(
            await thread.SendAsync("", ("name", "Ida"), ("text", "Question?"), ("mail", mail), ("follow", "answers"))
        );
        var question = (await thread.JsonAsync()).Text("comments.0.id");
        await HttpTalk.GoodAsync(await thread.SendAsync("", ("name", "Tom"), ("text", "Not an answer.")));
        await HttpTalk.GoodAsync(
            await thread.SendAsync("", ("name", "Tom"), ("text", "The answer."), ("answers", question))
        );
        var letters = await host.InDatabaseAsync(database =>
            database.Letters.Where(letter => letter.Address == mail).ToListAsync()
        );
        var told = Assert.Single(letters);
        Assert.Contains("The answer.", told.Text, StringComparison.Ordinal);
        Assert.Equal("Tom replied to you on “Visit”", told.Subject);

        using var reader = host.Plain();
        Assert.Contains("Stop emails", await reader.GetStringAsync(told.StopAddress!), StringComparison.Ordinal);
        await reader.PostAsync(told.StopAddress, Form(("List-Unsubscribe", "One-Click")));
        await HttpTalk.GoodAsync(
            await thread.SendAsync("", ("name", "Tom"), ("text", "Another answer."), ("answers", question))
        );
        Assert.Equal(
            1,
            await host.InDatabaseAsync(database => database.Letters.CountAsync(one => one.Address == mail))
        );
    }

    [Fact]
    public async Task Nobody_follows_with_an_address_that_is_not_confirmed_or_missing()
    {
        await SetAsync(new { approval = "none" });
        var thread = await NewAsync();
        Assert.Equal(
            ["mail"],
            (
                await (
                    await thread.SendAsync("", ("name", "Ida"), ("text", "Tell me."), ("follow", "all"))
                ).ProblemAsync(HttpStatusCode.BadRequest)
            ).Names("errors")
        );
        var mail = $"typed-{Guid.NewGuid():N}@reader.example";
        await HttpTalk.GoodAsync(
            await thread.SendAsync("", ("name", "Ida"), ("text", "Tell me."), ("mail", mail), ("follow", "all"))
        );
        await thread.WriteAsync("Tom", "Something.");
        var letter = Assert.Single(
            await host.InDatabaseAsync(database =>
                database.Letters.Where(letter => letter.Address == mail).ToListAsync()
            )
        );
        Assert.Contains("/mine/", letter.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Reactions_count_once_for_each_device_and_are_those_that_are_offered()
    {
        await SetAsync(new { approval = "none", reactions = new[] { "🔭", "👏" } });
        var thread = await NewAsync();
        var key = await WriteAsync(thread, "Clear.", device: Device);
        Assert.Equal("1", (await ReactAsync(thread, key, "🔭", Device)).Text("count"));
        Assert.Equal("2", (await ReactAsync(thread, key, "🔭", "device-two-0123456789")).Text("count"));
        Assert.Equal("1", (await ReactAsync(thread, key, "🔭", Device)).Text("count"));
        await thread.HtmlAsync();
        Assert.Equal("1", (await ReactAsync(thread, string.Empty, "👏", Device)).Text("count"));
        Assert.Contains("👏 <span>1</span>", WebUtility.HtmlDecode(await thread.HtmlAsync()), StringComparison.Ordinal);
        // A page nobody has written on is opened by it.
        Assert.Equal("1", (await ReactAsync(await NewAsync(), string.Empty, "👏", Device)).Text("count"));
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await thread.SendAsync("/voice", ("comment", key), ("react", "💣"), ("device", Device))).StatusCode
        );
        Assert.Contains("🔭 <span>1</span>", WebUtility.HtmlDecode(await thread.HtmlAsync()), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_page_may_ask_for_a_rating_and_shows_what_they_come_to()
    {
        await SetAsync(new { approval = "none", asksRating = true });
        var thread = await NewAsync();
        Assert.Equal(
            ["rating"],
            (
                await (await thread.SendAsync("", ("name", "Ida"), ("text", "Good."), ("rating", "6"))).ProblemAsync(
                    HttpStatusCode.BadRequest
                )
            ).Names("errors")
        );
        foreach (var rating in new[] { "5", "4", "4" })
            await HttpTalk.GoodAsync(
                await thread.SendAsync("", ("name", "Ida"), ("text", $"It is a {rating}."), ("rating", rating))
            );
        var html = await thread.HtmlAsync();
        Assert.Contains("4.3 of 5, from 3", html, StringComparison.Ordinal);
        Assert.Contains("\"ratingValue\":\"4.3\",\"ratingCount\":3", html, StringComparison.Ordinal);
        Assert.Contains("★★★★<i>★</i>", html, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_preview_is_what_it_will_be_and_stores_nothing()
    {
        var thread = await NewAsync();
        Assert.Equal(
            "<p><strong>cold</strong> &lt;b&gt;</p>",
            (await (await thread.SendAsync("/preview", ("text", "**cold** <b>"))).Content.ReadAsStringAsync()).Trim()
        );
        Assert.Empty((await thread.JsonAsync()).Items("comments"));
    }

    [Fact]
    public async Task The_name_may_stay_empty_only_where_the_owner_says_so()
    {
        await SetAsync(new { });
        Assert.Equal(
            ["name"],
            (await (await (await NewAsync()).PostAsync("", "Who am I?")).ProblemAsync(HttpStatusCode.BadRequest)).Names(
                "errors"
            )
        );
        await SetAsync(new { approval = "none", allowsAnonymous = true });
        var thread = await NewAsync();
        await thread.WriteAsync("", "Who am I?");
        Assert.Equal("Anonymous", (await thread.JsonAsync()).Text("comments.0.author"));
    }

    [Fact]
    public async Task A_closed_thread_says_why()
    {
        await SetAsync(new { closeAt = "2020-01-01T00:00", closedReason = "The season is over." });
        var thread = await NewAsync();
        var html = await thread.HtmlAsync();
        Assert.Contains("The season is over.", html, StringComparison.Ordinal);
        Assert.DoesNotContain("antiphon-form\" id", html, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.BadRequest, (await thread.PostAsync("Ida", "Too late?")).StatusCode);
    }

    private Task<ThreadTalk> NewAsync() => ThreadTalk.NewAsync(host, "https://quillmoor.example/visit");

    private Task SetAsync(object settings) => host.Owner.PutJsonAsync($"{host.Api}comments/settings", new { settings });

    private static async Task<string> WriteAsync(
        ThreadTalk thread,
        string text,
        string mail = "",
        string device = ""
    ) =>
        (
            await HttpTalk.GoodAsync(
                await thread.SendAsync("", ("name", "Ida Marsh"), ("text", text), ("mail", mail), ("device", device))
            )
        ).Text("key");

    private static Task<HttpResponseMessage> ChangeAsync(ThreadTalk thread, string key, string text, string device) =>
        thread.SendAsync("/own", ("comment", key), ("act", "edit"), ("text", text), ("device", device));

    private static async Task<Json> ReactAsync(ThreadTalk thread, string key, string sign, string device) =>
        await HttpTalk.GoodAsync(
            await thread.SendAsync("/voice", ("comment", key), ("react", sign), ("device", device))
        );

    private Task<string> LetterAsync(string mail) =>
        host.InDatabaseAsync(database =>
            database
                .Letters.Where(letter => letter.Address == mail)
                .OrderByDescending(one => one.Id)
                .Select(one => one.Text)
                .FirstAsync()
        );

    private static FormUrlEncodedContent Form(params (string Name, string Value)[] fields) =>
        new(fields.ToDictionary(one => one.Name, one => one.Value));

    [GeneratedRegex("http\\S+/mine/\\S+")]
    private static partial Regex Link();
}

using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Readers talk, vote, answer and report; the owner sets how that goes.</summary>
[Collection("another demo")]
public sealed class ConversationStory : IDisposable
{
    private readonly DemoInstallation _demo;
    private readonly HttpClient _script;

    public ConversationStory(DemoInstallation demo)
    {
        _demo = demo;
        _script = new HttpClient { BaseAddress = demo.Installation.Address };
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
    }

    public void Dispose() => _script.Dispose();

    [Fact]
    public async Task A_reader_votes_answers_and_reports_and_the_team_sees_why_it_waits()
    {
        var address = await PostAsync("Clear seeing at the gate");
        var reader = _demo.Reader();
        var thread = new PageThread(reader);
        await PublishedAsync(address, "Sunniva Dale", "The gate was open and the sky too.");
        reader.Open(address);
        thread.Sees("The gate was open").Press("[name=vote][value=up]");
        reader.Until("the vote", _ => thread.WordsOf("[name=vote][value=up] span") == "1" ? thread : null);
        thread.Press("[data-answers]").Sees("In reply to Sunniva Dale").Type("Was it **cold**?");
        reader.Open(address);
        // What was typed is still there, with the answer to be chosen again.
        thread.Press("[data-answers]").Sees("In reply to Sunniva Dale");
        reader.Until("the draft", _ => thread.Typed == "Was it **cold**?" ? thread : null);
        thread.Write("Ida Marsh", string.Empty).Sees("after moderation");

        reader.Open(address);
        thread
            .Sees("The gate was open")
            .Press(".antiphon-report summary")
            .Press("input[value=Hurtful]")
            .Press(".antiphon-report button")
            .Sees("the team will look at it");
        var moderator = _demo.SignedIn("priya");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?standing=public&search=gate%20was%20open"))
            .Sees("Reported by 1 reader")
            .Sees("hurtful")
            .Sees("Spam filter:");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?search=%2A%2Acold"))
            .Sees("Was it cold?")
            .Type("1")
            .Sees("Published: Ida Marsh");
        reader.Open(address);
        thread.Sees("Was it cold?").Press("[data-order=newest]");
        reader.Until("the order", _ => thread.WordsOf("[data-order][aria-current]") == "newest" ? thread : null);
    }

    [Fact]
    public async Task A_reader_without_script_answers_and_votes()
    {
        var address = await PostAsync("Frost on the rail");
        await PublishedAsync(address, "Wilf Ormerod", "Mind the third step.");
        var reader = _demo.Reader(scripts: false);
        reader.Open(address).Sees("Mind the third step.");
        reader.Click("a[data-answers]").Sees("In reply to Wilf Ormerod");
        reader
            .Fill(".antiphon-form input[name=name]", "Joan Farthing")
            .Fill(".antiphon-form textarea", "And the fourth.")
            .Click(".antiphon-send")
            .Sees("after moderation");
        reader.Click("[name=vote][value=up]").Sees("Mind the third step.");
        Assert.Contains("1", reader.Find("[name=vote][value=up]").Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_default_is_brought_to_the_posts_that_say_otherwise_and_taken_back()
    {
        var made = await MadeAsync("Written before the default");
        await _script.PostAsJsonAsync(
            "api/sites/1/posts/bulk",
            new
            {
                posts = new[] { (long)made["id"]! },
                kind = "comments",
                isOn = false,
            }
        );
        var owner = _demo.SignedIn();
        owner
            .Open(new Uri(_demo.Workplace, "comments/settings"))
            .Sees("A default alone does not reach them")
            .Press("Turn comments on for");
        await Eventually.TrueAsync("comments on", async () =>
            !(bool)(await _demo.AskAsync($"api/sites/1/posts/{made["id"]}"))["details"]!["commentsOff"]!
        );
        owner.Sees("older post").Press("Undo");
        await Eventually.TrueAsync("comments off again", async () =>
            (bool)(await _demo.AskAsync($"api/sites/1/posts/{made["id"]}"))["details"]!["commentsOff"]!
        );
        owner
            .Sees("A default alone does not reach them")
            .Press("Turn comments on for")
            .NoLongerSees("A default alone does not reach them");
    }

    [Fact]
    public async Task Everything_of_a_writer_is_hidden_by_one_key_and_back_by_another()
    {
        var address = await PostAsync("A visit from deals");
        var reader = _demo.Reader();
        foreach (var text in new[] { "Deal one of the day.", "Deal two of the day." })
        {
            reader.Open(address);
            new PageThread(reader).Write("Deal Man", text).Sees("after moderation");
        }

        var moderator = _demo.SignedIn("priya");
        moderator
            .Open(new Uri(_demo.Workplace, "comments?search=of%20the%20day"))
            .Sees("Hide all 2 by this commenter")
            .Type(Keys.Shift + "2")
            .Sees("Hidden: 2 of Deal Man.")
            .NoLongerSees("Deal one of the day.");
        moderator.Type("u").Sees("Deal one of the day.");
        Assert.Equal(
            2,
            (await _demo.AskAsync("api/sites/1/comments?search=of%20the%20day"))["comments"]!.AsArray().Count
        );
    }

    [Fact]
    public void Rules_are_written_tried_and_kept()
    {
        var owner = _demo.SignedIn();
        owner
            .Open(new Uri(_demo.Workplace, "comments/rules"))
            .Sees("Add rule")
            .Press("Add rule")
            .Press("Test on last 1,000 comments")
            .Sees("would wait");
        owner.Press("Save the rules").Sees("Rules saved.");
        owner.Click("button[aria-label='Remove rule 4']").Press("Save the rules");
        owner.Until("three rules again", _ => owner.Count(".rule") == 3 ? "so" : null);
    }

    [Fact]
    public void The_filter_shows_what_thresholds_would_have_done()
    {
        var owner = _demo.SignedIn();
        owner
            .Open(new Uri(_demo.Workplace, "comments/filter"))
            .Sees("Effect on past comments")
            .Sees("Correctly marked");
        var before = owner.Find(".ruled tbody tr:nth-child(1)").Text;
        owner.Find("input[type=range]").SendKeys(Keys.Home);
        owner.Until("another outcome", _ => owner.Find(".ruled tbody tr:nth-child(1)").Text != before ? "so" : null);
    }

    private async Task<Uri> PostAsync(string title)
    {
        // On the page of its own, as the page of the whole blog holds more threads than one.
        var place = ((string)(await MadeAsync(title))["address"]!).Split("antiphon=post/")[1];
        return new Uri(_demo.Installation.Address, $"posts/{place}");
    }

    private async Task<JsonNode> MadeAsync(string title)
    {
        var answer = await _script.PostAsJsonAsync(
            "api/sites/1/posts",
            new
            {
                blogId = 1,
                title,
                bodyHtml = "<p>Clear from nine.</p>",
                status = "published",
            }
        );
        return (await answer.EnsureSuccessStatusCode().Content.ReadFromJsonAsync<JsonNode>())!;
    }

    private async Task PublishedAsync(Uri address, string name, string text)
    {
        var writer = _demo.Reader();
        writer.Open(address);
        new PageThread(writer).Write(name, text).Sees("after moderation");
        var waiting = (await _demo.AskAsync($"api/sites/1/comments?search={Uri.EscapeDataString(text)}"))["comments"]![
            0
        ]!;
        (
            await _script.PostAsJsonAsync(
                $"api/sites/1/comments/{waiting["id"]}/decision",
                new { standing = "public", seen = "waiting" }
            )
        ).EnsureSuccessStatusCode();
    }
}

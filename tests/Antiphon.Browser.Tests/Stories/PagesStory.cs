using System.Globalization;
using System.Text.RegularExpressions;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>What readers meet on the pages we serve, and how the team makes them.</summary>
[Collection("demo")]
public sealed partial class PagesStory(DemoInstallation demo)
{
    [Fact]
    public async Task A_look_is_tried_in_the_page_itself_used_and_taken_back()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts/pages"))
            .Sees("As readers see them")
            .Press("Spacious")
            .Sees("Not published yet");
        browser.Until("the look in the frame", _ =>
            Inside(browser).Contains("line-height:1.8", StringComparison.Ordinal) ? "there" : null
        );
        browser
            .Press("Blog index")
            .Until("the other page", _ =>
                Inside(browser).Contains("class=\"index\"", StringComparison.Ordinal) ? "there" : null
            );
        var first = await FirstPageAsync();
        browser.Press("Publish changes").Sees("The pages use this style now");
        using var reader = new BrowserWindow();
        reader.Open(first).Sees("The Night Log");
        Assert.Equal("32.4px", reader.Run("return getComputedStyle(document.body).lineHeight"));
        Accessibility.Check(reader);
        reader.Press("Archive").Press(await MonthOfAsync("Leonids")).Sees("Leonids");
        Accessibility.Check(reader);
        reader.Fill("input[name=q]", "saturn" + Keys.Enter).Sees("Saturn before the clouds came");
        browser
            .Open(new Uri(demo.Workplace, "posts/pages"))
            .Sees("Layout and spacing")
            .Press("Standard")
            .Press("Publish changes")
            .Sees("The pages use this style now");
    }

    [Fact]
    public void A_post_starts_from_a_pattern_and_the_first_letter_takes_a_prompts_place()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Sees("or a blank post")
            .Press("Observing report")
            .Sees("What we could not see");
        Assert.Equal(4, browser.Count("p.prompt"));
        browser
            .Click("p.prompt")
            .Type("Clear from nine.")
            .Until("one prompt fewer", _ => browser.Count("p.prompt") == 3 ? "so" : null);
        browser.Sees("Clear from nine.").NoLongerSees("When and where").Press("Preview");
        browser.Until("the page", _ =>
            Inside(browser).Contains("Clear from nine.", StringComparison.Ordinal) ? "there" : null
        );
        browser
            .Click("button[aria-label='Close preview']")
            .Press("Save as template")
            .Fill(".v-overlay input", "Short report")
            .Press("Save template")
            .Sees("New posts can start from “Short report”");
    }

    [Fact]
    public async Task A_reader_asks_without_script_and_the_team_sees_to_it()
    {
        // The post lives in a page of the site; its own page is found by the key in that address.
        var address = (string)(await demo.AskAsync("api/sites/1/posts?search=volunteers"))["posts"]![0]!["address"]!;
        using var reader = new BrowserWindow(390, 844, scripts: false);
        reader
            .Open(new Uri(demo.Installation.Address, $"posts/{PostKey().Match(address).Groups[1].Value}"))
            .Sees("Contact us")
            .Sees("Quillmoor on Lantern");
        reader
            .Fill("form.question input[name=name]", "Edda Brook")
            .Fill("form.question input[name=mail]", "edda@fellside.example")
            .Fill("form.question textarea", "Is there a place to sit?")
            .Click("form.question button");
        reader.Sees("Thank you for your question").Press("Back to the page").Sees("Contact us");
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "readers/questions"))
            .Sees("Is there a place to sit?")
            .Press("Answered")
            .Sees("Marked as answered.")
            .Press("Undo");
    }

    [Fact]
    public async Task Somebody_invited_joins_by_the_link_in_the_mail()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "settings"))
            .Fill("input[name=invite]", "ida@fellside.example")
            .Press("Invite")
            .Sees("Invitation sent")
            .Sees("pass this link to")
            .Sees("Cancel invitation");
        var mail = await Eventually.IsAsync(
            "the invitation",
            async () =>
                (await demo.Installation.World.MailsAsync()).LastOrDefault(one => one.To == "ida@fellside.example"),
            one => one is not null
        );
        using var invited = new BrowserWindow();
        invited.Open(new Uri(demo.Installation.World.World, $"mailbox/{mail!.Id}")).Sees("invites you");
        invited
            .Open(new Uri(Join().Match(invited.Words).Value))
            .Sees("The team of Quillmoor Observatory")
            .Sees("join as writer");
        Accessibility.Check(invited);
        invited
            .Fill("input[name=name]", "Ida Marsh")
            .Fill("input[name=password]", "eleven meteors")
            .Press("Join")
            .Sees("Coverage")
            .Sees("Leonids");
        browser.Open(new Uri(demo.Workplace, "settings")).Sees("Ida Marsh");
    }

    [Fact]
    public void The_board_is_walked_with_keys_and_a_mark_is_mended_and_taken_back()
    {
        using var browser = demo.SignedIn();
        browser.Open(demo.Workplace).Sees("Leonids").Click("tbody td button").Sees("Open the listing");
        browser.Type(Keys.Escape).Run("document.querySelector('tbody td button').focus()");
        for (var row = 0; row < 30; row++)
            browser.Type(Keys.ArrowDown);
        browser.Until("the focus far down", driver =>
            driver.SwitchTo().ActiveElement().FindElement(By.XPath("ancestor::tr")).GetAttribute("data-row") == "30"
                ? "there"
                : null
        );
        browser
            .Open(new Uri(demo.Workplace, "?show=off"))
            .Sees("Saturn before the clouds came")
            .NoLongerSees("What the fog taught us");
        browser
            .Open(demo.Workplace)
            .Sees("A fine drying day")
            .Click("button[aria-label^='A fine drying day, Latest nights']")
            .Sees("Its blog is not chosen here")
            .Press("Add “Moor Weather Diary”")
            .Sees("now includes posts from Moor Weather Diary")
            .Press("Undo");
        browser.Until("the mark as before", _ =>
            browser.Count("button[aria-label^='A fine drying day, Latest nights: not included']") == 1 ? "so" : null
        );
    }

    [GeneratedRegex("http\\S+/join/\\S+")]
    private static partial Regex Join();

    [GeneratedRegex("post/([a-z0-9]+)")]
    private static partial Regex PostKey();

    private static string Inside(BrowserWindow browser) =>
        browser.Run("return document.querySelector('iframe')?.contentDocument?.documentElement?.outerHTML ?? ''")
            as string
        ?? string.Empty;

    private async Task<Uri> FirstPageAsync() =>
        new(demo.Installation.Address, $"blogs/{(string)(await demo.AskAsync("api/sites/1/blogs"))[0]!["key"]!}");

    // Posts of the demo are as old as ever, so that the month one stands in depends on the day.
    private async Task<string> MonthOfAsync(string title)
    {
        var posts = (await demo.AskAsync($"api/sites/1/posts?search={title}"))["posts"]!.AsArray();
        var published = (DateTimeOffset)
            posts.First(post => post!["title"]!.ToString().StartsWith(title, StringComparison.Ordinal))![
                "publishedAt"
            ]!;
        var zone = (await demo.AskAsync("api/sites/1"))["timeZone"]!.ToString();
        return TimeZoneInfo
            .ConvertTime(published, TimeZoneInfo.FindSystemTimeZoneById(zone))
            .ToString("MMMM yyyy", CultureInfo.GetCultureInfo("en-GB"));
    }
}

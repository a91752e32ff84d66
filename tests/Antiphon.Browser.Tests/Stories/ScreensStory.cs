using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>
/// Every main screen, in both themes and on a phone: it opens without complaint, fits the window, and reads well aloud.
/// </summary>
[Collection("another demo")]
public sealed class ScreensStory(DemoInstallation demo)
{
    /// <summary>Screens and words that show once each is filled.</summary>
    public static TheoryData<string, string> Screens =>
        new()
        {
            { "", "Leonids" },
            { "posts", "Leonids" },
            { "posts/2", "Previews" },
            { "posts/2/where", "Latest nights" },
            { "posts/calendar", "Unscheduled" },
            { "posts/pictures", "winter-sky.jpg" },
            { "posts/pictures?picture=3", "Where it is used" },
            { "posts/terms", "Night Log" },
            { "posts/terms?tab=fields", "Show to visitors" },
            { "posts/bring-in", "Export posts" },
            { "listings", "Latest nights" },
            { "listings/1", "Appearance" },
            { "feeds", "All feeds (OPML)" },
            { "feeds?tab=followed", "Quarry Notices" },
            { "feeds?tab=watched", "Corrected copy published" },
            { "feeds/watched/1", "History" },
            { "feeds/check", "Check a feed" },
            { "channels", "Scheduled" },
            { "channels/mail", "delivered" },
            { "channels/arrivals", "No cookies" },
            { "feeds?tab=partners", "Fellside Walkers" },
            { "channels/set-up", "Link notifications" },
            { "mentions", "Webmention addresses" },
            { "comments", "Waiting" },
            { "comments/threads", "Add comments to a page" },
            { "comments/rules", "Add rule" },
            { "comments/filter", "By month" },
            { "comments/settings", "Hold for moderation" },
            { "comments/marks", "Identified by" },
            { "comments/record", "Moderation log" },
            { "comments/notices", "By email" },
            { "channels/mail/2", "Checks before sending" },
            { "readers", "Subscribed" },
            { "readers/segments", "Silent for half a year" },
            { "readers/segments?segment=2", "subscribers now" },
            { "readers/forms?form=1", "Paste this where the form should appear" },
            { "readers/growth", "joined" },
            { "readers/questions", "Wilf Oakes" },
            { "posts/pages", "Layout and spacing" },
            { "settings", "Public key" },
            { "connect", "Find feed" },
            { "controls", "Any number of several" },
        };

    [Theory]
    [InlineData("posts", "*/api/sites/1/blogs", "Leonids")]
    [InlineData("channels", "*/channels/*", "Scheduled")]
    [InlineData("readers", "*/segments", "Subscribed")]
    public void What_cannot_be_loaded_is_said_and_asked_for_again(string path, string cut, string words)
    {
        using var browser = demo.SignedIn();
        browser.CutOff(cut).Open(new Uri(demo.Workplace, path)).Sees("Some of this screen could not be loaded.");
        browser.CutOff().Press("Retry").NoLongerSees("could not be loaded").Sees(words);
    }

    [Theory]
    [MemberData(nameof(Screens))]
    public void A_screen_opens_fits_and_is_accessible(string path, string words)
    {
        using var browser = demo.SignedIn();
        browser.Complaints();
        browser.Open(new Uri(demo.Workplace, path)).Sees(words);
        Assert.Empty(browser.Complaints());
        Accessibility.Check(browser);
        browser.Run("localStorage.setItem('antiphon-theme','dark')");
        browser.Open(new Uri(demo.Workplace, path)).Sees(words);
        Assert.Equal("dark", browser.Run("return document.documentElement.dataset.theme"));
        Accessibility.Check(browser);
    }

    [Theory]
    [MemberData(nameof(Screens))]
    public void On_a_phone_nothing_sticks_out(string path, string words)
    {
        using var browser = demo.SignedIn(width: 390, height: 844);
        browser.Open(new Uri(demo.Workplace, path)).Sees(words);
        Assert.Equal("390 390", browser.Run("return `${document.documentElement.scrollWidth} ${innerWidth}`"));
    }

    [Fact]
    public void Ctrl_k_finds_and_the_question_mark_tells_the_keys()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(demo.Workplace)
            .Sees("Coverage")
            .Type(OpenQA.Selenium.Keys.Control + "k")
            .Find(".v-overlay input")
            .SendKeys("leonids");
        browser.Sees("Leonids: three hours").Type(OpenQA.Selenium.Keys.Escape);
        browser.Open(new Uri(demo.Workplace, "comments")).Sees("Waiting");
        browser.Type("?").Sees("Keyboard shortcuts");
    }

    [Fact]
    public void A_wrong_password_is_told_and_signing_out_works()
    {
        using var browser = new BrowserWindow();
        browser
            .Open(demo.Installation.Address)
            .Fill("input[name=mail]", "dov@quillmoor.example")
            .Fill("input[name=password]", "not this one")
            .Press("Sign in")
            .Sees("is incorrect");
        browser
            .Fill("input[name=password]", DemoInstallation.Password)
            .Press("Sign in")
            .Sees("Coverage")
            .Press("Dov Achterberg")
            .Press("Sign out")
            .Sees("Email address");
    }

    [Fact]
    public async Task A_phone_moderates_with_one_thumb_and_takes_it_back()
    {
        using var browser = demo.SignedIn("priya", 390, 844);
        browser.Open(new Uri(demo.Workplace, "comments")).Click("button.queued");
        var before = (int)(await demo.AskAsync("api/sites/1/comments"))["counts"]!["waiting"]!;
        browser.Click(".keys button:nth-of-type(3)").Sees("Marked as spam");
        await Eventually.TrueAsync("one fewer", async () =>
            (int)(await demo.AskAsync("api/sites/1/comments"))["counts"]!["waiting"]! == before - 1
        );
        browser.Press("Undo");
        await Eventually.TrueAsync("all again", async () =>
            (int)(await demo.AskAsync("api/sites/1/comments"))["counts"]!["waiting"]! == before
        );
    }

    [Fact]
    public void A_faulty_feed_is_checked_and_the_line_is_shown()
    {
        using var browser = demo.SignedIn();
        var address = Uri.EscapeDataString(new Uri(demo.Installation.World.World, "walkers/news.xml").AbsoluteUri);
        browser.Open(new Uri(demo.Workplace, $"feeds/check?url={address}")).Sees("31 Feb").Sees("Errors");
        browser.Press("Reader view").Sees("The gate at Cold Clough").Press("Read aloud").Sees("From Fellside Walkers");
        browser.Press("Convert").Sees("Dates that cannot be read");
        browser.Press("Corrected feed").Sees("changes.");
        Assert.NotEqual(0, browser.Count(".lines .added"));
        Accessibility.Check(browser);
    }
}

using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>The blogs of a site: renamed, disconnected either way, and brought back.</summary>
[Collection("demo")]
public sealed class BlogsStory(DemoInstallation demo)
{
    private const string Row = "tr[data-blog='Fellside Walkers']";
    private const string Removed = "tr[data-removed='Fellside Walkers']";

    [Fact]
    public void A_blog_is_renamed_and_named_back()
    {
        using var browser = demo.SignedIn();
        Opened(browser).Click($"{Row} .acts button");
        browser
            .Fill(".v-overlay input[name=name]", "Fellside Ramblers")
            .Press("Save")
            .Sees("“Fellside Ramblers” was saved.")
            .Press("Undo")
            .NoLongerSees("Fellside Ramblers")
            .Sees("Fellside Walkers");
    }

    [Fact]
    public void Following_stops_with_the_posts_kept_and_goes_on_after_undo()
    {
        using var browser = demo.SignedIn();
        Opened(browser).Click($"{Row} .acts button:last-child").Sees("posts stay");
        Accessibility.Check(browser);
        browser.Press("Stop following").Sees("“Fellside Walkers” is no longer followed.");
        browser.Until("it is written here", _ =>
            browser.Find($"{Row} .source").Text.Contains("Written here", StringComparison.Ordinal) ? browser : null
        );
        browser.Press("Undo");
        browser.Until("it is followed again", _ =>
            browser.Find($"{Row} .source").Text.Contains("Followed", StringComparison.Ordinal) ? browser : null
        );
    }

    [Fact]
    public void A_blog_that_was_removed_is_restored()
    {
        using var browser = demo.SignedIn();
        Opened(browser)
            .Click($"{Row} .acts button:last-child")
            .Click(".v-overlay .v-radio:last-child label")
            .Sees("can be restored for 30 days")
            .Click(".v-overlay button[type=submit]")
            .Sees("“Fellside Walkers” was removed.")
            .Sees("Removed blogs");
        Assert.Equal(0, browser.Count(Row));
        browser.Click($"{Removed} button").Sees("“Fellside Walkers” is back.");
        browser.Until("it left the removed", _ => browser.Count(Removed) == 0 ? browser : null);
        Assert.Contains("Followed", browser.Find($"{Row} .source").Text, StringComparison.Ordinal);
    }

    private BrowserWindow Opened(BrowserWindow browser) =>
        browser.Open(new Uri(demo.Workplace, "connect")).Sees("Fellside Walkers");
}

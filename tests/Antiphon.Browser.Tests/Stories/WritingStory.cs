using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Writing: looked over before publishing, and what it was.</summary>
[Collection("demo")]
public sealed class WritingStory(DemoInstallation demo)
{
    [Fact]
    public void A_draft_is_looked_over_and_an_earlier_text_put_back()
    {
        using var browser = demo.SignedIn("dov");
        browser
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "Fog at the gate")
            .Click(".ProseMirror");
        browser.Type("We waited, and saw the gate.").Sees("Saved").Sees("It has neither category nor tags");
        browser.Press("Check links").Sees("All links work");
        browser.Press("Version history").Sees("Same as the current text.");
        Accessibility.Check(browser);
        browser.Press("Close");
        using var colleague = demo.SignedIn();
        colleague
            .Open(browser.Address)
            .Sees("Fog at the gate")
            .Click(".ProseMirror")
            .Type(OpenQA.Selenium.Keys.Control + OpenQA.Selenium.Keys.End)
            .Type(" Then it cleared.")
            .Sees("Saved.");
        colleague
            .Press("Version history")
            .Sees("Dov Achterberg")
            .Until("what was put in", _ =>
                colleague.Run("return document.querySelector('.text ins')?.textContent") as string
            );
        colleague
            .Press("Restore this version")
            .Sees("Version restored in the editor. Save to keep it.")
            .NoLongerSees("Then it cleared.");
        colleague.Press("Undo").Sees("Then it cleared.");
    }
}

using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>
/// The story of the README: from a blog to a page and back, through the real screens and the stand-ins, as one sitting.
/// </summary>
[Collection("demo")]
public sealed class BlogToPageStory(DemoInstallation demo)
{
    private static readonly string Paste = Keys.Control + "v";

    [Fact]
    public async Task From_a_blog_to_a_page_and_back()
    {
        using var owner = demo.SignedIn();
        Connect(owner);
        List(owner);
        PasteIntoPage(owner, "visit", "<!-- paste here -->");
        Check(owner);
        ReadWithoutScripts();
        ChangeWithoutPastingAgain(owner);
        PlaceThread(owner);
        Comment();
        Moderate();
        await PublishAsync(owner);
        SeeCoverage(owner);
    }

    private void Connect(BrowserWindow owner) =>
        owner
            .Open(new Uri(demo.Workplace, "connect"))
            .Fill("input[name=address]", new Uri(demo.Installation.World.World, "darksky/").AbsoluteUri)
            .Press("Find feed")
            .Sees("Fellside Dark-Sky Group")
            .Sees("November readings: 21.4 at the reservoir")
            .Press("Follow this feed")
            .Sees("is connected")
            .Sees("5 posts imported");

    private void List(BrowserWindow owner)
    {
        owner.Press("Create a listing").Sees("How many, in what order?");
        owner
            .Fill("#count", "2")
            .Fill("input[placeholder^='http']", demo.Page("visit").AbsoluteUri + Keys.Tab)
            .Sees("Saved.");
        // The host page stands in the frame with the listing in it, in its own shadow root.
        owner.Until("two entries in the preview", _ => EntriesInPreview(owner) == 2 ? owner : null);
        Assert.Contains(
            "Visit us",
            (string)owner.Run("return document.querySelector('iframe').contentDocument.body.innerText")!,
            StringComparison.Ordinal
        );
    }

    private void PasteIntoPage(BrowserWindow owner, string page, string mark)
    {
        var screen = owner.Address;
        owner.Press("Copy the snippet").Sees("Copied");
        owner.Open(demo.Page($"desk/{page}")).CaretAfter("#html", mark).Type(Paste);
        owner.Press("Save and publish").Sees("Saved and published.").Open(screen);
    }

    private static void Check(BrowserWindow owner)
    {
        owner.Press("Check the page").Sees("Installed correctly.");
        Assert.Equal(10, owner.Count("[data-state=right]"));
        owner.Press("Close").Sees("Live on /visit");
    }

    private void ReadWithoutScripts()
    {
        using var reader = new BrowserWindow(scripts: false);
        reader
            .Open(demo.Page("visit"))
            .Sees("November readings: 21.4 at the reservoir")
            .Sees("The parish turns its lamps down");
        Assert.Equal(
            2,
            reader.Count(
                "[data-antiphon-listing] h3 a[href$='/darksky/5'], [data-antiphon-listing] h3 a[href$='/darksky/4']"
            )
        );
    }

    private void ChangeWithoutPastingAgain(BrowserWindow owner)
    {
        owner.Fill("#count", "4").Sees("Saved.");
        using var reader = new BrowserWindow();
        reader.Open(demo.Page("visit"));
        reader.Until("four entries on the page", _ =>
            reader.Run(
                "return document.querySelector('[data-antiphon-listing]').shadowRoot?.querySelectorAll('h3 a').length ?? 0"
            )
                is 4L
                ? reader
                : null
        );
        Assert.DoesNotContain(reader.Complaints(), complaint =>
            !complaint.Contains("favicon", StringComparison.Ordinal)
        );
    }

    private void PlaceThread(BrowserWindow owner)
    {
        owner
            .Open(new Uri(demo.Workplace, "comments/threads"))
            .Press("Single page")
            .Fill("input[name=identifier]", "visit-page")
            .Fill("input[name=address]", demo.Page("visit").AbsoluteUri)
            .Press("Create snippet");
        owner.Find("pre.snippet");
        PasteIntoPage(owner, "visit", "what the telescope sees.</p>");
    }

    private void Comment()
    {
        using var reader = new BrowserWindow();
        reader.Open(demo.Page("visit"));
        new PageThread(reader).Write("Joan Farthing", "Is there somewhere to leave a bicycle?");
        new PageThread(reader).Sees("only you see this");
        using var stranger = new BrowserWindow();
        stranger.Open(demo.Page("visit"));
        new PageThread(stranger).Sees("Write a comment");
        Assert.DoesNotContain("bicycle", new PageThread(stranger).Words, StringComparison.Ordinal);
    }

    private void Moderate()
    {
        using var moderator = demo.SignedIn("priya");
        moderator
            .Open(new Uri(demo.Workplace, "comments"))
            .Sees("Joan Farthing")
            .Click("button.queued:has(b):last-of-type");
        moderator.Sees("bicycle").Sees("Visit - Quillmoor Observatory").Type("1").Sees("Published: Joan Farthing");
        using var reader = new BrowserWindow();
        reader.Open(demo.Page("visit"));
        new PageThread(reader).Sees("Is there somewhere to leave a bicycle?");
    }

    private async Task PublishAsync(BrowserWindow owner)
    {
        owner
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "First snow on the dome")
            .Click(".ProseMirror");
        owner
            .Type("It came sideways and stayed until noon.")
            .Sees("Saved")
            .Press("Publish …")
            .Sees("subscribers will get an email");
        owner.Press("Publish and send");
        var receivers = (int)(await demo.AskAsync("api/sites/1/channels/digests"))[0]!["receivers"]!;
        var mails = await Eventually.IsAsync("the mails", demo.Installation.World.MailsAsync, all =>
            all.Count(IsAboutSnow) == receivers
        );
        Assert.Equal(receivers, mails.Where(IsAboutSnow).Select(mail => mail.To).Distinct().Count());
        owner.Open(new Uri(demo.Installation.World.World, "mailbox")).Sees("First snow on the dome");
    }

    private void SeeCoverage(BrowserWindow owner)
    {
        owner.Open(new Uri(demo.Installation.Address, "s/1")).Sees("First snow on the dome");
        owner.Click("tbody tr:nth-child(2) td button").Sees("Shown, number 1 of 4.").Sees("Last seen on its page");
        // Older than what other stories publish, so that it may lie beyond the first window of the whole board.
        owner
            .Open(new Uri(demo.Installation.Address, "s/1"))
            .Sees("All blogs")
            .Choose("[aria-label=Blog]", "Fellside Dark-Sky Group")
            .Sees("November readings");
    }

    private static bool IsAboutSnow(ReceivedMail mail) => mail.Subject == "First snow on the dome";

    private static long EntriesInPreview(BrowserWindow owner) =>
        owner.Run(
            "return document.querySelector('iframe')?.contentDocument?.querySelector('[data-antiphon-listing]')?.shadowRoot?.querySelectorAll('h3 a').length ?? 0"
        ) as long?
        ?? 0;
}

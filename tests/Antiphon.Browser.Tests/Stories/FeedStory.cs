using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>The life of feeds, through the real screens and the county of stand-ins.</summary>
[Collection("demo")]
public sealed class FeedStory(DemoInstallation demo)
{
    [Fact]
    public void A_feed_is_found_by_its_page_and_followed()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "connect"))
            .Fill("input[name=address]", World("county/radio/"))
            .Press("Find feed");
        browser
            .Sees("Moor Radio: Nights In")
            .Sees("the page names it as its feed")
            .Press("Follow this feed")
            .Sees("is connected")
            .Sees("2 posts imported");
        browser.Open(new Uri(demo.Workplace, "feeds?tab=followed")).Sees("Moor Radio: Nights In");
        browser.Press("Moor Radio: Nights In").Sees("Fetch history").Sees("new or changed entries: 2 new");
    }

    [Fact]
    public void A_visit_is_made_now_and_a_feed_paused_and_taken_up_again()
    {
        using var browser = demo.SignedIn();
        browser.Open(new Uri(demo.Workplace, "feeds?tab=followed")).Sees("Workshop Bench");
        var row = Row(browser, "Workshop Bench");
        browser.Click($"{row} .acts button:nth-of-type(1)").Sees("Nothing new from “Workshop Bench”.");
        browser.Click($"{row} .acts button:nth-of-type(2)").Sees("paused").Press("Undo").Sees("resumed");
    }

    [Fact]
    public async Task Feeds_of_a_list_are_chosen_before_they_are_followed()
    {
        using var folder = new TemporaryFolder();
        var file = Path.Combine(folder.Path, "lists.opml");
        await File.WriteAllTextAsync(
            file,
            $"<opml version=\"2.0\"><body><outline text=\"Sky\"><outline text=\"Dark skies\" xmlUrl=\"{World("lists/dark.xml")}\"/></outline><outline text=\"Bright skies\" xmlUrl=\"{World("lists/bright.xml")}\"/><outline text=\"Council\" xmlUrl=\"{World("county/quarry.xml")}\"/></body></opml>"
        );
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "feeds?tab=followed"))
            .Sees("Workshop Bench")
            .Attach("label.link input[accept*=opml]", file)
            .Sees("Which feeds do you want to follow?")
            .Sees("followed already")
            .Sees("Follow 2 feeds");
        Accessibility.Check(browser);
        browser.Click(".list label:nth-of-type(2) input").Press("Follow 1 feed").Sees("1 feed followed from now on");
        Assert.Equal("Dark skies", (string)(await FollowedAsync("Dark skies"))["name"]!);
        var made = (await demo.AskAsync("api/sites/1/blogs"))
            .AsArray()
            .Single(blog => (string)blog!["name"]! == "Dark skies")!;
        await demo.TellAsync(HttpMethod.Delete, $"api/sites/1/blogs/{(long)made["id"]!}");
    }

    [Fact]
    public void A_feed_that_moved_for_good_shows_the_address_it_had()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "feeds?tab=followed"))
            .Press("Parish Council")
            .Sees("Previous addresses")
            .Sees("county/council.xml");
    }

    [Fact]
    public async Task A_hub_brings_what_is_new_without_a_visit()
    {
        await Eventually.TrueAsync("the hub's confirmation", async () =>
            (await FollowedAsync("Moor Star Party"))["hub"]?["state"]?.ToString() == "subscribed"
        );
        var before = (int)(await FollowedAsync("Moor Star Party"))["posts"]!;
        using var http = new HttpClient();
        await http.PostAsync(World("hub/publish"), null);
        await Eventually.TrueAsync("the post the hub brought", async () =>
            (int)(await FollowedAsync("Moor Star Party"))["posts"]! == before + 1
        );
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "feeds?tab=followed"))
            .Press("Moor Star Party")
            .Sees("pushed by hub: 1 new")
            .Sees("sends updates instantly");
    }

    [Fact]
    public async Task A_faulty_feed_is_checked_jumped_to_repaired_and_published()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, $"feeds/check?url={Uri.EscapeDataString(World("county/bees.xml"))}"))
            .Sees("appears in two items");
        browser.Click("[data-rule=rss-guid-duplicate] > button");
        browser.Click("[data-rule=rss-guid-duplicate] .places .chip:nth-child(2)");
        browser.Until("the line of the second place", _ =>
            browser.Run("return document.querySelector('.line.picked i')?.textContent.trim()") is string line
            && line.Contains('5')
                ? line
                : null
        );
        browser
            .Press("Corrected feed")
            .Sees("changes")
            .Press("Publish corrected feed")
            .Sees("corrected at every check");
        var address = browser.Find(".hint a.address").Text;
        var check = (await demo.AskAsync($"api/feeds/check?url={Uri.EscapeDataString(address)}"))["check"]!;
        Assert.DoesNotContain(check["findings"]!.AsArray(), finding => finding!["severity"]!.ToString() == "error");
        Assert.Equal(address, check["feed"]!["feedLink"]!.ToString());
    }

    [Fact]
    public void The_address_of_a_page_is_followed_to_its_feed_and_its_publisher_is_written_to()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "feeds/check"))
            .Fill("input[name=url]", World("walkers/"))
            .Press("Check feed");
        browser.Sees("Found on the page").Sees("31 Feb 2026").Press("Letter to the publisher");
        var letter = browser.Until("a letter in plain words", _ =>
            browser.Run("return document.querySelector('textarea[name=body]')?.value") is string { Length: > 0 } text
                ? text
                : null
        );
        Assert.Contains("is not a valid date", letter, StringComparison.Ordinal);
        browser.Press("Deutsch");
        browser.Until("the letter in German", _ =>
            (browser.Run("return document.querySelector('textarea[name=body]')?.value") as string)?.StartsWith(
                "Guten Tag",
                StringComparison.Ordinal
            ) == true
                ? browser
                : null
        );
        browser.Press("Check again").Sees("nothing changed");
    }

    [Fact]
    public void Several_feeds_are_checked_at_once_and_each_opens()
    {
        using var browser = demo.SignedIn();
        using var folder = new TemporaryFolder();
        var file = Path.Combine(folder.Path, "own.xml");
        File.WriteAllText(file, "<rss version=\"2.0\"><channel><title>Own draft</title></channel></rss>");
        browser
            .Open(new Uri(demo.Workplace, "feeds/check"))
            .Fill("textarea[name=list]", $"{World("county/bees.xml")}\n{World("county/band.atom")}\n{World("nowhere")}")
            .Attach("input[name=files]", file)
            .Press("Check 4 feeds")
            .Sees("Check of 4 feeds");
        browser.Until("all four checked", _ => browser.Count("progress") == 0 ? browser : null);
        browser.Sees("Moor Beekeepers").Sees("Could not be read").Sees("Own draft");
        browser.Press("With errors").NoLongerSees("Quarry Brass Band").Press("Own draft").Sees("1:");
        browser.Back().Press("Check again");
        browser.Until("the second check beside the first", _ =>
            browser.Words.Contains("nothing changed", StringComparison.Ordinal) ? browser : null
        );
    }

    [Fact]
    public void Our_feeds_say_how_they_do_and_list_those_of_their_parts()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "feeds"))
            .Sees("All our feeds are valid")
            .Press("Categories, tags, authors");
        browser.Sees("Measurements");
        var address = browser.Find(".parts li a.address").GetAttribute("href")!;
        browser.Open(new Uri(address)).Sees("The Night Log");
    }

    [Fact]
    public void On_a_phone_the_verdict_is_read_before_the_source_and_a_finding_leads_to_its_line()
    {
        using var browser = demo.SignedIn(width: 390, height: 844);
        browser
            .Open(new Uri(demo.Workplace, $"feeds/check?url={Uri.EscapeDataString(World("county/lamps.xml"))}"))
            .Sees("the day after market");
        browser.Until("the source with its line marked", _ => browser.Count(".line.picked") > 0 ? browser : null);
        Assert.Equal(
            0L,
            Convert.ToInt64(
                browser.Run("return Math.round(scrollY)"),
                System.Globalization.CultureInfo.InvariantCulture
            )
        );
        browser.Click(".finding:not(.on) > button");
        browser.Until("the line in sight", _ =>
            browser.Run(
                "const box=document.querySelector('.line.picked').getBoundingClientRect();return box.bottom>0&&box.top<innerHeight?'seen':null"
            ) as string
        );
    }

    [Fact]
    public async Task The_team_is_told_when_a_feed_breaks_and_when_it_recovers()
    {
        using var browser = demo.SignedIn();
        browser.Open(new Uri(demo.Workplace, "feeds/watched/1")).Sees("Footpath Diary").Sees("Valid");
        await demo.Installation.World.MisbehaveAsync("footpath", "broken");
        browser.Press("Check now").Sees("Has errors");
        browser
            .Open(new Uri(demo.Workplace, "feeds"))
            .Sees("Footpath Diary has errors")
            .Sees("The document breaks off");
        var mails = await Eventually.IsAsync("the mails of the notice", demo.Installation.World.MailsAsync, all =>
            all.Count(mail => mail.Subject == "Footpath Diary has errors") == 2
        );
        Assert.Equal(
            ["dov@quillmoor.example", "imogen@quillmoor.example"],
            mails.Where(mail => mail.Subject == "Footpath Diary has errors").Select(mail => mail.To).Order()
        );
        await demo.Installation.World.MisbehaveAsync("footpath", "well");
        browser.Open(new Uri(demo.Workplace, "feeds/watched/1")).Press("Check now").Sees("Valid.");
        browser.Open(demo.Workplace).Sees("Footpath Diary has recovered");
        browser
            .Press("Dismiss")
            .NoLongerSees("Footpath Diary has recovered")
            .Press("Undo")
            .Sees("Footpath Diary has recovered");
    }

    [Fact]
    public void How_a_feed_of_ours_is_published_can_be_set_and_undone()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "feeds"))
            .Sees("The Night Log")
            .Press("Settings")
            .Sees("Feed settings: “The Night Log”");
        browser.Fill("input[name=entries]", "10").Press("Save").Sees("With archives a feed holds at least 25 entries");
        browser
            .Fill("input[name=entries]", "30")
            .Fill("input[name=title]", "Nights at Quillmoor")
            .Press("Save")
            .Sees("Saved. Feed readers get")
            .Sees("Nights at Quillmoor");
        browser.Press("Undo").NoLongerSees("Nights at Quillmoor");
    }

    private string World(string path) => new Uri(demo.Installation.World.World, path).AbsoluteUri;

    private async Task<System.Text.Json.Nodes.JsonNode> FollowedAsync(string name) =>
        (await demo.AskAsync("api/sites/1/followed")).AsArray().Single(feed => feed!["name"]!.ToString() == name)!;

    private static string Row(BrowserWindow browser, string name) =>
        $"article[data-blog='{browser.Run("return [...document.querySelectorAll('article[data-blog]')].find(a=>a.textContent.includes(arguments[0])).dataset.blog", name)}']";
}

using Antiphon.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>From the first word to what readers see, by several people.</summary>
[Collection("demo")]
public sealed class EditorStory(DemoInstallation demo)
{
    [Fact]
    public void Written_with_a_picture_cut_reviewed_scheduled_and_published()
    {
        using var writer = demo.SignedIn("dov");
        writer
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "The bench by the wall")
            .Click(".ProseMirror");
        writer.Type("## What we saw").Type(Keys.Enter).Type("A **long** night.").Type(Keys.Enter);
        writer.Press("Insert").Press("Picture …").Sees("Choose a picture").Click(".shelf .grid button");
        writer.Until("the picture in the text", _ => writer.Count(".writing figure img") == 1 ? "yes" : null);
        writer.Sees("Saved.").Sees("Edit as Markdown").Press("Edit as Markdown");
        writer.Until("the Markdown", _ =>
            (writer.Run("return document.querySelector('textarea[aria-label=Markdown]')?.value") as string)?.Contains(
                "## What we saw",
                StringComparison.Ordinal
            ) == true
                ? "yes"
                : null
        );
        writer.Press("Close").Run("scrollTo(0, 0)");
        var post = writer.Address;
        writer
            .Press("Publish …")
            .Sees("Send for review")
            .Press("Send for review")
            .Fill(".v-overlay textarea", "Is the bench right?")
            .Click(".v-overlay button[type=submit]")
            .Sees("Sent for review.");

        using var owner = demo.SignedIn();
        owner
            .Open(post)
            .Sees("Is the bench right?")
            .Press("Send back …")
            .Fill(".v-overlay textarea", "One bench or two?")
            .Click(".v-overlay form button[type=submit]")
            .Sees("Sent back.")
            .Sees("One bench or two?");
        owner.Press("Publish …").Press("Later");
        owner.Run(
            "const input = document.querySelector('input[type=datetime-local]'); input.value = '2199-07-01T09:30'; input.dispatchEvent(new Event('input'))"
        );
        owner.Press("Schedule").Sees("Will be published").Sees("1 July 2199");
        owner.Open(new Uri(demo.Workplace, "posts/calendar?month=2199-07")).Sees("The bench by the wall");
        owner
            .Open(post)
            .Sees("Will be published")
            .Press("Publish …")
            .Press("Now")
            .Press("Publish and send")
            .Sees("Published.");
        owner.Press("More").Press("Destinations").Sees("Live in").Sees("Latest nights");
    }

    [Fact]
    public void Chosen_words_become_a_link_by_the_keys_the_button_names()
    {
        using var writer = demo.SignedIn("dov");
        writer
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "Where the wall ends")
            .Click(".ProseMirror")
            .Type("The wall")
            .Type(Keys.Shift + Keys.Home + Keys.Null)
            .Type(Keys.Control + Keys.Shift + "k" + Keys.Null)
            .Fill(".v-overlay input", "https://wall.example/" + Keys.Enter);
        writer.Until("the link", _ => writer.Count(".ProseMirror a[href='https://wall.example/']") == 1 ? "yes" : null);
        Assert.Equal("The wall", writer.Find(".ProseMirror a").Text);
    }

    [Fact]
    public async Task What_a_picture_shows_is_written_once_and_known_to_the_library()
    {
        var picture = (await demo.AskAsync("api/sites/1/pictures"))["pictures"]![0]!.AsObject();
        var (id, alt) = ((long)picture["id"]!, (string)picture["alt"]!);
        object Described(string words) =>
            new
            {
                name = (string)picture["name"]!,
                alt = words,
                caption = (string?)picture["caption"],
                credit = (string?)picture["credit"],
                focusX = (int)picture["focusX"]!,
                focusY = (int)picture["focusY"]!,
                edit = picture["edit"],
            };
        await demo.TellAsync(HttpMethod.Put, $"api/sites/1/pictures/{id}", Described(string.Empty));
        using (var writer = demo.SignedIn())
        {
            writer
                .Open(new Uri(demo.Workplace, "posts/new"))
                .Fill("textarea.headline", "What stands in the yard")
                .Click(".ProseMirror")
                .Press("Insert")
                .Press("Picture …")
                .Sees("Choose a picture")
                .Click(".shelf .grid button")
                .Click(".writing figure img")
                .Fill("label.alt input", "A bench in the yard" + Keys.Tab)
                .Sees("The picture has this description in the library too.");
        }

        Assert.Equal(
            "A bench in the yard",
            (string)(await demo.AskAsync("api/sites/1/pictures"))["pictures"]![0]!["alt"]!
        );
        await demo.TellAsync(HttpMethod.Put, $"api/sites/1/pictures/{id}", Described(alt));
    }

    [Fact]
    public void A_picture_is_cut_for_listings_alone()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts?search=harvest%20moon"))
            .Press("Harvest moon, rising over the quarry")
            .Sees("In listings");
        var before = browser.Find("img.page").GetAttribute("src");
        browser.Run("document.querySelector('button[aria-label=\"Cut it for this place: In listings\"]').click()");
        browser
            .Sees("Crop picture: in listings")
            .Press("Square")
            .Sees("of the width")
            .Press("Apply crop")
            .NoLongerSees("Crop picture: in listings")
            .Sees("its own");
        var cut = browser.Find("img.listingPicture").GetAttribute("src")!;
        Assert.Equal((before, true), (browser.Find("img.page").GetAttribute("src"), cut != before));
        Assert.Equal(cut, browser.Find(".entry img").GetAttribute("src"));
        browser.Sees("Saved as unpublished changes").Press("Publish changes").Sees("The changes are public.");
        browser.Run("location.reload()");
        browser.Sees("its own");
        Assert.Equal(cut, browser.Find("img.listingPicture").GetAttribute("src"));
    }

    [Fact]
    public void A_paragraph_is_indented_twice_and_taken_back_once()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "Stepping in")
            .Click(".ProseMirror")
            .Type("One step, two steps.");
        browser.Click("button[aria-label=Indent]").Click("button[aria-label=Indent]");
        Assert.Equal(1, browser.Count(".ProseMirror p.indent-2"));
        browser.Type(Keys.Control + "[").Sees("Saved.");
        browser.Run("location.reload()");
        browser.Sees("One step, two steps.");
        browser.Until("one step that was kept", _ => browser.Count(".ProseMirror p.indent-1") == 1 ? browser : null);
    }

    [Fact]
    public void A_post_takes_comments_as_the_site_does_or_alone_or_not()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "Open alone")
            .Click(".ProseMirror")
            .Type("One word.")
            .Sees("Saved.");
        var look =
            $"const done=arguments[0];fetch('/api/sites/1/posts/{browser.Address.Segments[^1]}').then((it)=>it.json()).then((it)=>done(`${{it.details.commentsOff??false}} ${{it.details.comments?.isOn??false}}`))";
        browser.Run("document.querySelectorAll('details.fold').forEach((one) => (one.open = true))");
        foreach (
            var (state, says) in new[] { ("On", "false true"), ("Off", "true false"), ("Same as site", "false false") }
        )
        {
            browser.Press(state);
            browser.Until($"the post to be kept as {state}", _ =>
                browser.RunLater(look) is string now && now == says ? browser : null
            );
        }
    }

    [Fact]
    public void Two_who_write_at_once_see_each_other_and_lose_nothing()
    {
        using var first = demo.SignedIn("dov");
        first
            .Open(new Uri(demo.Workplace, "posts/new"))
            .Fill("textarea.headline", "Contested bench")
            .Click(".ProseMirror")
            .Type("First words.")
            .Sees("Saved.");
        using var second = demo.SignedIn();
        second.Open(first.Address).Sees("Dov Achterberg has this post open, too");
        second.Click(".ProseMirror").Type(Keys.Control + Keys.End).Type(" Second words.").Sees("Saved.");
        first
            .Click(".ProseMirror")
            .Type(Keys.Control + Keys.End)
            .Type(" Third words.")
            .Sees("Somebody else saved this post in the meantime.");
        Assert.Contains("Third words.", first.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void A_change_to_a_public_post_waits_and_can_be_forgotten()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts?search=drawing%20evening"))
            .Sees("The drawing evening")
            .Press("The drawing evening")
            .Sees("Publish changes");
        browser
            .Click(".ProseMirror")
            .Type(Keys.Control + Keys.End)
            .Type(" And a twelfth.")
            .Sees("Saved as unpublished changes.");
        var post = browser.Address;
        browser.Open(demo.Workplace).Open(post).Sees("Unpublished changes by Imogen Tarrant").Sees("And a twelfth.");
        browser.Press("Discard changes").NoLongerSees("And a twelfth.");
    }

    [Fact]
    public void A_small_mistake_is_mended_on_a_phone()
    {
        using var browser = demo.SignedIn(width: 390, height: 844);
        browser
            .Open(new Uri(demo.Workplace, "posts?search=volunteers%20wanted"))
            .Press("Volunteers wanted for the spring")
            .Sees("Publish changes");
        browser
            .Click(".ProseMirror")
            .Type(Keys.Control + Keys.End)
            .Type(" Bring gloves.")
            .Press("Publish changes")
            .Sees("The changes are public.");
        Assert.Equal("390 390", browser.Run("return `${document.documentElement.scrollWidth} ${innerWidth}`"));
    }
}

using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Many posts at once: found, changed, brought in, taken back.</summary>
[Collection("demo")]
public sealed class PostListStory(DemoInstallation demo)
{
    [Fact]
    public void Many_posts_are_changed_at_once_and_it_is_taken_back()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts?search=moon"))
            .Sees("The moon behind the ash tree")
            .Click("thead input[type=checkbox]")
            .Sees("selected");
        browser
            .Press("Add tags")
            .Fill(".v-overlay input", "lunar" + OpenQA.Selenium.Keys.Enter)
            .Sees("This changes")
            .Press("Tag ")
            .Sees("Done: tag")
            .Press("Undo")
            .Sees("as before");
        browser.Open(new Uri(demo.Workplace, "posts?tag=lunar")).Sees("No posts found");
    }

    [Fact]
    public void A_category_is_taken_off_only_by_the_button_that_says_so()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts?search=moon"))
            .Sees("The moon behind the ash tree")
            .Click("thead input[type=checkbox]")
            .Sees("selected")
            .Press("Category")
            .Sees("This changes");
        Assert.Equal(1, browser.Count(".v-overlay .v-btn[disabled]"));
        browser.Click(".v-overlay .link.quiet").Sees("Done: remove category").Press("Undo").Sees("as before");
    }

    [Fact]
    public void Details_are_changed_beside_the_list_and_changed_back()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts?search=noctilucent"))
            .Click("button[aria-label^='Details of “Noctilucent']")
            .Sees("Open in editor")
            .Fill("form.details input", "Noctilucent clouds, at last")
            .Press("Save")
            .Sees("Details of “Noctilucent clouds, at last” saved.");
        Accessibility.Check(browser);
        browser
            .Press("Undo")
            .NoLongerSees("Noctilucent clouds, at last")
            .Fill("form.details input", "Clouds that shine")
            .Click(".panel .close")
            .Sees("Your changes are not saved.")
            .Click(".panel .close")
            .NoLongerSees("Open in editor");
    }

    [Fact]
    public void A_post_is_found_in_the_bin_by_the_filter_and_restored()
    {
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts?search=Noctilucent"))
            .Click("button[aria-label^='Details of “Noctilucent']")
            .Press("Move to bin")
            .Sees("is in the bin.")
            .Open(new Uri(demo.Workplace, "posts"))
            .Press("Filter")
            .Choose(".fields input", "In the bin")
            .Sees("kept for 30 days")
            .Sees("Status: In the bin")
            .Click("button[aria-label^='Details of “Noctilucent']")
            .Press("Restore")
            .Sees("is restored.")
            .Click("button[aria-label='Remove filter Status: In the bin']")
            .NoLongerSees("kept for 30 days");
    }

    [Fact]
    public void A_table_is_matched_tried_brought_in_and_taken_back()
    {
        using var folder = new TemporaryFolder();
        var file = Path.Combine(folder.Path, "old-log.csv");
        File.WriteAllText(
            file,
            "Headline;Words;Datum;Sky\nJupiter and four moons;All four in a row.;12.3.2019;good\n;no title;;\nVenus by day;Found at noon.;17.5.2019;splendid\n"
        );
        using var browser = demo.SignedIn();
        browser.Open(new Uri(demo.Workplace, "posts")).Sees("Leonids").Press("Import and export").Sees("Import posts");
        browser.Attach("input[type=file]", file).Sees("Match columns");
        browser
            .Choose("[aria-label='What Sky becomes']", "Own field: Seeing")
            .Choose("[aria-label='What Words becomes']", "Text");
        browser
            .Press("Preview import")
            .Sees("2 posts will be created, 1 row will be rejected")
            .Sees("It has no title.");
        Accessibility.Check(browser);
        browser.Press("Import 2 posts").Sees("Posts created").Sees("Done").Press("View posts").Sees("Venus by day");
        browser
            .Back()
            .Sees("Undo import …")
            .Press("Undo import …")
            .Sees("will move to the bin")
            .Click(".v-overlay .v-btn")
            .Sees("2 posts are in the bin")
            .Press("View posts in the bin")
            .Sees("Venus by day")
            .Sees("2 posts");
    }

    [Fact]
    public void A_sheet_is_chosen_of_several()
    {
        using var folder = new TemporaryFolder();
        var file = Path.Combine(folder.Path, "years.xlsx");
        File.WriteAllBytes(file, MadeSheets.Excel());
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts/bring-in"))
            .Attach("input[type=file]", file)
            .Sees("Night log (2 rows)")
            .Sees("2 tables were found; posts are imported from one.")
            .Sees("It came early.");
        browser.Choose("[data-tables] input", "Moths (1 row)").Sees("1 row for").NoLongerSees("It came early.");
        Accessibility.Check(browser);
        browser.Press("Discard import").Sees("Import history");
    }

    [Fact]
    public void A_picture_is_added_described_and_cut()
    {
        using var folder = new TemporaryFolder();
        var file = Path.Combine(folder.Path, "moon.svg");
        File.WriteAllText(
            file,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 40 30\"><circle cx=\"20\" cy=\"15\" r=\"9\" fill=\"#e0b252\"/></svg>"
        );
        using var browser = demo.SignedIn();
        browser
            .Open(new Uri(demo.Workplace, "posts/pictures"))
            .Sees("Drop pictures here")
            .Attach("input[type=file]", file)
            .Sees("Where it is used")
            .Sees("In no post yet.");
        browser.Fill(".detail textarea", "A yellow moon").Press("Save").Sees("A yellow moon");
        browser
            .Open(new Uri(demo.Workplace, "posts/pictures?search=harvest"))
            .Click(".grid button")
            .Press("Crop …")
            .Sees("Crop picture")
            .Press("Square")
            .Sees("of the width");
        var before = browser.Find(".v-overlay p[role=status]").Text;
        browser.Find(".around").SendKeys(OpenQA.Selenium.Keys.Shift + OpenQA.Selenium.Keys.ArrowLeft);
        browser.Until("a smaller part", _ => browser.Find(".v-overlay p[role=status]").Text != before ? "so" : null);
        browser.Press("Apply crop").NoLongerSees("Crop picture");
    }
}

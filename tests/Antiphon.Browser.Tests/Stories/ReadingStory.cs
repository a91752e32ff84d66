using Antiphon.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Posts read inside Quillmoor's own pages: the whole log in one page, and the panel over another.</summary>
[Collection("another demo")]
public sealed class ReadingStory(DemoInstallation demo)
{
    private const string Root =
        "const roots=[...document.querySelectorAll('[data-antiphon-listing]')].map((place)=>place.shadowRoot).filter(Boolean);const at=(css)=>roots.map((root)=>root.querySelector(css)).find(Boolean);";

    [Fact]
    public void A_whole_blog_lives_in_one_page_with_addresses_that_go_back_and_can_be_shared()
    {
        using var reader = demo.Reader();
        reader.Open(demo.Page("night-log")).Sees("Saturn before the clouds came");
        Click(reader, "[data-views] .antiphon-title a[data-slug^=saturn]");
        reader.Sees("Twenty minutes of steady air").Sees("Comments");
        var address = reader.Address;
        Assert.Contains("?antiphon=post/", address.AbsoluteUri, StringComparison.Ordinal);
        Assert.Equal(address.AbsoluteUri, reader.Run("return document.querySelector('link[rel=canonical]').href"));
        Assert.StartsWith(
            "Saturn before the clouds came",
            (string)reader.Run("return document.title")!,
            StringComparison.Ordinal
        );
        Accessibility.Check(reader);
        reader.Back();
        reader.Until("the index again", _ =>
            Has(reader, "[data-views] .antiphon-paging [aria-current]") ? reader : null
        );
        Assert.Equal(
            demo.Page("night-log").AbsoluteUri,
            reader.Run("return document.querySelector('link[rel=canonical]').href")
        );
        using var friend = demo.Reader(390, 844);
        friend.Open(address).Sees("Twenty minutes of steady air").Sees("More like this");
    }

    [Fact]
    public void A_whole_blog_is_searched_and_looked_through_by_category_and_month()
    {
        using var reader = demo.Reader();
        reader.Open(demo.Page("night-log")).Sees("All posts");
        reader.Run(
            Root
                + "const field=at('[data-views] input[type=search]');field.value='beer glass';field.form.requestSubmit()"
        );
        reader.Sees("1 post found.");
        Assert.EndsWith("antiphon=search/beer%20glass", reader.Address.AbsoluteUri, StringComparison.Ordinal);
        Assert.True(Has(reader, "mark"));
        Click(reader, "[data-view=categories]");
        reader.Until("the categories", _ => Has(reader, ".antiphon-categories a") ? reader : null);
        Click(reader, ".antiphon-categories a");
        reader.Until("one category", _ =>
            reader.Address.Query.Contains("antiphon=category/", StringComparison.Ordinal)
            && Has(reader, ".antiphon-entry")
                ? reader
                : null
        );
        Click(reader, "[data-view=archive]");
        reader.Until("the months", _ => Has(reader, ".antiphon-month") ? reader : null);
        Accessibility.Check(reader);
    }

    [Fact]
    public void Without_script_a_whole_blog_is_read_on_pages_of_ours()
    {
        using var reader = demo.Reader(scripts: false);
        reader.Open(demo.Page("night-log")).Press("Saturn before the clouds came").Sees("Twenty minutes of steady air");
        Assert.Equal(demo.Installation.Address.Authority, reader.Address.Authority);
    }

    [Fact]
    public void The_reading_panel_is_a_dialog_with_an_address()
    {
        using var reader = demo.Reader();
        reader.Open(demo.Page("programmes")).Sees("The moon behind the ash tree");
        Click(reader, ".antiphon-title a[data-slug^=the-moon-behind]");
        reader.Sees("The ash has lost its leaves");
        Assert.Equal(
            "the title",
            reader.Run(
                Root
                    + "return at('dialog[open]').getRootNode().activeElement.matches('.antiphon-view-title')?'the title':'elsewhere'"
            )
        );
        Accessibility.Check(reader);
        var address = reader.Address;
        reader.Type(Keys.Escape);
        reader.Until("the panel to close", _ => Has(reader, "dialog[open]") ? null : reader);
        reader.Until("the page's own address", _ => reader.Address == demo.Page("programmes") ? reader : null);
        reader.Until("the focus on the link", _ =>
            reader.Run(Root + "return roots[0].activeElement?.matches('a[data-slug^=the-moon-behind]')?'the link':null")
            as string
        );
        reader.Open(address);
        reader.Until("the panel of the shared address", _ => Has(reader, "dialog[open]") ? reader : null);
        reader.Run(Root + "at('dialog .antiphon-close').click()");
        reader.Until("the panel to close", _ => Has(reader, "dialog[open]") ? null : reader);
        reader.Until("the page's own address again", _ => reader.Address == demo.Page("programmes") ? reader : null);
    }

    [Fact]
    public void The_way_back_closes_the_panel()
    {
        using var reader = demo.Reader();
        reader.Open(demo.Page("programmes")).Sees("The moon behind the ash tree");
        Click(reader, ".antiphon-title a[data-slug^=the-moon-behind]");
        reader.Sees("The ash has lost its leaves").Back();
        reader.Until("the panel to close", _ => Has(reader, "dialog[open]") ? null : reader);
    }

    private static void Click(BrowserWindow reader, string css) =>
        reader.Until($"{css} to click", _ =>
            reader.Run(Root + "const found=at(arguments[0]);found?.click();return found?'clicked':null", css) as string
        );

    private static bool Has(BrowserWindow reader, string css) =>
        reader.Run(Root + "return Boolean(at(arguments[0]))", css) is true;
}

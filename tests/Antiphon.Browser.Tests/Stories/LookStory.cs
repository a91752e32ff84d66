using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>A listing is made to look like the page it stands in, in the builder.</summary>
[Collection("another demo")]
public sealed class LookStory(DemoInstallation demo) : IAsyncLifetime
{
    private readonly HttpClient _script = new();
    private long _listing;

    public async Task InitializeAsync()
    {
        _script.BaseAddress = demo.Installation.Address;
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
        var definition = new
        {
            blogs = new[] { 1 },
            count = 3,
            order = "newest",
            layout = "rows",
            heading = "Needs mapping",
            details = new
            {
                picture = true,
                excerpt = true,
                date = true,
                author = true,
                category = false,
            },
        };
        var answer = await _script.PostAsJsonAsync(
            "api/sites/1/listings",
            new
            {
                name = "Needs mapping",
                definition,
                pageAddress = demo.Page("visit"),
            }
        );
        _listing = (long)(await answer.Content.ReadFromJsonAsync<JsonNode>())!["id"]!;
    }

    public async Task DisposeAsync()
    {
        await _script.DeleteAsync($"api/sites/1/listings/{_listing}");
        _script.Dispose();
    }

    [Fact]
    public async Task The_look_of_the_page_is_found_taken_and_kept()
    {
        using var owner = Open();
        owner.Press("Match my site").Sees("Read in site.css").Press("Apply all");
        await Eventually.TrueAsync("the heading's colour", async () =>
            (await LookAsync())["colours"]!["heading"]?.ToString() == "#1c2b4a"
        );
        Assert.Equal("#8a5a12", (await LookAsync())["colours"]!["link"]!.ToString());
        owner.Until("the colour in the preview", _ =>
            owner.Run(
                InPreview
                    + "return root?.querySelector('.antiphon-heading')?getComputedStyle(root.querySelector('.antiphon-heading')).color:''"
            ) as string
            == "rgb(28, 43, 74)"
                ? owner
                : null
        );
    }

    [Fact]
    public async Task A_colour_too_faint_is_told_and_mended()
    {
        using var owner = Open();
        owner.Until("the byline's colour", _ =>
            owner.Run(
                "const one=document.querySelector('input.code[aria-labelledby=\"label-Byline\"]');if(!one)return null;one.value='#a9a58f';one.dispatchEvent(new Event('change'));return 'typed'"
            ) as string
        );
        owner.Sees("contrast too low").Press("Use #").NoLongerSees("contrast too low");
        await Eventually.TrueAsync("a colour that reads", async () =>
            (await LookAsync())["colours"]!["byline"]?.ToString() is { } colour && colour != "#a9a58f"
        );
    }

    [Fact]
    public void Hard_cases_are_tried_in_the_page()
    {
        using var owner = Open();
        owner.Press("No posts");
        owner.Until("the empty listing", _ =>
            owner.Run(InPreview + "return root?.querySelector('.antiphon-empty')?'empty':null") as string
        );
        owner.Press("Long titles");
        owner.Until("long titles", _ =>
            owner.Run(
                InPreview
                    + "return (root?.querySelector('.antiphon-title')?.textContent.length ?? 0) > 140 ? 'long' : null"
            ) as string
        );
        owner.Press("Right to left");
        owner.Until("the other direction", _ =>
            owner.Run("return document.querySelector('iframe').contentDocument.documentElement.dir==='rtl'?'rtl':null")
            as string
        );
        Assert.Contains("sample=longTitles", owner.Address.Query, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Its_place_is_pointed_at()
    {
        using var owner = Open();
        owner.Press("Choose position").Sees("Click the element it should follow");
        owner.Run(
            "const page=document.querySelector('iframe').contentDocument;page.querySelector('h1').dispatchEvent(new MouseEvent('click',{bubbles:true,cancelable:true,view:window}))"
        );
        owner.Until("the listing behind the heading", _ =>
            owner.Run(
                "return document.querySelector('iframe').contentDocument.querySelector('h1').nextElementSibling?.dataset.antiphonListing ?? null"
            ) as string
        );
        await Eventually.TrueAsync("the place kept", async () =>
            (await demo.AskAsync($"api/sites/1/listings/{_listing}"))["spot"]?.ToString() == "h1"
        );
    }

    [Fact]
    public void The_builder_says_why_a_post_is_not_there()
    {
        using var owner = Open();
        owner.Press("Why is a post").Sees("Shown, number 1 of 3.").Sees("; the listing shows 3.");
        owner.Press("Close");
    }

    private const string InPreview =
        "const root=document.querySelector('iframe')?.contentDocument?.querySelector('[data-antiphon-listing]')?.shadowRoot;";

    private BrowserWindow Open()
    {
        var owner = demo.SignedIn();
        owner.Open(new Uri(demo.Workplace, $"listings/{_listing}")).Sees("Appearance");
        owner.Until("the preview", _ =>
            owner.Run(InPreview + "return root?.querySelector('.antiphon-entry')?'there':null") as string
        );
        return owner;
    }

    private async Task<JsonNode> LookAsync() =>
        (await demo.AskAsync($"api/sites/1/listings/{_listing}"))["definition"]!["look"]!;
}

using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Browser.Tests.Driving;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>
/// Every layout and way on Quillmoor's page: read with and without scripts, under a hostile style sheet, and paged
/// through.
/// </summary>
[Collection("demo")]
public sealed class LayoutStory(DemoInstallation demo) : IAsyncLifetime
{
    private const string Hostile = "<style>* { all: unset !important; } a { position: absolute !important; }</style>";
    private readonly HttpClient _script = new();
    private string _original = string.Empty;

    public static TheoryData<string, string> Layouts =>
        new()
        {
            { "lines", "h3 a" },
            { "columns", "h3 a" },
            { "rows", "h3 a" },
            { "bricks", "h3 a" },
            { "zigzag", "h3 a" },
            { "carousel", "h3 a" },
            { "ticker", "h3 a" },
            { "archive", "details a" },
            { "tagCloud", ".antiphon-cloud a" },
            { "categoryIndex", ".antiphon-categories a" },
            { "wholeBlog", "h3 a" },
        };

    public async Task InitializeAsync()
    {
        _script.BaseAddress = demo.Installation.Address;
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
        _original = await _script.GetStringAsync(demo.Page("membership"));
    }

    public async Task DisposeAsync()
    {
        await SaveAsync(_original);
        _script.Dispose();
    }

    [Theory]
    [MemberData(nameof(Layouts))]
    public async Task A_layout_reads_with_and_without_scripts_and_is_accessible(string layout, string links)
    {
        await PlaceAsync(await BuildAsync(layout), "script");
        using var plain = demo.Reader(scripts: false);
        plain.Open(demo.Page("membership"));
        var baked = plain.Count($"h1 + [data-antiphon-listing] {links}");
        Assert.InRange(baked, 1, 60);
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership"));
        Assert.Equal((long)baked, Shown(reader, links));
        Accessibility.Check(reader);
        reader.Open(demo.Page("membership"));
        Assert.Equal(
            0L,
            reader.Run("return Object.keys(window).filter((name) => /antiphon/i.test(name)).length > 1 ? 1 : 0")
        );
    }

    [Theory]
    [InlineData("rows")]
    [InlineData("carousel")]
    public async Task A_hostile_style_sheet_does_not_break_it(string layout)
    {
        await PlaceAsync(await BuildAsync(layout), "script", Hostile);
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership"));
        Shown(reader, "h3 a");
        // Laid out by our own rules: entries have a size, and titles are bold.
        Assert.Equal(
            "block 700",
            reader.Run(
                "const r=document.querySelector('[data-antiphon-listing]').shadowRoot;return getComputedStyle(r.host).display+' '+getComputedStyle(r.querySelector('.antiphon-title')).fontWeight"
            )
        );
        Assert.Equal(
            true,
            reader.Run(
                "return document.querySelector('[data-antiphon-listing]').shadowRoot.querySelector('.antiphon-entry').getBoundingClientRect().height > 20"
            )
        );
    }

    [Theory]
    [InlineData("previousNext", "a[rel=next]", 3)]
    [InlineData("numbered", "a[data-page='2']", 3)]
    [InlineData("more", "a[data-page='2']", 6)]
    public async Task Pages_turn_in_place(string paging, string link, int entries)
    {
        await PlaceAsync(await BuildAsync("lines", paging, count: 3), "script");
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership"));
        Shown(reader, "h3 a");
        var first = Title(reader, 0);
        reader.Run($"document.querySelector('[data-antiphon-listing]').shadowRoot.querySelector(\"{link}\").click()");
        reader.Until("the second page", _ => Shown(reader, "h3 a") != 3 || Title(reader, 0) != first ? reader : null);
        Assert.Equal(entries, (int)Shown(reader, "h3 a"));
        Assert.Equal(paging == "more", Title(reader, 0) == first);
        Assert.EndsWith("/membership", reader.Address.AbsolutePath, StringComparison.Ordinal);
        // The page has an address: it opens there again, and the way back turns back.
        Assert.Contains("antiphon-list=", reader.Address.Query, StringComparison.Ordinal);
        var second = Title(reader, entries - 1);
        reader.Open(reader.Address);
        reader.Until("the second page again", _ =>
            Shown(reader, "h3 a") == entries && Title(reader, entries - 1) == second ? reader : null
        );
        if (paging == "more")
            return;
        reader.Run(
            "document.querySelector('[data-antiphon-listing]').shadowRoot.querySelector(\"a[rel=prev],a[data-page='1']\").click()"
        );
        reader.Until("the first page", _ => Title(reader, 0) == first ? reader : null);
        reader.Back();
        reader.Until("the second page by the way back", _ => Title(reader, entries - 1) == second ? reader : null);
    }

    [Fact]
    public async Task A_carousel_moves_by_its_arrows()
    {
        await PlaceAsync(await BuildAsync("carousel", count: 6), "script");
        using var reader = demo.Reader(390, 844);
        reader.Open(demo.Page("membership"));
        Shown(reader, "h3 a");
        const string Left =
            "return document.querySelector('[data-antiphon-listing]').shadowRoot.querySelector('.antiphon-entries').scrollLeft > 50";
        reader.Run(
            "document.querySelector('[data-antiphon-listing]').shadowRoot.querySelector('button[aria-label=\"›\"]').click()"
        );
        reader.Until("the next entry", _ => reader.Run(Left) is true ? reader : null);
    }

    [Fact]
    public async Task A_frame_fits_its_height_and_its_links_lead_out_of_it()
    {
        await PlaceAsync(await BuildAsync("lines"), "frame");
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership"));
        reader.Until("the fitted frame", _ =>
            reader.Run("return document.querySelector('iframe[data-antiphon-frame]').height")
                is string height
                    and not "420"
            && height.Length >= 3
                ? reader
                : null
        );
    }

    [Fact]
    public async Task Several_listings_on_one_page_need_one_script()
    {
        var (one, two) = (
            await SnippetAsync(await BuildAsync("lines"), "script"),
            await SnippetAsync(await BuildAsync("columns"), "script")
        );
        await SaveAsync(
            _original.Replace(
                "</h1>",
                "</h1>" + one + two[..two.IndexOf("<script src", StringComparison.Ordinal)],
                StringComparison.Ordinal
            )
        );
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership"));
        // The page's own listing stays what it was.
        reader.Until("three listings", _ =>
            reader.Run(
                "return [...document.querySelectorAll('[data-antiphon-listing]')].filter((one) => one.shadowRoot).length"
            )
                is 3L
                ? reader
                : null
        );
    }

    [Theory]
    [InlineData(true, 0)]
    [InlineData(false, 0.02)]
    public async Task Nothing_on_the_page_jumps_when_the_entries_arrive(bool isBaked, double most)
    {
        var snippet = await SnippetAsync(await BuildAsync("lines"), "script");
        // What a site builder leaves that takes no entries: the container with the room it keeps, and the script.
        var bare = (
            await demo.AskAsync($"api/sites/1/listings/{await BuildAsync("lines")}/snippet?way=script&entries=false")
        )["snippet"]!.ToString();
        await SaveAsync(_original.Replace("</h1>", "</h1>" + (isBaked ? snippet : bare), StringComparison.Ordinal));
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership"));
        Shown(reader, "h3 a");
        var shift = Convert.ToDouble(
            reader.RunLater(
                "const done=arguments[arguments.length-1];let sum=0;new PerformanceObserver(list=>list.getEntries().forEach(entry=>sum+=entry.value)).observe({type:'layout-shift',buffered:true});requestAnimationFrame(()=>requestAnimationFrame(()=>setTimeout(()=>done(sum),0)))"
            ),
            System.Globalization.CultureInfo.InvariantCulture
        );
        Assert.InRange(shift, 0, most);
    }

    [Fact]
    public async Task A_picture_that_fails_leaves_a_quiet_box_of_its_size()
    {
        var post = await _script.PostAsJsonAsync(
            "api/sites/1/posts",
            new
            {
                blogId = 1,
                title = "A lost picture",
                bodyHtml = "<p>x</p>",
                status = "published",
                revision = 0,
                tags = new[] { "lost-picture" },
                pictureAddress = demo.Page("pictures/none.png"),
                pictureAlt = "The dome",
            }
        );
        post.EnsureSuccessStatusCode();
        await PlaceAsync(await BuildAsync("lines", count: 1), "script");
        using var reader = demo.Reader();
        reader.Open(demo.Page("membership")).Sees("A lost picture");
        reader.Until("the box", _ =>
            reader.Run(
                "const box=document.querySelector('[data-antiphon-listing]')?.shadowRoot?.querySelector('div.antiphon-picture');return box?`${box.getAttribute('aria-label')} ${box.offsetWidth}x${box.offsetHeight}`:null"
            ) as string
                is "The dome 84x63"
                ? reader
                : null
        );
        var made = (await post.Content.ReadFromJsonAsync<JsonNode>())!;
        (
            await _script.PutAsJsonAsync(
                $"api/sites/1/posts/{made["id"]}",
                new
                {
                    blogId = 1,
                    title = "A lost picture",
                    bodyHtml = "<p>x</p>",
                    status = "withdrawn",
                    revision = (int)made["revision"]!,
                }
            )
        ).EnsureSuccessStatusCode();
    }

    private static long Shown(BrowserWindow reader, string links)
    {
        reader.Until("the listing", _ =>
            reader.Run(
                $"return document.querySelector('[data-antiphon-listing]')?.shadowRoot?.querySelector('{links}') ? 'there' : null"
            ) as string
        );
        return (long)
            reader.Run(
                $"return document.querySelector('[data-antiphon-listing]').shadowRoot.querySelectorAll('{links}').length"
            )!;
    }

    private static string Title(BrowserWindow reader, int index) =>
        (string)
            reader.Run(
                $"return document.querySelector('[data-antiphon-listing]').shadowRoot.querySelectorAll('h3 a')[{index}].textContent"
            )!;

    private async Task<long> BuildAsync(string layout, string paging = "none", int count = 5)
    {
        var blogs = (await demo.AskAsync("api/sites/1/blogs"))
            .AsArray()
            .Select(blog => (long)blog!["id"]!)
            .Take(1)
            .ToArray();
        var definition = new
        {
            blogs,
            count,
            order = "newest",
            layout,
            paging,
            heading = "From the log",
            details = new
            {
                picture = true,
                excerpt = true,
                date = true,
                author = true,
                category = false,
            },
        };
        var answer = await _script.PostAsJsonAsync("api/sites/1/listings", new { name = layout, definition });
        answer.EnsureSuccessStatusCode();
        return (long)(await answer.Content.ReadFromJsonAsync<JsonNode>())!["id"]!;
    }

    private async Task<string> SnippetAsync(long listing, string way) =>
        (await demo.AskAsync($"api/sites/1/listings/{listing}/snippet?way={way}"))["snippet"]!.ToString();

    private async Task PlaceAsync(long listing, string way, string before = "") =>
        await SaveAsync(
            _original.Replace("</h1>", "</h1>" + before + await SnippetAsync(listing, way), StringComparison.Ordinal)
        );

    private async Task SaveAsync(string html)
    {
        using var form = new FormUrlEncodedContent([new("html", html)]);
        (await _script.PostAsync(demo.Page("desk/membership"), form)).EnsureSuccessStatusCode();
    }
}

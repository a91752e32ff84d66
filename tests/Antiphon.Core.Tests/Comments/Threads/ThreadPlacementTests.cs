using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Tests.Html;
using Antiphon.Core.Text;

namespace Antiphon.Core.Tests.Comments.Threads;

public sealed class ThreadPlacementTests
{
    private const string Script = "https://antiphon.example/embed/antiphon.js";

    [Theory]
    [InlineData("<p>Nothing.</p>", ThreadFault.Missing, null)]
    [InlineData("{good}{good}{script}", ThreadFault.Several, "visit, visit")]
    [InlineData(
        "<div data-antiphon-thread='' data-antiphon-site='k7' data-antiphon-url='https://quillmoor.example/visit'></div>{script}",
        ThreadFault.NoIdentifier,
        null
    )]
    [InlineData(
        "<div data-antiphon-thread='{{ post.id }}' data-antiphon-site='k7' data-antiphon-url='https://quillmoor.example/visit'></div>{script}",
        ThreadFault.Unfilled,
        "{{ post.id }}"
    )]
    [InlineData(
        "<div data-antiphon-thread='visit' data-antiphon-site='k7' data-antiphon-url='<%= url %>'></div>{script}",
        ThreadFault.Unfilled,
        "<%= url %>"
    )]
    [InlineData(
        "<div data-antiphon-thread='visit' data-antiphon-site='k7' data-antiphon-url='https://quillmoor.example/'></div>{script}",
        ThreadFault.AddressDiffers,
        "https://quillmoor.example/"
    )]
    [InlineData(
        "<link rel='canonical' href='/stay'>{good}{script}",
        ThreadFault.AddressDiffers,
        "https://quillmoor.example/visit"
    )]
    [InlineData(
        "<div data-antiphon-thread='visit' data-antiphon-site='k8' data-antiphon-url='https://quillmoor.example/visit'></div>{script}",
        ThreadFault.OtherSite,
        "k8"
    )]
    [InlineData("{good}", ThreadFault.NoScript, Script)]
    [InlineData("<div data-antiphon-comments='k7'></div>", ThreadFault.NoScript, Script)]
    [InlineData("<div data-antiphon-comments='k8/visit'></div>{script}", ThreadFault.OtherSite, "k8")]
    [InlineData("<div data-antiphon-comments='k7/{{ post.id }}'></div>{script}", ThreadFault.Unfilled, "{{ post.id }}")]
    [InlineData(
        "<div data-antiphon-comments='k7' data-antiphon-address='<%= url %>'></div>{script}",
        ThreadFault.Unfilled,
        "<%= url %>"
    )]
    [InlineData(
        "<div data-antiphon-comments='k7' data-antiphon-address='https://quillmoor.example/'></div>{script}",
        ThreadFault.AddressDiffers,
        "https://quillmoor.example/"
    )]
    [InlineData("<div data-antiphon-comments='k7/a'></div>{good}{script}", ThreadFault.Several, "a, visit")]
    public void What_is_wrong_on_a_page_is_told(string body, ThreadFault fault, string? value)
    {
        var finding = Assert.Single(Examine(("https://quillmoor.example/visit", body)));
        Assert.Equal((fault, value), (finding.Fault, finding.Value));
    }

    [Theory]
    [InlineData("https://quillmoor.example/visit")]
    [InlineData("http://www.quillmoor.example/visit/?utm_source=letter")]
    public void A_thread_in_its_place_gives_no_finding(string address) =>
        Assert.Empty(Examine((address, "{good}{script}")));

    [Theory]
    [InlineData("<div data-antiphon-comments='k7'></div>{script}")]
    [InlineData("<link rel='canonical' href='/night/visit'><div data-antiphon-comments='k7'></div>{script}")]
    [InlineData("<div data-antiphon-comments='k7/visit'></div>{script}")]
    [InlineData("<div data-antiphon-comments=' k7/a/b '></div>{script}")]
    public void A_key_alone_places_a_thread(string body) =>
        Assert.Empty(Examine(("https://quillmoor.example/visit", body)));

    [Fact]
    public void Pages_of_a_template_that_all_name_one_canonical_address_share_a_thread()
    {
        const string body = "<link rel='canonical' href='/'><div data-antiphon-comments='k7'></div>{script}";
        var findings = Examine(
            ("https://quillmoor.example/visit", body),
            ("https://quillmoor.example/shop", body),
            ("https://quillmoor.example/map", "<div data-antiphon-comments='k7'></div>{script}")
        );
        Assert.All(findings, finding => Assert.Equal(ThreadFault.SameIdentifier, finding.Fault));
        Assert.Equal(
            [
                ("https://quillmoor.example/visit", "quillmoor.example"),
                ("https://quillmoor.example/shop", "quillmoor.example"),
            ],
            findings.Select(finding => (finding.Page, finding.Value))
        );
    }

    [Theory]
    [InlineData("k7", "k7", "")]
    [InlineData("k7/visit", "k7", "visit")]
    [InlineData(" k7/night/log ", "k7", "night/log")]
    public void A_key_is_read_as_it_is_written(string value, string site, string identifier)
    {
        Assert.Equal(new ThreadKey(site, identifier), ThreadKey.Of(value));
        Assert.Equal(value.Trim(), ThreadKey.Of(value).ToString());
    }

    [Fact]
    public void One_identifier_on_pages_of_different_addresses_is_told_on_each()
    {
        var findings = Examine(
            ("https://quillmoor.example/visit", "{good}{script}"),
            ("https://quillmoor.example/visit/", "{good}{script}")
        );
        Assert.Empty(findings);
        findings = Examine(
            ("https://quillmoor.example/visit", "{good}{script}"),
            ("https://quillmoor.example/shop", "{good}{script}")
        );
        Assert.Equal(2, findings.Count(finding => finding.Fault == ThreadFault.SameIdentifier));
    }

    [Theory]
    [InlineData("https://old.example/log/leonids", "https://quillmoor.example/night/leonids")]
    [InlineData("https://OLD.example/log/leonids", "https://quillmoor.example/night/leonids")]
    [InlineData("https://old.example/shop", null)]
    [InlineData(null, null)]
    public void A_rule_moves_what_begins_so(string? address, string? moved) =>
        Assert.Equal(moved, new MoveRule("https://old.example/log/", "https://quillmoor.example/night/").Of(address));

    [Theory]
    [InlineData(
        "http://www.Quillmoor.example/visit/?utm_medium=x&aclid=9&page=2#top",
        "quillmoor.example/visit?page=2"
    )]
    [InlineData("https://quillmoor.example/visit?moorclid=abc&utm_term=7", "quillmoor.example/visit")]
    [InlineData("https://quillmoor.example/visit?id=utm", "quillmoor.example/visit?id=utm")]
    public void What_links_are_counted_with_tells_no_pages_apart(string address, string folded) =>
        Assert.Equal(folded, FoldedAddress.Of(address));

    private static IReadOnlyList<ThreadFinding> Examine(params (string Address, string Body)[] pages) =>
        ThreadPlacement
            .Examine(
                [
                    .. pages.Select(page => new PlacedPage(
                        new Uri(page.Address),
                        TestPage.Of(
                            page.Body.Replace(
                                    "{good}",
                                    "<div data-antiphon-thread='visit' data-antiphon-site='k7' data-antiphon-url='https://quillmoor.example/visit'></div>",
                                    StringComparison.Ordinal
                                )
                                .Replace(
                                    "{script}",
                                    $"<script src='{Script}' async></script>",
                                    StringComparison.Ordinal
                                )
                        )
                    )),
                ],
                "k7",
                Script
            )
            .Where(finding => !(pages.Length > 1 && finding.Fault == ThreadFault.AddressDiffers))
            .ToList();
}

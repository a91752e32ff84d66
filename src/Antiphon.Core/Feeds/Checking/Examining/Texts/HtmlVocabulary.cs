using System.Collections.Frozen;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Elements and attributes of HTML, as far as a text in a feed is concerned (HTML Standard, §4 and §13).</summary>
internal static class HtmlVocabulary
{
    private static readonly FrozenSet<string> Void = Set(
        "area base br col embed hr img input link meta param source track wbr keygen"
    );

    private static readonly FrozenSet<string> EndOptional = Set(
        "li dt dd p rt rp rb rtc optgroup option thead tbody tfoot tr td th colgroup caption html head body"
    );

    // What begins a block ends a paragraph before it.
    private static readonly FrozenSet<string> EndsParagraph = Set(
        "address article aside blockquote center details dialog dir div dl fieldset figcaption figure footer form h1 h2 h3 h4 h5 h6 header hgroup hr main menu nav ol p pre search section table ul"
    );

    private static readonly FrozenSet<string> Unsafe = Set(
        "script style iframe frame frameset object embed applet form input button textarea select keygen noscript portal"
    );

    private static readonly FrozenSet<string> OfPages = Set("html head body title meta link base");

    private static readonly FrozenSet<string> Known = Set(
        "a abbr acronym address area article aside audio b bdi bdo big blink blockquote br canvas caption center cite code col colgroup data datalist dd del details dfn dialog dir div dl dt em fieldset figcaption figure font footer h1 h2 h3 h4 h5 h6 header hgroup hr i img ins kbd label legend li main map mark marquee math menu menuitem meter nav nobr ol optgroup option output p param picture pre progress q rb rp rt rtc ruby s samp search section slot small source span strike strong sub summary sup svg table tbody td template tfoot th thead time tr track tt u ul var video wbr"
    );

    private static readonly FrozenSet<string> Obsolete = Set(
        "acronym big blink center dir font marquee menuitem nobr rb rtc strike tt"
    );

    // What has no meaning but within another; the usual one first.
    private static readonly FrozenDictionary<string, string[]> Wholes = new Dictionary<string, string[]>
    {
        ["li"] = ["ul", "ol", "menu", "dir"],
        ["dt"] = ["dl"],
        ["dd"] = ["dl"],
        ["caption"] = ["table"],
        ["colgroup"] = ["table"],
        ["col"] = ["table"],
        ["thead"] = ["table"],
        ["tbody"] = ["table"],
        ["tfoot"] = ["table"],
        ["tr"] = ["table"],
        ["td"] = ["tr"],
        ["th"] = ["tr"],
        ["figcaption"] = ["figure"],
        ["rp"] = ["ruby"],
        ["rt"] = ["ruby"],
        ["source"] = ["picture", "video", "audio"],
        ["track"] = ["video", "audio"],
        ["summary"] = ["details"],
    }.ToFrozenDictionary(StringComparer.Ordinal);

    private static readonly FrozenSet<string> WithAddress = Set(
        "href src cite longdesc action background data poster usemap formaction srcset ping manifest xlink:href"
    );

    private static readonly FrozenDictionary<string, HtmlElement> Elements = new[]
    {
        Void,
        EndOptional,
        EndsParagraph,
        Unsafe,
        OfPages,
        Known,
    }
        .SelectMany(names => names)
        .Distinct(StringComparer.Ordinal)
        .ToFrozenDictionary(
            name => name,
            name => new HtmlElement(
                name,
                IsVoid: Void.Contains(name),
                MayStayOpen: EndOptional.Contains(name),
                IsBlock: EndsParagraph.Contains(name),
                IsUnsafe: Unsafe.Contains(name),
                IsOfPages: OfPages.Contains(name),
                IsKnown: true,
                IsObsolete: Obsolete.Contains(name)
            ),
            StringComparer.OrdinalIgnoreCase
        );

    private static readonly FrozenDictionary<string, HtmlElement>.AlternateLookup<ReadOnlySpan<char>> ByName =
        Elements.GetAlternateLookup<ReadOnlySpan<char>>();

    /// <summary>Names of attributes that are met often, by themselves, so that no text is made for each.</summary>
    public static readonly FrozenSet<string>.AlternateLookup<ReadOnlySpan<char>> AttributeNames = Set(
            "href src alt title class id width height rel target style srcset loading align border cite data-id lang dir"
        )
        .GetAlternateLookup<ReadOnlySpan<char>>();

    /// <summary>What is known of an element by its name, in letters of any size.</summary>
    public static HtmlElement Of(ReadOnlySpan<char> name) =>
        ByName.TryGetValue(name, out var element) ? element : HtmlElement.Unknown(name.ToString().ToLowerInvariant());

    /// <summary>The elements within which one of that name belongs; null where it may stand anywhere.</summary>
    public static string[]? PartOf(string name) => Wholes.GetValueOrDefault(name);

    /// <summary>An attribute that holds an address.</summary>
    public static bool HoldsAddress(string name) => WithAddress.Contains(name);

    private static FrozenSet<string> Set(string names) =>
        names.Split(' ').ToFrozenSet(StringComparer.OrdinalIgnoreCase);
}

using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Texts;

/// <summary>Rules about the HTML in texts, besides those about what is unsafe.</summary>
internal static class HtmlRules
{
    /// <summary>A tag without its end.</summary>
    public static readonly CheckRule NotClosed = new(
        "html-tag-not-closed",
        Severity.Warning,
        "The tag {0} is not closed",
        "Add its end tag; else everything after it in the reader is changed too.",
        "HTML Standard, §13.1.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An end without its start.</summary>
    public static readonly CheckRule EndWithoutStart = new(
        "html-end-without-start",
        Severity.Warning,
        "{0} closes nothing",
        "Remove it, or add the start tag.",
        "HTML Standard, §13.1.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Tags across each other.</summary>
    public static readonly CheckRule Misnested = new(
        "html-misnested",
        Severity.Warning,
        "{0} is closed before {1}, which begins in it",
        "Close first what was opened last.",
        "HTML Standard, §13.1.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A tag that does not end.</summary>
    public static readonly CheckRule TagBroken = new(
        "html-tag-broken",
        Severity.Warning,
        "The tag {0} does not end",
        "Add the missing quote or bracket.",
        "HTML Standard, §13.2.5"
    );

    /// <summary>An attribute twice.</summary>
    public static readonly CheckRule AttributeTwice = new(
        "html-attribute-twice",
        Severity.Warning,
        "The tag {0} has the attribute {1} twice",
        "Keep one.",
        "HTML Standard, §13.1.2.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Nothing where an address is.</summary>
    public static readonly CheckRule AddressEmpty = new(
        "html-address-empty",
        Severity.Warning,
        "The tag {0} has an empty {1}",
        "Write the address, or leave the tag out.",
        "HTML Standard, §4.8.3 and §4.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An address with a slip.</summary>
    public static readonly CheckRule AddressWrong = new(
        "html-address-invalid",
        Severity.Warning,
        "The address “{0}” in the text is not valid",
        "Write it as the address bar of a browser shows it.",
        "HTML Standard, §2.4; RFC 3986"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An address that leaves the scheme open.</summary>
    public static readonly CheckRule AddressProtocol = new(
        "html-address-without-scheme",
        Severity.Advice,
        "The address “{0}” in the text has no scheme",
        "Begin it with https:.",
        "RSS Best Practices, description"
    );

    /// <summary>A name nobody knows.</summary>
    public static readonly CheckRule EntityUnknown = new(
        "html-entity-unknown",
        Severity.Warning,
        "HTML knows no entity {0}",
        "Write the character itself, or &amp; for an ampersand.",
        "HTML Standard, §13.1.4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A page within a text.</summary>
    public static readonly CheckRule Document = new(
        "html-document",
        Severity.Warning,
        "The text holds {0}, which belongs to a whole page",
        "Leave only what is in the body.",
        "RSS Best Practices, description"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An element HTML does not have.</summary>
    public static readonly CheckRule ElementUnknown = new(
        "html-element-unknown",
        Severity.Advice,
        "HTML knows no element {0}",
        "Correct its name.",
        "HTML Standard, §4"
    );

    /// <summary>An element HTML no longer has.</summary>
    public static readonly CheckRule ElementObsolete = new(
        "html-element-obsolete",
        Severity.Advice,
        "The element {0} is obsolete in HTML",
        "Say what the text is, with an element such as em or strong, and leave its looks to the style.",
        "HTML Standard, §16.2"
    );

    /// <summary>A part of a list, table or the like without it.</summary>
    public static readonly CheckRule OutsideParent = new(
        "html-element-outside",
        Severity.Warning,
        "{0} stands outside {1}",
        "Put it into the element it is a part of.",
        "HTML Standard, §4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A link in a link.</summary>
    public static readonly CheckRule LinkNested = new(
        "html-link-nested",
        Severity.Warning,
        "A link begins within a link",
        "Close the first before the second begins.",
        "HTML Standard, §4.5.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A CDATA section that is text.</summary>
    public static readonly CheckRule Section = new(
        "text-section-shown",
        Severity.Warning,
        "Readers will see “{0}”",
        "Write the CDATA section itself, not escaped.",
        "XML 1.0 §2.7"
    );

    /// <summary>Styles that leave their place.</summary>
    public static readonly CheckRule StyleAttribute = new(
        "html-style-position",
        Severity.Warning,
        "The style “{0}” can move the text out of its place",
        "Leave position, z-index and the like out of the feed.",
        "RFC 4287 §8.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Tags where readers show them as they are.</summary>
    public static readonly CheckRule InPlainText = new(
        "html-in-plain-text",
        Severity.Warning,
        "{0} is plain text but holds the tag {1}",
        "Write it without HTML, or put it where HTML belongs.",
        "JSON Feed 1.1, Items; RSS Best Practices, title"
    );

    /// <summary>Every rule about HTML in texts.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        NotClosed,
        EndWithoutStart,
        Misnested,
        TagBroken,
        AttributeTwice,
        AddressEmpty,
        AddressWrong,
        AddressProtocol,
        EntityUnknown,
        Document,
        ElementUnknown,
        ElementObsolete,
        LinkNested,
        OutsideParent,
        Section,
        StyleAttribute,
        InPlainText,
    ];
}

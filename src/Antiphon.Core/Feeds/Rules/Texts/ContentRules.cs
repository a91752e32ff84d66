using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Texts;

/// <summary>Rules about texts, dates and addresses in feeds of every format.</summary>
public static class ContentRules
{
    /// <summary>Script in an attribute.</summary>
    public static readonly CheckRule EventAttribute = new(
        "html-event-attribute",
        Severity.Warning,
        "The text has the attribute {0}, which readers remove",
        "Leave scripts out of the feed.",
        "RFC 4287 §8.1"
    );

    /// <summary>A link that runs something.</summary>
    public static readonly CheckRule ScriptAddress = new(
        "html-script-address",
        Severity.Warning,
        "A link in the text runs a script",
        "Lead it to an address.",
        "RFC 4287 §8.1"
    );

    /// <summary>A picture without words.</summary>
    public static readonly CheckRule PictureWithoutWords = new(
        "html-alt-missing",
        Severity.Advice,
        "A picture has no alt text",
        "Add alt; an empty one for mere decoration.",
        "WCAG 2.2, 1.1.1"
    );

    /// <summary>A date before the web.</summary>
    public static readonly CheckRule DateImplausible = new(
        "date-implausible",
        Severity.Warning,
        "The date “{0}” is implausibly old",
        "Correct the year.",
        "RSS 2.0, pubDate; RFC 4287 §3.3"
    );

    /// <summary>A space in an address.</summary>
    public static readonly CheckRule AddressWithSpace = new(
        "link-with-space",
        Severity.Error,
        "The address \"{0}\" has a space in it",
        "Write %20 instead.",
        "RFC 3986 §2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Two entries of one page.</summary>
    public static readonly CheckRule SameAddress = new(
        "link-duplicate",
        Severity.Advice,
        "Two entries lead to \"{0}\"",
        "Lead each entry to its own page.",
        "RSS Best Practices, link"
    );

    /// <summary>A title like a paragraph.</summary>
    public static readonly CheckRule TitleLong = new(
        "title-long",
        Severity.Advice,
        "The title is {0} characters long",
        "Keep titles under 200 characters; readers cut them.",
        "RSS Best Practices, title"
    );

    /// <summary>More entries than anybody reads.</summary>
    public static readonly CheckRule ManyEntries = new(
        "feed-many-entries",
        Severity.Advice,
        "The feed has {0} entries",
        "Keep the newest in the feed, and older ones in pages of an archive.",
        "RFC 5005 §4"
    );

    /// <summary>A large document.</summary>
    public static readonly CheckRule LargeDocument = new(
        "feed-large",
        Severity.Advice,
        "The feed is {0} large, and is fetched over and over",
        "Keep fewer entries in it, or excerpts.",
        "RFC 5005 §4"
    );

    /// <summary>Another address for itself.</summary>
    public static readonly CheckRule SelfDiffers = new(
        "feed-self-differs",
        Severity.Advice,
        "The feed names \"{0}\" as its address, but was fetched from elsewhere",
        "Name the address it is read at, or redirect there.",
        "RFC 4287 §4.2.7.2"
    );

    /// <summary>A page that is followed by itself.</summary>
    public static readonly CheckRule PagingLoop = new(
        "paging-loop",
        Severity.Error,
        "The next page of the feed is the feed itself",
        "Lead to the next page, or leave the link out on the last.",
        "RFC 5005 §3"
    );

    /// <summary>Every rule about texts, dates and addresses.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        EventAttribute,
        ScriptAddress,
        PictureWithoutWords,
        DateImplausible,
        AddressWithSpace,
        SameAddress,
        TitleLong,
        ManyEntries,
        LargeDocument,
        SelfDiffers,
        PagingLoop,
    ];
}

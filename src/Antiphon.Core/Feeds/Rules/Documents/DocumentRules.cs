using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Documents;

/// <summary>Rules about the document as a whole, its syntax and how it was served.</summary>
public static class DocumentRules
{
    /// <summary>Neither XML nor JSON.</summary>
    public static readonly CheckRule NotAFeed = new(
        "document-not-a-feed",
        Severity.Error,
        "This is neither XML nor JSON, so it cannot be a feed",
        "Enter the address of the feed itself, or of a page that links to one.",
        "RSS 2.0, Atom (RFC 4287), JSON Feed 1.1"
    );

    /// <summary>An HTML page.</summary>
    public static readonly CheckRule IsAPage = new(
        "document-is-a-page",
        Severity.Error,
        "This is a web page, not a feed",
        "Look for the page's feed with \"Connect a blog\", which follows its links.",
        "RSS 2.0, Atom (RFC 4287), JSON Feed 1.1"
    );

    /// <summary>XML of another kind.</summary>
    public static readonly CheckRule UnknownRoot = new(
        "document-unknown-root",
        Severity.Error,
        "The root element “{0}” is not a feed format",
        "A feed starts with rss, feed or rdf:RDF.",
        "RSS 2.0; RFC 4287 §4.1.1"
    );

    /// <summary>Broken XML.</summary>
    public static readonly CheckRule NotWellFormed = new(
        "xml-not-well-formed",
        Severity.Error,
        "XML error: {0}",
        "Correct the marked place; readers stop at it and lose everything after.",
        "XML 1.0 §2.1"
    );

    /// <summary>Text before the XML declaration.</summary>
    public static readonly CheckRule TextBeforeDeclaration = new(
        "xml-text-before-declaration",
        Severity.Error,
        "There is text before the XML declaration",
        "Remove blank lines and other output before <?xml.",
        "XML 1.0 §2.8"
    );

    /// <summary>Text before the feed.</summary>
    public static readonly CheckRule TextBeforeFeed = new(
        "xml-text-before-feed",
        Severity.Error,
        "Text before the feed: {0}",
        "Remove it; often it is a warning printed by the software that generates the feed.",
        "XML 1.0 §2.1"
    );

    /// <summary>Encoding named twice and differently.</summary>
    public static readonly CheckRule EncodingDisagrees = new(
        "xml-encoding-disagrees",
        Severity.Warning,
        "Served as {0}, but the document says {1}",
        "Serve the charset the document names, or leave it out of the Content-Type.",
        "RFC 7303 §3"
    );

    /// <summary>Bytes in another encoding than they say.</summary>
    public static readonly CheckRule EncodingWrong = new(
        "xml-encoding-wrong",
        Severity.Error,
        "The bytes are not in {0}, as they are said to be",
        "Write the feed in UTF-8 and say so; it was read as Windows-1252 here, and strict readers stop at it.",
        "XML 1.0 §4.3.3"
    );

    /// <summary>A document type declaration.</summary>
    public static readonly CheckRule HasDoctype = new(
        "xml-doctype",
        Severity.Advice,
        "The document has a DOCTYPE, which readers ignore or refuse",
        "Leave it out; write characters directly instead of named entities.",
        "RSS 2.0; RFC 4287 §2"
    );

    /// <summary>Broken JSON.</summary>
    public static readonly CheckRule JsonNotWellFormed = new(
        "json-not-well-formed",
        Severity.Error,
        "The JSON breaks here: {0}",
        "Correct the marked place; readers cannot read any of it.",
        "RFC 8259 §2"
    );

    /// <summary>JSON of another kind.</summary>
    public static readonly CheckRule JsonIsNoFeed = new(
        "json-not-a-feed",
        Severity.Error,
        "This is JSON, but has neither a JSON Feed version nor items",
        "A JSON Feed starts with \"version\", \"title\" and \"items\".",
        "JSON Feed 1.1, Top-level"
    );

    /// <summary>Wrong media type.</summary>
    public static readonly CheckRule MediaType = new(
        "http-media-type",
        Severity.Warning,
        "Served as {0}",
        "Serve {1}, so that browsers and readers offer to follow it.",
        "RFC 4287 §7; JSON Feed 1.1, MIME type"
    );

    /// <summary>A media type that says no more than XML.</summary>
    public static readonly CheckRule MediaTypeBroad = new(
        "http-media-type-broad",
        Severity.Advice,
        "Served as {0}, which says only that it is XML",
        "Serve {1}, so that browsers and readers offer to follow it.",
        "RFC 7303 §9; RFC 4287 §7"
    );

    /// <summary>Empty document.</summary>
    public static readonly CheckRule Empty = new(
        "document-empty",
        Severity.Error,
        "The document is empty",
        "Check that the feed is generated at all and that it is not behind a login.",
        "RSS 2.0, Atom (RFC 4287), JSON Feed 1.1"
    );

    /// <summary>Every rule about the document as a whole.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        NotAFeed,
        IsAPage,
        UnknownRoot,
        NotWellFormed,
        TextBeforeDeclaration,
        TextBeforeFeed,
        EncodingDisagrees,
        EncodingWrong,
        HasDoctype,
        JsonNotWellFormed,
        JsonIsNoFeed,
        MediaType,
        MediaTypeBroad,
        Empty,
    ];
}

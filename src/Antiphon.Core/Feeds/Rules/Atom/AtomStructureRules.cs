using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Atom;

/// <summary>Rules about the elements and attributes of Atom as such (RFC 4287).</summary>
internal static class AtomStructureRules
{
    /// <summary>Atom without its namespace.</summary>
    public static readonly CheckRule NamespaceMissing = new(
        "atom-namespace-missing",
        Severity.Error,
        "The document is not in the namespace of Atom",
        "Write xmlns=\"http://www.w3.org/2005/Atom\" into the outermost element.",
        "RFC 4287 §2"
    );

    /// <summary>Elsewhere than Atom has it.</summary>
    public static readonly CheckRule Misplaced = new(
        "atom-element-misplaced",
        Severity.Error,
        "Atom has no {0} in {1}",
        "Move it to where it belongs, or leave it out.",
        "RFC 4287 §4.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Capitals.</summary>
    public static readonly CheckRule Miswritten = new(
        "atom-element-case",
        Severity.Error,
        "{0} must be written {1}",
        "Write {1}; XML distinguishes capital and small letters.",
        "XML 1.0 §2.3; RFC 4287 §4"
    );

    /// <summary>An attribute Atom does not have.</summary>
    public static readonly CheckRule AttributeUnknown = new(
        "atom-attribute-unknown",
        Severity.Error,
        "Atom has no attribute {0} in {1}",
        "Remove it, correct its name, or put it into a namespace of its own.",
        "RFC 4287 §2, §6.2 and appendix B"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Text between elements.</summary>
    public static readonly CheckRule StrayText = new(
        "atom-stray-text",
        Severity.Error,
        "The text “{0}” is directly in {1}",
        "Put it into an element, such as summary, or remove it.",
        "RFC 4287 §4.1 and appendix B"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Markup that is not escaped.</summary>
    public static readonly CheckRule ElementInText = new(
        "atom-child-in-text",
        Severity.Error,
        "The element {0} is directly in {1}, which takes text only",
        "Escape the HTML and write type=\"html\", or write type=\"xhtml\" and put it into one div.",
        "RFC 4287 §3.1.1.1, §3.1.1.2 and §4.2"
    );

    /// <summary>Nothing where something is said.</summary>
    public static readonly CheckRule Empty = new(
        "atom-element-empty",
        Severity.Error,
        "{0} in {1} is empty",
        "Fill it in or leave it out.",
        "RFC 4287 §3.2, §3.3 and §4.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Small letters in a date.</summary>
    public static readonly CheckRule DateForm = new(
        "atom-date-case",
        Severity.Error,
        "“{0}” must have capital T and Z",
        "Write it like \"2026-11-24T09:30:00Z\".",
        "RFC 4287 §3.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>White space around a date.</summary>
    public static readonly CheckRule DateSpace = new(
        "atom-date-white-space",
        Severity.Warning,
        "There is white space around the date “{0}”",
        "Put the date right between the tags.",
        "RFC 4287 §3.3; RFC 3339 §5.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A relation nobody registered.</summary>
    public static readonly CheckRule RelationUnknown = new(
        "atom-link-rel-unknown",
        Severity.Error,
        "“{0}” is not a registered relation",
        "Write a registered one, such as alternate or enclosure, or a full address.",
        "RFC 4287 §4.2.7.2; RFC 8288 §2.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A relation without a name.</summary>
    public static readonly CheckRule RelationEmpty = new(
        "atom-link-rel-empty",
        Severity.Error,
        "The rel of the link is empty",
        "Name the relation, or leave the attribute out for alternate.",
        "RFC 4287 §4.2.7.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An enclosure of unknown size.</summary>
    public static readonly CheckRule EnclosureLength = new(
        "atom-enclosure-length-missing",
        Severity.Warning,
        "The enclosure has no length",
        "Write its size in bytes into length.",
        "RFC 4287 §4.2.7.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A relative address of the feed itself.</summary>
    public static readonly CheckRule SelfRelative = new(
        "atom-self-relative",
        Severity.Advice,
        "The feed names its own address as “{0}”, which is not a full address",
        "Write the full address, since a kept copy has no other.",
        "RFC 4287 §4.1.1 and §4.2.7.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An id with capitals or the like.</summary>
    public static readonly CheckRule IdNotNormal = new(
        "atom-id-not-normalised",
        Severity.Advice,
        "The id “{0}” is not in its normal form",
        "Write scheme and host in small letters, no usual port, and escapes with capital digits.",
        "RFC 4287 §4.2.6"
    );

    /// <summary>An entry with the id of the feed.</summary>
    public static readonly CheckRule IdShared = new(
        "atom-id-shared",
        Severity.Error,
        "An entry has the id of the feed itself, “{0}”",
        "Give the entry its own id.",
        "RFC 4287 §4.2.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>More than one div.</summary>
    public static readonly CheckRule XhtmlDivs = new(
        "atom-xhtml-content",
        Severity.Error,
        "Beside the div there is {0}",
        "Put all of the text into one div.",
        "RFC 4287 §3.1.1.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Escaped markup in XHTML.</summary>
    public static readonly CheckRule XhtmlEscaped = new(
        "atom-xhtml-escaped",
        Severity.Warning,
        "The xhtml text holds the escaped tag {0}",
        "Write the tag itself, or type=\"html\".",
        "RFC 4287 §3.1.1.3"
    );

    /// <summary>HTML in the namespace of Atom.</summary>
    public static readonly CheckRule XhtmlNamespace = new(
        "atom-xhtml-namespace",
        Severity.Error,
        "{0} is not in the namespace of XHTML",
        "Write xmlns=\"http://www.w3.org/1999/xhtml\" into the div.",
        "RFC 4287 §3.1.1.3"
    );

    /// <summary>A type no content has.</summary>
    public static readonly CheckRule ContentType = new(
        "atom-content-type",
        Severity.Error,
        "“{0}” is not a type of content",
        "Write text, html, xhtml or a media type such as text/markdown.",
        "RFC 4287 §4.1.3.1"
    );

    /// <summary>A composite media type.</summary>
    public static readonly CheckRule ContentComposite = new(
        "atom-content-composite",
        Severity.Error,
        "The content cannot be of the composite type {0}",
        "Use a type that is one thing.",
        "RFC 4287 §4.1.3.1"
    );

    /// <summary>Content elsewhere of a type that stands here.</summary>
    public static readonly CheckRule ContentSourceType = new(
        "atom-content-src-type",
        Severity.Error,
        "Content kept elsewhere is said to be {0}",
        "Write its media type into type, such as text/html.",
        "RFC 4287 §4.1.3.2"
    );

    /// <summary>XML content that is none.</summary>
    public static readonly CheckRule ContentXml = new(
        "atom-content-xml",
        Severity.Error,
        "The content is said to be {0} but is not one XML element",
        "Put one outermost element into it, or correct its type.",
        "RFC 4287 §4.1.3.3"
    );

    /// <summary>Elements in content that is text or bytes.</summary>
    public static readonly CheckRule ContentChildren = new(
        "atom-content-children",
        Severity.Error,
        "The content is said to be {0} but holds the element {1}",
        "Escape it, or correct its type.",
        "RFC 4287 §4.1.3.3"
    );

    /// <summary>Bytes that are not encoded.</summary>
    public static readonly CheckRule ContentBase64 = new(
        "atom-content-base64",
        Severity.Error,
        "The content is said to be {0} but is not in Base64",
        "Encode it in Base64, or correct its type.",
        "RFC 4287 §4.1.3.3"
    );

    /// <summary>A source that does not say enough.</summary>
    public static readonly CheckRule SourceIncomplete = new(
        "atom-source-incomplete",
        Severity.Warning,
        "The source has no {0}",
        "Copy {0} from the feed the entry was taken from.",
        "RFC 4287 §4.2.11"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An entry without a name.</summary>
    public static readonly CheckRule TitleEmpty = new(
        "atom-title-empty",
        Severity.Advice,
        "The title of the entry is empty",
        "Name the entry.",
        "RFC 4287 §4.2.14"
    );

    /// <summary>A feed older than its entries.</summary>
    public static readonly CheckRule UpdatedOld = new(
        "atom-updated-old",
        Severity.Advice,
        "The feed says it last changed before its newest entry",
        "Set updated when something changes.",
        "RFC 4287 §4.2.15"
    );

    /// <summary>Every rule about elements and attributes of Atom.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        NamespaceMissing,
        Misplaced,
        Miswritten,
        AttributeUnknown,
        StrayText,
        ElementInText,
        Empty,
        DateForm,
        DateSpace,
        RelationUnknown,
        RelationEmpty,
        EnclosureLength,
        SelfRelative,
        IdNotNormal,
        IdShared,
        XhtmlDivs,
        XhtmlEscaped,
        XhtmlNamespace,
        ContentType,
        ContentComposite,
        ContentSourceType,
        ContentXml,
        ContentChildren,
        ContentBase64,
        SourceIncomplete,
        TitleEmpty,
        UpdatedOld,
    ];
}

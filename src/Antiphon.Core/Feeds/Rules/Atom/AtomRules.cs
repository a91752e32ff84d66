using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Atom;

/// <summary>Rules of Atom.</summary>
public static class AtomRules
{
    /// <summary>Required element missing or empty.</summary>
    public static readonly CheckRule ElementMissing = new(
        "atom-element-missing",
        Severity.Error,
        "The {1} has no {0}",
        "Add a {0} element with content.",
        "RFC 4287 §4.1.1, §4.1.2"
    );

    /// <summary>Element more than once.</summary>
    public static readonly CheckRule ElementRepeated = new(
        "atom-element-repeated",
        Severity.Error,
        "{0} appears more than once in the {1}",
        "Keep one.",
        "RFC 4287 §4.1.1, §4.1.2"
    );

    /// <summary>Id used twice.</summary>
    public static readonly CheckRule IdDuplicate = new(
        "atom-id-duplicate",
        Severity.Error,
        "The id “{0}” appears in two entries with the same updated date",
        "Give each entry its own id; readers show only one of them.",
        "RFC 4287 §4.1.1"
    );

    /// <summary>Id no IRI.</summary>
    public static readonly CheckRule IdNotIri = new(
        "atom-id-not-absolute",
        Severity.Error,
        "The id “{0}” is not a full address",
        "Use an address or a tag: URI that never changes.",
        "RFC 4287 §4.2.6"
    );

    /// <summary>Bad date.</summary>
    public static readonly CheckRule DateInvalid = new(
        "atom-date-invalid",
        Severity.Error,
        "“{0}” is not a valid Atom date (RFC 3339)",
        "Write it like \"2026-11-24T09:30:00Z\".",
        "RFC 4287 §3.3; RFC 3339 §5.6"
    );

    /// <summary>No author anywhere.</summary>
    public static readonly CheckRule AuthorMissing = new(
        "atom-author-missing",
        Severity.Error,
        "Neither the entry nor the feed names an author",
        "Add an author with a name to the feed or to the entry.",
        "RFC 4287 §4.1.2"
    );

    /// <summary>Person without name.</summary>
    public static readonly CheckRule PersonNameMissing = new(
        "atom-person-name-missing",
        Severity.Error,
        "The {0} has no name",
        "Add a name element.",
        "RFC 4287 §3.2.1"
    );

    /// <summary>Link without href.</summary>
    public static readonly CheckRule LinkHrefMissing = new(
        "atom-link-href-missing",
        Severity.Error,
        "The link has no href",
        "Write the address into the href attribute.",
        "RFC 4287 §4.2.7.1"
    );

    /// <summary>No content and no alternate link.</summary>
    public static readonly CheckRule AlternateMissing = new(
        "atom-alternate-missing",
        Severity.Error,
        "The entry has no content and no link to its page",
        "Add a link with rel=\"alternate\", or content.",
        "RFC 4287 §4.1.2"
    );

    /// <summary>No self link.</summary>
    public static readonly CheckRule SelfLinkMissing = new(
        "atom-self-link-missing",
        Severity.Warning,
        "The feed does not name its own address",
        "Add <link rel=\"self\" href=\"…\"/>.",
        "RFC 4287 §4.1.1"
    );

    /// <summary>Several alternates.</summary>
    public static readonly CheckRule AlternateRepeated = new(
        "atom-alternate-repeated",
        Severity.Error,
        "Two alternate links have the same type and language",
        "Keep one.",
        "RFC 4287 §4.1.1, §4.1.2"
    );

    /// <summary>Unknown text type.</summary>
    public static readonly CheckRule TextType = new(
        "atom-text-type",
        Severity.Error,
        "“{0}” is not a valid type of text",
        "Use text, html or xhtml.",
        "RFC 4287 §3.1.1"
    );

    /// <summary>xhtml without div.</summary>
    public static readonly CheckRule XhtmlDivMissing = new(
        "atom-xhtml-div-missing",
        Severity.Error,
        "The xhtml text is not wrapped in one div",
        "Put it into <div xmlns=\"http://www.w3.org/1999/xhtml\">.",
        "RFC 4287 §3.1.1.3"
    );

    /// <summary>Category without term.</summary>
    public static readonly CheckRule CategoryTermMissing = new(
        "atom-category-term-missing",
        Severity.Error,
        "The category has no term",
        "Add a term attribute.",
        "RFC 4287 §4.2.2.1"
    );

    /// <summary>Every rule about what RFC 4287 asks of Atom.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        ElementMissing,
        ElementRepeated,
        IdDuplicate,
        IdNotIri,
        DateInvalid,
        AuthorMissing,
        PersonNameMissing,
        LinkHrefMissing,
        AlternateMissing,
        SelfLinkMissing,
        AlternateRepeated,
        TextType,
        XhtmlDivMissing,
        CategoryTermMissing,
    ];
}

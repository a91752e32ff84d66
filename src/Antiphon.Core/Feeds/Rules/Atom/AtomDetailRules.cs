using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Atom;

/// <summary>Rules about the finer parts of Atom.</summary>
public static class AtomDetailRules
{
    /// <summary>Atom before 1.0.</summary>
    public static readonly CheckRule VersionOutdated = new(
        "atom-version-outdated",
        Severity.Advice,
        "This is Atom {0}, which was replaced in 2005",
        "Publish Atom 1.0.",
        "RFC 4287"
    );

    /// <summary>An element Atom does not have.</summary>
    public static readonly CheckRule ElementUnknown = new(
        "atom-element-unknown",
        Severity.Error,
        "Atom knows no element {0} in {1}",
        "Remove it, correct its name, or put it into a namespace of its own.",
        "RFC 4287 §6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Changed before it was there.</summary>
    public static readonly CheckRule UpdatedBeforePublished = new(
        "atom-updated-before-published",
        Severity.Advice,
        "The entry changed before it was published",
        "Set updated to the later of the two.",
        "RFC 4287 §4.2.15"
    );

    /// <summary>Content here and elsewhere.</summary>
    public static readonly CheckRule SourceAndText = new(
        "atom-content-src-and-text",
        Severity.Error,
        "The content has src and text as well",
        "Keep one of them; with src the element is empty.",
        "RFC 4287 §4.1.3.2"
    );

    /// <summary>Content elsewhere without type.</summary>
    public static readonly CheckRule SourceWithoutType = new(
        "atom-content-src-type-missing",
        Severity.Warning,
        "The content kept elsewhere has no type",
        "Write its media type into type.",
        "RFC 4287 §4.1.3.2"
    );

    /// <summary>Content nobody can show without summary.</summary>
    public static readonly CheckRule SummaryMissing = new(
        "atom-summary-missing",
        Severity.Error,
        "The entry needs a summary, since its content is kept elsewhere or is no text",
        "Add a summary.",
        "RFC 4287 §4.1.2"
    );

    /// <summary>The size of what is linked.</summary>
    public static readonly CheckRule LinkLength = new(
        "atom-link-length",
        Severity.Error,
        "The length “{0}” is not a number of bytes",
        "Write digits only.",
        "RFC 4287 §4.2.7.6"
    )
    {
        ReadersCope = true,
    };

    /// <summary>The type of what is linked.</summary>
    public static readonly CheckRule LinkType = new(
        "atom-link-type",
        Severity.Error,
        "“{0}” is not a valid media type",
        "Write one such as text/html.",
        "RFC 4287 §4.2.7.3"
    )
    {
        ReadersCope = true,
    };

    /// <summary>The language of what is linked.</summary>
    public static readonly CheckRule LinkLanguage = new(
        "atom-link-language",
        Severity.Error,
        "“{0}” is not a valid language tag",
        "Write a tag such as en or de.",
        "RFC 4287 §4.2.7.4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A mail address that is none.</summary>
    public static readonly CheckRule MailInvalid = new(
        "atom-mail-invalid",
        Severity.Error,
        "“{0}” is not a valid email address",
        "Write it like name@site.example, or leave it out.",
        "RFC 4287 §3.2.3"
    );

    /// <summary>A person's page that is no address.</summary>
    public static readonly CheckRule PersonAddress = new(
        "atom-person-address",
        Severity.Error,
        "“{0}” is not a valid address",
        "Write the full address.",
        "RFC 4287 §3.2.2"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An empty icon or logo.</summary>
    public static readonly CheckRule IconEmpty = new(
        "atom-icon-empty",
        Severity.Error,
        "The {0} is empty",
        "Write its address or leave it out.",
        "RFC 4287 §4.2.5 and §4.2.8"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Markup said to be text.</summary>
    public static readonly CheckRule TypeWithMarkup = new(
        "atom-text-markup",
        Severity.Warning,
        "The {0} is said to be plain text but holds the tag {1}",
        "Write type=\"html\".",
        "RFC 4287 §3.1.1.1"
    );

    /// <summary>Every rule about the finer parts of Atom.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        VersionOutdated,
        ElementUnknown,
        UpdatedBeforePublished,
        SourceAndText,
        SourceWithoutType,
        SummaryMissing,
        LinkLength,
        LinkType,
        LinkLanguage,
        MailInvalid,
        PersonAddress,
        IconEmpty,
        TypeWithMarkup,
    ];
}

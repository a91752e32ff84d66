using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Rss;

/// <summary>Rules of RSS.</summary>
public static class RssRules
{
    /// <summary>No channel.</summary>
    public static readonly CheckRule ChannelMissing = new(
        "rss-channel-missing",
        Severity.Error,
        "There is no channel element",
        "Put everything inside one channel.",
        "RSS 2.0, Required channel elements"
    );

    /// <summary>A channel alone.</summary>
    public static readonly CheckRule RootMissing = new(
        "rss-root-missing",
        Severity.Error,
        "The channel is not in an rss element",
        "Put it into <rss version=\"2.0\">.",
        "RSS 2.0, What is RSS?"
    );

    /// <summary>No version.</summary>
    public static readonly CheckRule VersionMissing = new(
        "rss-version-missing",
        Severity.Error,
        "The rss element has no version",
        "Write <rss version=\"2.0\">.",
        "RSS 2.0, What is RSS?"
    );

    /// <summary>A required channel element is missing or empty.</summary>
    public static readonly CheckRule ChannelElementMissing = new(
        "rss-channel-element-missing",
        Severity.Error,
        "The channel has no {0}",
        "Add a {0} element with content to the channel.",
        "RSS 2.0, Required channel elements"
    );

    /// <summary>An element stands more than once.</summary>
    public static readonly CheckRule ElementRepeated = new(
        "rss-element-repeated",
        Severity.Error,
        "{0} appears more than once in {1}",
        "Keep one; readers take the first or the last as they like.",
        "RSS 2.0, Elements of item"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An item with neither title nor description.</summary>
    public static readonly CheckRule ItemEmpty = new(
        "rss-item-empty",
        Severity.Error,
        "The item has neither title nor description",
        "Give it at least one of them.",
        "RSS 2.0, Elements of item"
    );

    /// <summary>No link.</summary>
    public static readonly CheckRule ItemLinkMissing = new(
        "rss-item-link-missing",
        Severity.Advice,
        "The item has no link",
        "Add a link, or a guid that is its address.",
        "RSS 2.0, Elements of item"
    );

    /// <summary>No guid.</summary>
    public static readonly CheckRule GuidMissing = new(
        "rss-guid-missing",
        Severity.Warning,
        "The item has no guid",
        "Add a guid that never changes; without it an edited item shows up as a new one.",
        "RSS 2.0, guid"
    );

    /// <summary>Empty guid.</summary>
    public static readonly CheckRule GuidEmpty = new(
        "rss-guid-empty",
        Severity.Error,
        "The guid is empty",
        "Write a text that never changes and that no other item has.",
        "RSS 2.0, guid"
    );

    /// <summary>Guid used twice.</summary>
    public static readonly CheckRule GuidDuplicate = new(
        "rss-guid-duplicate",
        Severity.Error,
        "The guid “{0}” appears in two items",
        "Give each item its own; readers show only one of them.",
        "RSS 2.0, guid"
    );

    /// <summary>Guid claims to be an address and is none.</summary>
    public static readonly CheckRule GuidNotAddress = new(
        "rss-guid-not-address",
        Severity.Error,
        "The guid “{0}” is not a valid address, but does not say isPermaLink=\"false\"",
        "Add isPermaLink=\"false\", or use the item's address.",
        "RSS 2.0, guid"
    );

    /// <summary>Unreadable date.</summary>
    public static readonly CheckRule DateUnreadable = new(
        "rss-date-unreadable",
        Severity.Error,
        "“{0}” is not a valid date",
        "Write it like \"Tue, 24 Nov 2026 09:30:00 GMT\"; an item without a readable date sinks to the end of most lists, or disappears.",
        "RFC 822 §5.1"
    );

    /// <summary>Readable date in another form.</summary>
    public static readonly CheckRule DateForm = new(
        "rss-date-form",
        Severity.Error,
        "“{0}” is not in RSS date format",
        "Write it like \"Tue, 24 Nov 2026 09:30:00 GMT\"; some readers understand no other form.",
        "RFC 822 §5.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Wrong weekday.</summary>
    public static readonly CheckRule WeekdayWrong = new(
        "rss-weekday-wrong",
        Severity.Error,
        "\"{0}\" is not a {1}",
        "Correct the weekday or leave it out.",
        "RFC 822 §5.1"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Missing date.</summary>
    public static readonly CheckRule DateMissing = new(
        "rss-date-missing",
        Severity.Advice,
        "The item has no date",
        "Add pubDate, so that readers can put it in order.",
        "RSS 2.0, pubDate"
    );

    /// <summary>Author without mail.</summary>
    public static readonly CheckRule AuthorNotMail = new(
        "rss-author-not-mail",
        Severity.Error,
        "The author “{0}” is not a valid email address",
        "Write \"mail (name)\", or use dc:creator for a name alone.",
        "RSS 2.0, author"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A person with the address elsewhere than RSS has it.</summary>
    public static readonly CheckRule PersonForm = new(
        "rss-person-form",
        Severity.Warning,
        "The person “{0}” is not written as address and name",
        "Write the email address first and the name in brackets: ida@quillmoor.example (Ida Marsh).",
        "RSS 2.0, author; RSS Best Practices, author"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A required channel element is empty.</summary>
    public static readonly CheckRule ChannelElementBlank = new(
        "rss-channel-element-empty",
        Severity.Error,
        "{0} of the channel is empty",
        "Fill it in.",
        "RSS 2.0, Required channel elements"
    );

    /// <summary>Enclosure attribute missing.</summary>
    public static readonly CheckRule EnclosureIncomplete = new(
        "rss-enclosure-incomplete",
        Severity.Error,
        "The enclosure has no {0}",
        "An enclosure needs url, length in bytes and type.",
        "RSS 2.0, enclosure"
    );

    /// <summary>Enclosure length no number.</summary>
    public static readonly CheckRule EnclosureLength = new(
        "rss-enclosure-length",
        Severity.Error,
        "The enclosure's length “{0}” is not a number of bytes",
        "Write the size in bytes, digits only; 0 when it is unknown.",
        "RSS 2.0, enclosure"
    );

    /// <summary>No self link.</summary>
    public static readonly CheckRule SelfLinkMissing = new(
        "rss-self-link-missing",
        Severity.Advice,
        "The feed does not name its own address",
        "Add <atom:link rel=\"self\" href=\"…\" type=\"application/rss+xml\"/> to the channel.",
        "RSS Best Practices, atom:link"
    );

    /// <summary>Unknown element without namespace.</summary>
    public static readonly CheckRule ElementUnknown = new(
        "rss-element-unknown",
        Severity.Error,
        "RSS knows no element {0} in {1}",
        "Remove it, correct its name, or put it into a namespace.",
        "RSS 2.0, Extending RSS"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Every rule about what RSS 2.0 asks.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        ChannelMissing,
        RootMissing,
        VersionMissing,
        ChannelElementMissing,
        ElementRepeated,
        ItemEmpty,
        ItemLinkMissing,
        GuidMissing,
        GuidEmpty,
        GuidDuplicate,
        GuidNotAddress,
        DateUnreadable,
        DateForm,
        WeekdayWrong,
        DateMissing,
        AuthorNotMail,
        PersonForm,
        ChannelElementBlank,
        EnclosureIncomplete,
        EnclosureLength,
        SelfLinkMissing,
        ElementUnknown,
    ];
}

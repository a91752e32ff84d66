using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Json;

/// <summary>Rules about the members of JSON Feed and their values.</summary>
internal static class JsonValueRules
{
    /// <summary>Nothing where something is said.</summary>
    public static readonly CheckRule Empty = new(
        "json-member-empty",
        Severity.Error,
        "\"{0}\" is empty",
        "Fill it in or leave it out.",
        "JSON Feed 1.1, Top-level and Items"
    );

    /// <summary>An item that is none.</summary>
    public static readonly CheckRule ItemNotObject = new(
        "json-item-not-object",
        Severity.Error,
        "An item is {0}, but must be an object",
        "Write it in braces, with id and content.",
        "JSON Feed 1.1, Items"
    );

    /// <summary>A member twice.</summary>
    public static readonly CheckRule MemberTwice = new(
        "json-member-twice",
        Severity.Warning,
        "\"{0}\" appears twice in one object",
        "Keep one; programs take the first or the last as they like.",
        "RFC 8259 §4"
    );

    /// <summary>A lone half of a surrogate pair.</summary>
    public static readonly CheckRule HalfCharacter = new(
        "json-half-character",
        Severity.Warning,
        "The escape {0} is half of a character",
        "Write both halves, or the character itself.",
        "RFC 8259 §8.2"
    );

    /// <summary>An extension without a name.</summary>
    public static readonly CheckRule Extension = new(
        "json-extension-name",
        Severity.Error,
        "\"{0}\" is not a valid name of an extension",
        "Write an underscore and then a letter.",
        "JSON Feed 1.1, Extensions"
    )
    {
        ReadersCope = true,
    };

    /// <summary>An extension that is no object.</summary>
    public static readonly CheckRule ExtensionNotObject = new(
        "json-extension-not-object",
        Severity.Warning,
        "The extension \"{0}\" is {1}",
        "Write an object, with what you need as its members.",
        "JSON Feed 1.1, Extensions"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A member with other capitals.</summary>
    public static readonly CheckRule MemberCase = new(
        "json-member-case",
        Severity.Error,
        "\"{0}\" must be written \"{1}\"",
        "Write \"{1}\".",
        "JSON Feed 1.1; RFC 8259 §8.3"
    );

    /// <summary>A member the version does not have.</summary>
    public static readonly CheckRule Newer = new(
        "json-member-newer",
        Severity.Advice,
        "\"{0}\" came with version 1.1, and the feed says it is 1.0",
        "Write \"https://jsonfeed.org/version/1.1\" into version.",
        "JSON Feed 1.1, Changes"
    );

    /// <summary>No page.</summary>
    public static readonly CheckRule HomeMissing = new(
        "json-home-page-missing",
        Severity.Advice,
        "The feed does not name the page it belongs to",
        "Add \"home_page_url\".",
        "JSON Feed 1.1, Top-level"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A media type that is none.</summary>
    public static readonly CheckRule MediaType = new(
        "json-media-type",
        Severity.Error,
        "“{0}” is not a valid media type",
        "Write one such as audio/mpeg.",
        "JSON Feed 1.1, Attachments; RFC 6838 §4.2"
    );

    /// <summary>Less than nothing.</summary>
    public static readonly CheckRule Number = new(
        "json-number-negative",
        Severity.Error,
        "\"{0}\" is {1}",
        "Write a number from 0.",
        "JSON Feed 1.1, Attachments"
    );

    /// <summary>No date.</summary>
    public static readonly CheckRule DateMissing = new(
        "json-date-missing",
        Severity.Advice,
        "The item has no date",
        "Add \"date_published\", so that readers can put it in order.",
        "JSON Feed 1.1, Items"
    );

    /// <summary>Changed before it was there.</summary>
    public static readonly CheckRule Order = new(
        "json-modified-before-published",
        Severity.Advice,
        "The item changed before it was published",
        "Write the later of the two into date_modified.",
        "JSON Feed 1.1, Items"
    );

    /// <summary>A version that is nearly right.</summary>
    public static readonly CheckRule VersionScheme = new(
        "json-version-scheme",
        Severity.Error,
        "The version must be written “{1}”, not “{0}”",
        "Write it exactly so.",
        "JSON Feed 1.1, Top-level"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Every rule about members and values.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        Empty,
        ItemNotObject,
        MemberTwice,
        HalfCharacter,
        Extension,
        ExtensionNotObject,
        MemberCase,
        Newer,
        HomeMissing,
        MediaType,
        Number,
        DateMissing,
        Order,
        VersionScheme,
    ];
}

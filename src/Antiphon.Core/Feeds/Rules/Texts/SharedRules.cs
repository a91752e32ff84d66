using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Texts;

/// <summary>Rules that hold in every format.</summary>
public static class SharedRules
{
    /// <summary>A link that is no web address.</summary>
    public static readonly CheckRule LinkNotAbsolute = new(
        "link-not-absolute",
        Severity.Error,
        "“{0}” is not a full web address",
        "Write the full address, starting with https://.",
        "RSS 2.0, Elements of item; RFC 3986 §4.3"
    );

    /// <summary>A date in the future.</summary>
    public static readonly CheckRule DateInFuture = new(
        "date-in-future",
        Severity.Warning,
        "The date “{0}” is in the future",
        "Publish the entry when it is due; many readers hide it or keep it on top for ever.",
        "RSS 2.0, pubDate; RFC 4287 §4.2.9"
    );

    /// <summary>A relative address in the text.</summary>
    public static readonly CheckRule RelativeAddress = new(
        "html-relative-address",
        Severity.Warning,
        "\"{0}\" in the text leads nowhere outside your site",
        "Write the full address.",
        "RSS Best Practices, description; RFC 4287 §3.1.1.2"
    );

    /// <summary>Scripts and the like in the text.</summary>
    public static readonly CheckRule UnsafeMarkup = new(
        "html-unsafe",
        Severity.Warning,
        "The text holds a {0}, which readers remove",
        "Leave it out of the feed.",
        "RFC 4287 §8.1"
    );

    /// <summary>Text escaped twice.</summary>
    public static readonly CheckRule EscapedTwice = new(
        "text-escaped-twice",
        Severity.Warning,
        "Readers will see \"{0}\" instead of the character",
        "Escape the text once only.",
        "XML 1.0 §2.4"
    );

    /// <summary>A language tag that is none.</summary>
    public static readonly CheckRule LanguageInvalid = new(
        "language-invalid",
        Severity.Error,
        "“{0}” is not a valid language tag",
        "Write a tag such as en, en-gb or de.",
        "RFC 5646 §2.1"
    );

    /// <summary>No entries.</summary>
    public static readonly CheckRule NoEntries = new(
        "feed-without-entries",
        Severity.Advice,
        "The feed has no entries",
        "Nothing to do if the blog is new.",
        "RSS 2.0; RFC 4287 §4.1.1"
    );

    /// <summary>Every rule about feeds of every format.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [LinkNotAbsolute, DateInFuture, RelativeAddress, UnsafeMarkup, EscapedTwice, LanguageInvalid, NoEntries];
}

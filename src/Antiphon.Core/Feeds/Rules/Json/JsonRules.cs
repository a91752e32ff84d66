using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Json;

/// <summary>Rules of JSON Feed.</summary>
public static class JsonRules
{
    /// <summary>Required member missing.</summary>
    public static readonly CheckRule MemberMissing = new(
        "json-member-missing",
        Severity.Error,
        "There is no \"{0}\"",
        "Add \"{0}\".",
        "JSON Feed 1.1, Top-level and Items"
    );

    /// <summary>Version unknown.</summary>
    public static readonly CheckRule VersionUnknown = new(
        "json-version-unknown",
        Severity.Error,
        "\"{0}\" names no version of JSON Feed",
        "Write \"https://jsonfeed.org/version/1.1\".",
        "JSON Feed 1.1, Top-level"
    );

    /// <summary>Wrong kind of value.</summary>
    public static readonly CheckRule WrongType = new(
        "json-wrong-type",
        Severity.Error,
        "\"{0}\" is {1}, but must be {2}",
        "Write {2}.",
        "JSON Feed 1.1"
    );

    /// <summary>Id used twice.</summary>
    public static readonly CheckRule IdDuplicate = new(
        "json-id-duplicate",
        Severity.Error,
        "The id “{0}” appears in two items",
        "Give each item its own; readers show only one of them.",
        "JSON Feed 1.1, Items"
    );

    /// <summary>No content.</summary>
    public static readonly CheckRule ContentMissing = new(
        "json-content-missing",
        Severity.Error,
        "The item has neither content_html nor content_text",
        "Add one of them.",
        "JSON Feed 1.1, Items"
    );

    /// <summary>Bad date.</summary>
    public static readonly CheckRule DateInvalid = new(
        "json-date-invalid",
        Severity.Error,
        "“{0}” is not a valid JSON Feed date (RFC 3339)",
        "Write it like \"2026-11-24T09:30:00Z\".",
        "JSON Feed 1.1, Items; RFC 3339 §5.6"
    );

    /// <summary>Attachment incomplete.</summary>
    public static readonly CheckRule AttachmentIncomplete = new(
        "json-attachment-incomplete",
        Severity.Error,
        "The attachment has no \"{0}\"",
        "An attachment needs url and mime_type.",
        "JSON Feed 1.1, Attachments"
    );

    /// <summary>No feed address.</summary>
    public static readonly CheckRule FeedUrlMissing = new(
        "json-feed-url-missing",
        Severity.Advice,
        "The feed does not name its own address",
        "Add \"feed_url\".",
        "JSON Feed 1.1, Top-level"
    );

    /// <summary>Old author member.</summary>
    public static readonly CheckRule AuthorOutdated = new(
        "json-author-outdated",
        Severity.Warning,
        "\"author\" was replaced by \"authors\" in version 1.1",
        "Write a list \"authors\".",
        "JSON Feed 1.1, Top-level"
    );

    /// <summary>Every rule about what JSON Feed 1.1 asks.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [
        MemberMissing,
        VersionUnknown,
        WrongType,
        IdDuplicate,
        ContentMissing,
        DateInvalid,
        AttachmentIncomplete,
        FeedUrlMissing,
        AuthorOutdated,
    ];
}

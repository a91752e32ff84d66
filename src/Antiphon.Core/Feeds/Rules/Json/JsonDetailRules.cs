using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Json;

/// <summary>Rules about the finer parts of JSON Feed.</summary>
public static class JsonDetailRules
{
    /// <summary>A hub without its parts.</summary>
    public static readonly CheckRule HubIncomplete = new(
        "json-hub-incomplete",
        Severity.Error,
        "The hub has no \"{0}\"",
        "A hub needs type and url.",
        "JSON Feed 1.1, Subscribing to Real-time Notifications"
    );

    /// <summary>An author who is nobody.</summary>
    public static readonly CheckRule AuthorEmpty = new(
        "json-author-empty",
        Severity.Error,
        "The author says nothing",
        "Give name, url or avatar.",
        "JSON Feed 1.1, Top-level"
    );

    /// <summary>A tag that is no text.</summary>
    public static readonly CheckRule TagNotText = new(
        "json-tag-not-text",
        Severity.Error,
        "A tag is {0}, but must be a string",
        "Write it in quotes.",
        "JSON Feed 1.1, Items"
    );

    /// <summary>A member nobody defined.</summary>
    public static readonly CheckRule MemberUnknown = new(
        "json-member-unknown",
        Severity.Error,
        "JSON Feed knows no \"{0}\"",
        "Begin the names of your own extensions with an underscore.",
        "JSON Feed 1.1, Extensions"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A page followed by itself.</summary>
    public static readonly CheckRule NextIsSelf = new(
        "json-next-is-self",
        Severity.Error,
        "next_url is the feed's own address",
        "Lead to the next page, or leave it out on the last.",
        "JSON Feed 1.1, Top-level"
    );

    /// <summary>Every rule about the finer parts of JSON Feed.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [HubIncomplete, AuthorEmpty, TagNotText, MemberUnknown, NextIsSelf];
}

using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Rules.Atom;

/// <summary>Rules about pages, archives and deleted entries (RFC 5005, RFC 6721).</summary>
internal static class HistoryRules
{
    /// <summary>A complete feed with pages.</summary>
    public static readonly CheckRule CompletePaged = new(
        "history-complete-paged",
        Severity.Error,
        "The feed says it is complete, but has pages",
        "Leave out fh:complete, or the links to pages.",
        "RFC 5005 §2"
    );

    /// <summary>Complete and an archive.</summary>
    public static readonly CheckRule CompleteArchive = new(
        "history-complete-archive",
        Severity.Error,
        "The document is said to be both complete and an archive",
        "Keep one of fh:complete and fh:archive.",
        "RFC 5005 §2 and §4"
    );

    /// <summary>An archive that does not lead back.</summary>
    public static readonly CheckRule ArchiveCurrent = new(
        "history-archive-current",
        Severity.Warning,
        "The archive does not name the current feed",
        "Add a link with rel=\"current\".",
        "RFC 5005 §4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Something in a mark.</summary>
    public static readonly CheckRule MarkerContent = new(
        "history-marker-content",
        Severity.Error,
        "{0} must be empty",
        "Leave out what is in it.",
        "RFC 5005 §2 and §4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>Two next pages.</summary>
    public static readonly CheckRule PageRepeated = new(
        "history-link-repeated",
        Severity.Error,
        "There are two links with rel=\"{0}\"",
        "Keep one.",
        "RFC 5005 §3 and §4"
    )
    {
        ReadersCope = true,
    };

    /// <summary>A deleted entry that does not say which, or when.</summary>
    public static readonly CheckRule DeletedIncomplete = new(
        "deleted-entry-incomplete",
        Severity.Error,
        "The deleted entry has no {0}",
        "Add the attribute {0}.",
        "RFC 6721 §3"
    );

    /// <summary>A wrong date of deletion.</summary>
    public static readonly CheckRule DeletedDate = new(
        "deleted-entry-date",
        Severity.Error,
        "“{0}” is not a valid Atom date (RFC 3339)",
        "Write it like \"2026-11-24T09:30:00Z\".",
        "RFC 6721 §3"
    );

    /// <summary>Every rule about pages, archives and deleted entries.</summary>
    public static IReadOnlyList<CheckRule> All { get; } =
    [CompletePaged, CompleteArchive, ArchiveCurrent, MarkerContent, PageRepeated, DeletedIncomplete, DeletedDate];
}

using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;
using Antiphon.Core.Findings;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>The result of a check for scripts and for the screen.</summary>
/// <param name="Format">rss, atom, jsonFeed, rdf, or null.</param>
/// <param name="Version">Version of the format.</param>
/// <param name="Verdict">In one word.</param>
/// <param name="Findings">Errors first.</param>
/// <param name="Slips">The findings of one rule together: one thing to put right each, in the same order.</param>
/// <param name="Feed">Whatever could be read.</param>
internal record FeedCheckView(
    FeedFormat? Format,
    string? Version,
    Verdict Verdict,
    IReadOnlyList<FindingView> Findings,
    IReadOnlyList<SlipView> Slips,
    FeedView? Feed
);

/// <summary>A rule that is broken, in one place or in many.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Severity">As grave as the clause is strict.</param>
/// <param name="Findings">Which of the findings they are, from 0.</param>
internal sealed record SlipView(string Rule, Severity Severity, IReadOnlyList<int> Findings);

/// <summary>The result with what the screen shows beside it.</summary>
/// <param name="Check">The result.</param>
/// <param name="Source">The document as text, cut after a million characters.</param>
/// <param name="Address">Where it was fetched from, after redirects; null for pasted text.</param>
/// <param name="ContentType">As served.</param>
/// <param name="Bytes">Size.</param>
internal sealed record FeedCheckPage(
    FeedCheckView Check,
    string Source,
    string? Address,
    string? ContentType,
    int Bytes
);

/// <summary>A finding in words.</summary>
/// <param name="Rule">The rule, such as "rss-guid-duplicate".</param>
/// <param name="Severity">As grave as the clause is strict.</param>
/// <param name="Line">Line from 1; null for a finding about the whole.</param>
/// <param name="Column">Column from 1.</param>
/// <param name="Path">Path to the element.</param>
/// <param name="Message">What is wrong.</param>
/// <param name="Fix">What to do.</param>
/// <param name="Reference">The clause.</param>
/// <param name="ReadersCope">Whether feed readers usually cope with it, whatever the standard says.</param>
/// <param name="Repairable">Whether a repair puts it right.</param>
internal sealed record FindingView(
    string Rule,
    Severity Severity,
    int? Line,
    int? Column,
    string? Path,
    string Message,
    string Fix,
    string Reference,
    bool ReadersCope,
    bool Repairable
);

/// <summary>A feed as read; what podcast modules and deletions say stands in it too.</summary>
internal sealed record FeedView(
    string? Title,
    string? Description,
    string? Link,
    string? FeedLink,
    string? Language,
    DateTimeOffset? Updated,
    DateTimeOffset? Published,
    IReadOnlyList<FeedPersonView> Authors,
    string? Copyright,
    string? Generator,
    ImageView? Image,
    string? Icon,
    IReadOnlyList<string> Categories,
    IReadOnlyList<string> Hubs,
    IReadOnlyList<string> Licenses,
    FeedShow? Show,
    IReadOnlyList<FeedDeletion> Deleted,
    IReadOnlyList<ItemView> Items
);

/// <summary>An entry as read.</summary>
internal sealed record ItemView(
    string? Id,
    string? Title,
    string? Link,
    string? Summary,
    string? ContentHtml,
    DateTimeOffset? Published,
    DateTimeOffset? Updated,
    IReadOnlyList<FeedPersonView> Authors,
    IReadOnlyList<string> Categories,
    IReadOnlyList<EnclosureView> Enclosures,
    string? Image,
    string? CommentsUrl,
    string? Source,
    IReadOnlyList<string> Licenses,
    FeedEpisode? Episode,
    FeedPlace? Place,
    IReadOnlyList<FeedArea> Areas
);

/// <summary>A person as read.</summary>
internal sealed record FeedPersonView(string? Name, string? Email, string? Url);

/// <summary>A channel image as read.</summary>
internal sealed record ImageView(string? Url, string? Title, string? Link);

/// <summary>An enclosure as read.</summary>
internal sealed record EnclosureView(string? Url, string? Type, long? Length);

/// <summary>Text to check on the screen.</summary>
internal sealed record CheckTextRequest(string Text, string? ContentType);

/// <summary>A repaired feed.</summary>
/// <param name="Repaired">The corrected document; null when it is no feed.</param>
/// <param name="Changes">Everything that was changed.</param>
/// <param name="Remaining">What cannot be mended by machine.</param>
internal sealed record FeedRepairView(
    string? Repaired,
    IReadOnlyList<RepairChangeView> Changes,
    IReadOnlyList<FindingView> Remaining
);

/// <summary>One change.</summary>
/// <param name="Line">Line of the original, or null for the whole.</param>
/// <param name="Rule">Rule that was broken.</param>
/// <param name="Description">What was done.</param>
internal sealed record RepairChangeView(int? Line, string Rule, string Description);

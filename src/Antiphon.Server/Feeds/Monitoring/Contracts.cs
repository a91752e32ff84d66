using Antiphon.Core.Feeds.Checking;
using Antiphon.Data.Feeds.Monitoring;

namespace Antiphon.Server.Feeds.Monitoring;

/// <summary>A feed to be watched.</summary>
/// <param name="Address">Where it is.</param>
/// <param name="Name">Name for the team; null for the feed's own title.</param>
/// <param name="PublishRepaired">Whether it is to be published repaired at an address of ours.</param>
internal sealed record WatchRequest(string Address, string? Name, bool PublishRepaired);

/// <summary>Whether a watched feed is published repaired.</summary>
internal sealed record PublishRequest(bool IsPublished);

/// <summary>A watched feed.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Name for the team.</param>
/// <param name="Address">Where it is.</param>
/// <param name="IsOurs">True for the feed of a blog written here.</param>
/// <param name="CheckedAt">Last check.</param>
/// <param name="NextCheckAt">Next check.</param>
/// <param name="IsGood">Whether readers get everything; null before the first check.</param>
/// <param name="Repair">How it is published repaired, or null.</param>
/// <param name="History">What checks gave, the latest stretch first.</param>
internal sealed record WatchedFeedView(
    long Id,
    string Name,
    string Address,
    bool IsOurs,
    DateTimeOffset? CheckedAt,
    DateTimeOffset NextCheckAt,
    bool? IsGood,
    RepairedView? Repair,
    IReadOnlyList<WatchRecordView> History
);

/// <summary>A feed published repaired.</summary>
/// <param name="Address">Where it is.</param>
/// <param name="Changes">Changes made in it; null before the original could be read once.</param>
/// <param name="ChangedAt">When it last changed.</param>
internal sealed record RepairedView(string Address, int? Changes, DateTimeOffset? ChangedAt);

/// <summary>A stretch of the history in which checks gave the same.</summary>
internal sealed record WatchRecordView(
    DateTimeOffset From,
    DateTimeOffset Until,
    int Checks,
    Verdict? Verdict,
    string? Trouble,
    int Errors,
    int Warnings,
    int Advice,
    IReadOnlyList<KeptFinding> Findings
);

using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Findings;
using Antiphon.Server.Feeds.Checking;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>One feed to check: by its address, or that of a page that names it, or as text.</summary>
/// <param name="Url">The address; null for text.</param>
/// <param name="Text">The text; null for an address.</param>
internal sealed record SiteCheckRequest(string? Url, string? Text);

/// <summary>A check that is kept, with what became another since the last one.</summary>
/// <param name="Id">Names the check, for its report and its letter.</param>
/// <param name="Page">What was found, and the source.</param>
/// <param name="FoundOn">The page that was asked for, when the feed was found through it.</param>
/// <param name="Others">Other feeds that page names.</param>
/// <param name="Since">What changed; null for the first check of a feed.</param>
internal sealed record SiteCheckView(
    long Id,
    FeedCheckPage Page,
    string? FoundOn,
    IReadOnlyList<string> Others,
    CheckSinceView? Since
);

/// <summary>What became another since the last check.</summary>
/// <param name="At">When that was.</param>
/// <param name="Changes">Rules broken more or less often than then.</param>
internal sealed record CheckSinceView(DateTimeOffset At, IReadOnlyList<RuleChangeView> Changes);

/// <summary>A rule that is broken more or less often than before.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Severity">How grave it is.</param>
/// <param name="Message">What is, or was, wrong.</param>
/// <param name="Before">Findings then.</param>
/// <param name="Now">Findings now.</param>
internal sealed record RuleChangeView(
    string Rule,
    Severity Severity,
    [property: TeamText] string Message,
    int Before,
    int Now
);

/// <summary>A draft of a letter to the publisher of a feed.</summary>
/// <param name="To">Mail address the feed names; null when it names none.</param>
/// <param name="Subject">The subject.</param>
/// <param name="Body">Plain text.</param>
internal sealed record PublisherLetterView(string? To, string Subject, string Body);

/// <summary>Several feeds to check.</summary>
/// <param name="List">An address in each line, or a list of subscriptions (OPML).</param>
/// <param name="HasDocuments">Whether files follow, each as a request of its own.</param>
internal sealed record CheckRunRequest(string? List, bool HasDocuments);

/// <summary>How many checks a file brought: one for a feed, one for each address of a list.</summary>
internal sealed record AddedChecksView(int Added);

/// <summary>Several feeds checked at once, in numbers.</summary>
/// <param name="Id">Names the run.</param>
/// <param name="StartedAt">When it was begun.</param>
/// <param name="IsCancelled">Whether what waits is left alone.</param>
/// <param name="Feeds">How many feeds it is about.</param>
/// <param name="Checked">How many of them are done.</param>
/// <param name="WithErrors">How many have errors.</param>
/// <param name="Unread">How many could not be read.</param>
internal sealed record CheckRunSummary(
    long Id,
    DateTimeOffset StartedAt,
    bool IsCancelled,
    int Feeds,
    int Checked,
    int WithErrors,
    int Unread
);

/// <summary>Several feeds checked at once.</summary>
/// <param name="Run">In numbers.</param>
/// <param name="Checks">Each feed, in the order in which they were given.</param>
internal sealed record CheckRunView(CheckRunSummary Run, IReadOnlyList<RunCheckView> Checks);

/// <summary>One feed of several.</summary>
/// <param name="Id">Names the check.</param>
/// <param name="Name">Address, or name of the file.</param>
/// <param name="Address">Address; null for a file.</param>
/// <param name="CheckedAt">When it was checked; null while it waits.</param>
/// <param name="Verdict">The verdict; null while it waits and when it could not be read.</param>
/// <param name="Problem">Why it could not be read, as a sentence; null when it could.</param>
/// <param name="Format">Its format; null when it is no feed.</param>
/// <param name="Title">Its title.</param>
/// <param name="FoundOn">The page it was found on.</param>
/// <param name="Entries">Entries read.</param>
/// <param name="Errors">Errors found.</param>
/// <param name="Warnings">Warnings found.</param>
/// <param name="Advice">Pieces of advice.</param>
/// <param name="Repairable">Findings the corrected feed no longer has.</param>
/// <param name="ComparedWith">When it was checked before; null for the first time.</param>
/// <param name="Came">Kinds of finding that were not there then.</param>
/// <param name="Gone">Kinds of finding that are there no more.</param>
internal sealed record RunCheckView(
    long Id,
    string Name,
    string? Address,
    DateTimeOffset? CheckedAt,
    Verdict? Verdict,
    [property: TeamText] string? Problem,
    FeedFormat? Format,
    string? Title,
    string? FoundOn,
    int Entries,
    int Errors,
    int Warnings,
    int Advice,
    int Repairable,
    DateTimeOffset? ComparedWith,
    int Came,
    int Gone
);

using Antiphon.Core.Feeds.Repair;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>An address that was fetched and examined.</summary>
/// <param name="Answer">What came from the address.</param>
/// <param name="Result">What was found in it, and what a repair puts right; null when nothing came.</param>
internal sealed record ExaminedFeed(Fetched Answer, RepairResult? Result)
{
    /// <summary>The page that names the feed, when its address was asked for; null otherwise.</summary>
    public Uri? FoundOn { get; init; }

    /// <summary>Other feeds the page names, in its order.</summary>
    public IReadOnlyList<Uri> Others { get; init; } = [];
}

using Antiphon.Core.Feeds.Repair;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>A feed that was examined.</summary>
/// <param name="Answer">What came from its address; null for a file and for pasted text.</param>
/// <param name="Result">What was found in it, and what a repair puts right; null when nothing came.</param>
/// <param name="Size">Bytes of the document.</param>
internal sealed record ExaminedFeed(Fetched? Answer, RepairResult? Result, int Size)
{
    /// <summary>The page that names the feed, when its address was asked for; null otherwise.</summary>
    public Uri? FoundOn { get; init; }

    /// <summary>Other feeds the page names, in its order.</summary>
    public IReadOnlyList<Uri> Others { get; init; } = [];

    /// <summary>Why nothing came, in words; null when something did.</summary>
    public string? Trouble => Answer?.Problem is { } problem ? FetchWords.For(problem, Answer.Detail) : null;
}

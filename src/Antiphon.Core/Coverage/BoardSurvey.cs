using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Entries;

namespace Antiphon.Core.Coverage;

/// <summary>
/// Which posts of a whole site have something off or due somewhere, found without computing every mark:
/// a mark is off or due only for what a listing chooses, for what is dated ahead, and for mails that are not done.
/// </summary>
/// <param name="Off">Posts with a failed or out of date mark.</param>
/// <param name="Due">Posts with a due mark; an open conversation nobody has written in does not count.</param>
public sealed record BoardSurvey(IReadOnlySet<long> Off, IReadOnlySet<long> Due)
{
    /// <summary>Surveys a site.</summary>
    /// <param name="posts">Its posts; drafts among them are passed over.</param>
    /// <param name="listings">What each listing chooses of them, and what is known of its pages.</param>
    /// <param name="writtenHere">The blogs written here, which have a feed and are mailed.</param>
    /// <param name="unfinished">For posts with mails that failed or are on their way, their mails.</param>
    /// <param name="coming">Posts no mail has brought yet that the next digest brings.</param>
    /// <param name="now">The moment.</param>
    public static BoardSurvey Of(
        IEnumerable<ListingCandidate> posts,
        IReadOnlyCollection<(ListingSelection Selection, SightingState Sighting)> listings,
        IReadOnlySet<long> writtenHere,
        IReadOnlyDictionary<long, DeliveryTally> unfinished,
        IReadOnlySet<long> coming,
        DateTimeOffset now
    )
    {
        var (off, due) = (new HashSet<long>(), new HashSet<long>(coming));
        foreach (var (selection, sighting) in listings.Where(pair => pair.Sighting != SightingState.Seen))
            (sighting == SightingState.Lost ? off : due).UnionWith(selection.Shown.Select(post => post.Id));
        foreach (var (post, tally) in unfinished)
            if (tally.Failed > 0 || tally.Open > 0)
                (tally.Failed > 0 ? off : due).Add(post);
        foreach (var post in posts.Where(post => CoverageRules.IsAhead(post, now)))
            if (
                writtenHere.Contains(post.BlogId)
                || listings.Any(pair =>
                    CoverageRules.ForListing(pair.Selection.Explain(post), pair.Sighting).Mark == CoverageMark.Due
                )
            )
                due.Add(post.Id);
        return new BoardSurvey(off, due);
    }
}

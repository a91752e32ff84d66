using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;

namespace Antiphon.Core.Feeds.Following;

/// <summary>Which entries a feed says are no more, and which of those it has again (RFC 6721).</summary>
/// <param name="Gone">Ids of the entries that are deleted.</param>
/// <param name="Back">
/// Ids of those the feed has again, changed after they were deleted or at a moment nobody says (RFC 6721 §5).
/// </param>
public sealed record StandingDeletions(IReadOnlySet<string> Gone, IReadOnlySet<string> Back)
{
    /// <summary>The deletions of a feed.</summary>
    public static StandingDeletions Of(Feed feed)
    {
        var deletions = DeletionReader.Of(feed);
        if (deletions.Count == 0)
            return new StandingDeletions(new HashSet<string>(), new HashSet<string>());
        var there = feed
            .Items.Where(item => item.Id is not null)
            .GroupBy(item => item.Id!, StringComparer.Ordinal)
            .ToDictionary(
                same => same.Key,
                same => same.Max(item => item.Updated ?? item.Published),
                StringComparer.Ordinal
            );
        var gone = deletions
            .Where(deletion => !there.TryGetValue(deletion.Ref, out var changed) || changed < deletion.When)
            .Select(deletion => deletion.Ref)
            .ToHashSet(StringComparer.Ordinal);
        return new StandingDeletions(
            gone,
            deletions.Select(deletion => deletion.Ref).Where(id => !gone.Contains(id)).ToHashSet(StringComparer.Ordinal)
        );
    }
}

using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;

namespace Antiphon.Core.Feeds.Following;

/// <summary>Which entries a feed says are no more (RFC 6721).</summary>
public static class StandingDeletions
{
    /// <summary>
    /// Ids of the entries that are deleted. One that the feed has again, changed after it was deleted or at a moment
    /// nobody says, is not (RFC 6721 §5).
    /// </summary>
    public static IReadOnlySet<string> Of(Feed feed)
    {
        var deletions = DeletionReader.Of(feed);
        if (deletions.Count == 0)
            return new HashSet<string>();
        var there = feed
            .Items.Where(item => item.Id is not null)
            .GroupBy(item => item.Id!, StringComparer.Ordinal)
            .ToDictionary(
                same => same.Key,
                same => same.Max(item => item.Updated ?? item.Published),
                StringComparer.Ordinal
            );
        return deletions
            .Where(deletion => !there.TryGetValue(deletion.Ref, out var changed) || changed < deletion.When)
            .Select(deletion => deletion.Ref)
            .ToHashSet(StringComparer.Ordinal);
    }
}

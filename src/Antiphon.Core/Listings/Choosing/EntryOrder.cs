using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>Puts posts in a listing's order.</summary>
internal static class EntryOrder
{
    /// <summary>Sorted, pinned ones first.</summary>
    /// <param name="posts">Posts that fit.</param>
    /// <param name="definition">The listing.</param>
    /// <param name="now">The moment; its day, in its own offset, decides a shuffle.</param>
    /// <param name="current">The post of the page, for related ones.</param>
    public static List<ListingCandidate> Sort(
        IEnumerable<ListingCandidate> posts,
        ListingDefinition definition,
        DateTimeOffset now,
        CurrentPost? current = null
    )
    {
        var pinned = Ranks(definition.Pinned);
        var all = InOrder(posts, definition, now, current);
        return pinned.Count == 0 ? [.. all] : [.. all.OrderBy(post => pinned.GetValueOrDefault(post.Id, int.MaxValue))];
    }

    private static IOrderedEnumerable<ListingCandidate> InOrder(
        IEnumerable<ListingCandidate> posts,
        ListingDefinition definition,
        DateTimeOffset now,
        CurrentPost? current
    ) =>
        definition.Order switch
        {
            ListingOrder.Oldest => posts.OrderBy(post => post.PublishedAt).ThenByDescending(post => post.Id),
            ListingOrder.Title => posts
                .OrderBy(post => post.Title, StringComparer.CurrentCultureIgnoreCase)
                .ThenBy(post => post.Id),
            ListingOrder.MostCommented => posts
                .OrderByDescending(post => post.Comments)
                .ThenByDescending(post => post.PublishedAt)
                .ThenByDescending(post => post.Id),
            ListingOrder.LastUpdated => posts
                .OrderByDescending(post => post.UpdatedAt)
                .ThenByDescending(post => post.Id),
            ListingOrder.Shuffled => posts.OrderBy(post => Mixed((ulong)post.Id, (ulong)now.Date.Ticks)),
            ListingOrder.ByHand => ByHand(posts, definition),
            ListingOrder.Related when current?.Relations is { } relations => posts
                .OrderByDescending(post => relations.GetValueOrDefault(post.Id)?.Score)
                .ThenByDescending(post => post.PublishedAt)
                .ThenByDescending(post => post.Id),
            _ => posts.OrderByDescending(post => post.PublishedAt).ThenByDescending(post => post.Id),
        };

    private static IOrderedEnumerable<ListingCandidate> ByHand(
        IEnumerable<ListingCandidate> posts,
        ListingDefinition definition
    )
    {
        var ranks = Ranks(definition.Arranged);
        var otherwise = definition.NewPosts == NewPostsByHand.OnTop ? -1 : int.MaxValue;
        return posts
            .OrderBy(post => ranks.GetValueOrDefault(post.Id, otherwise))
            .ThenByDescending(post => post.PublishedAt)
            .ThenByDescending(post => post.Id);
    }

    private static Dictionary<long, int> Ranks(IReadOnlyList<long> ids)
    {
        var ranks = new Dictionary<long, int>(ids.Count);
        for (var i = 0; i < ids.Count; i++)
            ranks.TryAdd(ids[i], i);
        return ranks;
    }

    // A finaliser with good avalanche; the framework's hash codes differ between processes, and every server must
    // shuffle alike.
    private static ulong Mixed(ulong id, ulong day)
    {
        var x = (id * 0x9E3779B97F4A7C15) ^ (day * 0xC2B2AE3D27D4EB4F);
        x = (x ^ (x >> 30)) * 0xBF58476D1CE4E5B9;
        x = (x ^ (x >> 27)) * 0x94D049BB133111EB;
        return x ^ (x >> 31);
    }
}

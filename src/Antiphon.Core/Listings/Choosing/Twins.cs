using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Listings.Filters;

namespace Antiphon.Core.Listings.Choosing;

/// <summary>Finds posts that are the same although they came by two ways.</summary>
internal static class Twins
{
    private const int Window = 24;
    private static readonly TimeSpan NearDays = TimeSpan.FromHours(36);

    /// <summary>
    /// For every post that repeats another, the one that is kept: of the blog named first by the listing, then the
    /// earlier stored. The same canonical address, the same identifier, or
    /// nearly the same title within a day and a half make two posts one; posts of one blog are never taken for one by
    /// their titles alone.
    /// </summary>
    public static Dictionary<long, ListingCandidate> Find(
        IReadOnlyList<ListingCandidate> posts,
        IReadOnlyList<long> blogs
    )
    {
        var found = new Dictionary<long, ListingCandidate>();
        if (blogs.Count < 2)
            return found;
        var ranked = posts.OrderBy(post => Rank(blogs, post.BlogId)).ThenBy(post => post.Id).ToList();
        ByKey(ranked, post => post.Address, found);
        ByKey(ranked, post => post.SourceId, found);
        ByTitle(ranked, blogs, found);
        return found;
    }

    private static void ByKey(
        List<ListingCandidate> ranked,
        Func<ListingCandidate, string?> key,
        Dictionary<long, ListingCandidate> found
    )
    {
        var first = new Dictionary<string, ListingCandidate>();
        foreach (var post in ranked)
        {
            if (key(post) is not { Length: > 0 } value || found.ContainsKey(post.Id))
                continue;
            if (!first.TryAdd(value, post))
                found[post.Id] = first[value];
        }
    }

    // Sorted by date only neighbours can be near, and a bounded window keeps a day of ten thousand posts from taking
    // their square.
    private static void ByTitle(
        List<ListingCandidate> ranked,
        IReadOnlyList<long> blogs,
        Dictionary<long, ListingCandidate> found
    )
    {
        var dated = ranked
            .Where(post => post.PublishedAt is not null && !found.ContainsKey(post.Id))
            .OrderBy(post => post.PublishedAt)
            .ToList();
        var words = dated.Select(post => TitleWords.Of(post.Title)).ToList();
        for (var i = 0; i < dated.Count; i++)
        {
            for (
                var j = i + 1;
                j < dated.Count && j <= i + Window && dated[j].PublishedAt - dated[i].PublishedAt < NearDays;
                j++
            )
            {
                if (dated[i].BlogId == dated[j].BlogId || !words[i].IsAlike(words[j]))
                    continue;
                var (kept, left) =
                    Rank(blogs, dated[i].BlogId) <= Rank(blogs, dated[j].BlogId)
                        ? (dated[i], dated[j])
                        : (dated[j], dated[i]);
                if (!found.ContainsKey(kept.Id))
                    found.TryAdd(left.Id, kept);
            }
        }
    }

    private static int Rank(IReadOnlyList<long> blogs, long blog)
    {
        for (var i = 0; i < blogs.Count; i++)
        {
            if (blogs[i] == blog)
                return i;
        }

        return int.MaxValue;
    }
}

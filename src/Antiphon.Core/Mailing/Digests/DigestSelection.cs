namespace Antiphon.Core.Mailing.Digests;

/// <summary>Which of the posts that are for a digest stand in it.</summary>
public static class DigestSelection
{
    /// <summary>The posts in order, those shown in full before those that stand as titles.</summary>
    /// <param name="posts">Public posts the digest has not brought yet.</param>
    /// <param name="settings">How the digest works.</param>
    /// <param name="wanted">Categories the subscriber chose; empty for all. A post without a category goes to
    /// everybody.</param>
    public static DigestPick Pick(
        IEnumerable<DigestPost> posts,
        DigestSettings settings,
        IReadOnlyCollection<string> wanted
    )
    {
        var fitting = posts.Where(post =>
            wanted.Count == 0
            || post.Categories.Count == 0
            || post.Categories.Any(text => wanted.Contains(text, StringComparer.OrdinalIgnoreCase))
        );
        var ordered = Ordered(fitting, settings.Order).ToList();
        return new DigestPick([.. ordered.Take(settings.Most)], [.. ordered.Skip(settings.Most)]);
    }

    /// <summary>Whether so many new posts are enough for a digest to go out.</summary>
    public static bool IsEnough(int posts, DigestSettings settings) => posts > 0 && posts >= settings.Least;

    private static IEnumerable<DigestPost> Ordered(IEnumerable<DigestPost> posts, DigestOrder order) =>
        order switch
        {
            DigestOrder.Oldest => posts.OrderBy(post => post.PublishedAt).ThenBy(post => post.Id),
            DigestOrder.Featured => posts
                .OrderByDescending(post => post.IsFeatured)
                .ThenByDescending(post => post.PublishedAt)
                .ThenByDescending(post => post.Id),
            _ => posts.OrderByDescending(post => post.PublishedAt).ThenByDescending(post => post.Id),
        };
}

/// <summary>What of a post decides whether it stands in a digest, and where.</summary>
public sealed record DigestPost(long Id, DateTimeOffset PublishedAt, bool IsFeatured, IReadOnlyList<string> Categories);

/// <summary>Posts of a digest.</summary>
/// <param name="Shown">Those shown as the form says.</param>
/// <param name="Titles">Those that stand below as titles.</param>
public sealed record DigestPick(IReadOnlyList<DigestPost> Shown, IReadOnlyList<DigestPost> Titles)
{
    /// <summary>How many there are.</summary>
    public int Count => Shown.Count + Titles.Count;
}

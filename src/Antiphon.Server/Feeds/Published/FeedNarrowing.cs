using Antiphon.Data.Posts;

namespace Antiphon.Server.Feeds.Published;

/// <summary>Which posts of a blog a feed holds.</summary>
internal sealed record FeedNarrowing
{
    /// <summary>Of this category only, or null.</summary>
    public string? Category { get; init; }

    /// <summary>With this tag only, or null.</summary>
    public string? Tag { get; init; }

    /// <summary>By this author only, or null.</summary>
    public string? Author { get; init; }

    /// <summary>What the feed is narrowed to, for its title; null for the whole blog.</summary>
    public string? Name => string.Join(", ", Given.Select(pair => pair.Value)) is { Length: > 0 } name ? name : null;

    /// <summary>
    /// What stands behind the address of the whole feed, with its question mark; empty for the whole blog. Always in
    /// this order, so that one feed has one address.
    /// </summary>
    public string Query =>
        string.Join('&', Given.Select(pair => $"{pair.Name}={Uri.EscapeDataString(pair.Value)}"))
            is { Length: > 0 } query
            ? "?" + query
            : string.Empty;

    private IEnumerable<(string Name, string Value)> Given =>
        new[] { ("category", Category), ("tag", Tag), ("author", Author) }
            .Where(pair => !string.IsNullOrWhiteSpace(pair.Item2))
            .Select(pair => (pair.Item1, pair.Item2!.Trim()));

    /// <summary>The posts that fit.</summary>
    public IQueryable<Post> Of(IQueryable<Post> posts)
    {
        foreach (var (name, value) in Given)
        {
            posts = name switch
            {
                "category" => posts.Where(post => post.Category == value || post.MoreCategories.Contains(value)),
                "tag" => posts.Where(post => post.Tags.Contains(value)),
                _ => posts.Where(post => post.Author == value),
            };
        }

        return posts;
    }
}

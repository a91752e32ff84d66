namespace Antiphon.Core.Channels;

/// <summary>Which posts go to a channel: each list that is not empty must name something of the post.</summary>
/// <param name="Blogs">Ids of blogs; empty for every blog written here.</param>
/// <param name="Categories">Categories.</param>
/// <param name="Tags">Tags.</param>
/// <param name="Authors">Authors.</param>
/// <param name="FeaturedOnly">Whether only featured posts go.</param>
public sealed record ChannelChoice(
    IReadOnlyList<long> Blogs,
    IReadOnlyList<string> Categories,
    IReadOnlyList<string> Tags,
    IReadOnlyList<string> Authors,
    bool FeaturedOnly = false
)
{
    /// <summary>Every post written here.</summary>
    public static ChannelChoice Everything { get; } = new([], [], [], []);

    /// <summary>Why a post does not go, or null when it does.</summary>
    public ChannelRefusal? Refusal(ChannelPost post)
    {
        if (Blogs.Count > 0 ? !Blogs.Contains(post.Blog) : !post.IsWrittenHere)
            return ChannelRefusal.Blog;
        if (Categories.Count > 0 && !Names(Categories, post.Categories))
            return ChannelRefusal.Category;
        if (Tags.Count > 0 && !Names(Tags, post.Tags))
            return ChannelRefusal.Tag;
        if (Authors.Count > 0 && !Names(Authors, post.Author is null ? [] : [post.Author]))
            return ChannelRefusal.Author;
        return FeaturedOnly && !post.IsFeatured ? ChannelRefusal.NotFeatured : null;
    }

    private static bool Names(IReadOnlyList<string> wanted, IReadOnlyList<string> of) =>
        of.Any(text => wanted.Contains(text, StringComparer.OrdinalIgnoreCase));
}

/// <summary>What of a post decides where it goes.</summary>
/// <param name="Blog">Its blog.</param>
/// <param name="IsWrittenHere">Whether that blog is written here, not followed.</param>
/// <param name="Categories">All its categories.</param>
/// <param name="Tags">Its tags.</param>
/// <param name="Author">Its author, or null.</param>
/// <param name="IsFeatured">Whether it is featured.</param>
public sealed record ChannelPost(
    long Blog,
    bool IsWrittenHere,
    IReadOnlyList<string> Categories,
    IReadOnlyList<string> Tags,
    string? Author,
    bool IsFeatured
);

/// <summary>Why a post does not go to a channel.</summary>
public enum ChannelRefusal
{
    /// <summary>Its blog is not among those.</summary>
    Blog,

    /// <summary>It has none of the categories.</summary>
    Category,

    /// <summary>It has none of the tags.</summary>
    Tag,

    /// <summary>It is by somebody else.</summary>
    Author,

    /// <summary>It is not featured.</summary>
    NotFeatured,
}

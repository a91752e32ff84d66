using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Comments;

/// <summary>The conversation about one post or page.</summary>
public sealed class CommentThread
{
    /// <summary>Identifies the comment thread in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the comment thread belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the comment thread belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Stable identifier given by the snippet; unique in the site.</summary>
    public string Identifier { get; set; } = string.Empty;

    /// <summary>Canonical address of its page.</summary>
    public string? Address { get; set; }

    /// <summary>The address folded for look-up.</summary>
    public string? FoldedAddress { get; set; }

    /// <summary>Title for moderators.</summary>
    public string Title { get; set; } = string.Empty;

    /// <summary>The post, when it is about one.</summary>
    public long? PostId { get; set; }

    /// <summary>The post, when it is about one.</summary>
    public Post? Post { get; set; }

    /// <summary>When it was opened.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>
    /// Grows with every change of a comment, by triggers; cached fragments are valid for one version.
    /// </summary>
    public long Version { get; set; }

    /// <summary>
    /// Comment settings here, where it is not about a post; what it does not say is as its site says.
    /// </summary>
    public CommentSettings Settings { get; set; } = CommentSettings.None;

    /// <summary>Reactions to what it is about, by emoji.</summary>
    public Dictionary<string, int> Reactions { get; set; } = [];

    /// <summary>Other identifiers and addresses that lead to it.</summary>
    public List<ThreadAlias> Aliases { get; set; } = [];

    /// <summary>How many of its comments are public; kept by triggers.</summary>
    public int PublicCount { get; private set; }

    /// <summary>Its comments.</summary>
    public List<Comment> Comments { get; set; } = [];
}

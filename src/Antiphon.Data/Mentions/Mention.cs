using Antiphon.Core.Mentions;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Data.Work;

namespace Antiphon.Data.Mentions;

/// <summary>Another site says that a page of it links to a post.</summary>
public sealed class Mention : LeasedRow
{
    /// <summary>Identifies the mention in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key under which the sender may ask what became of it.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the site the mention belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the mention belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>The post that is linked.</summary>
    public long PostId { get; set; }

    /// <summary>The post that is linked.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>Address of the page that links, as it was sent.</summary>
    public string Source { get; set; } = string.Empty;

    /// <summary>Host of that address, without "www.".</summary>
    public string Host { get; set; } = string.Empty;

    /// <summary>Address of the post, as it was sent.</summary>
    public string Target { get; set; } = string.Empty;

    /// <summary>How it was told.</summary>
    public MentionWay Way { get; set; }

    /// <summary>How far the mention is.</summary>
    public MentionState State { get; set; }

    /// <summary>What the page does with the post; known once it was read.</summary>
    public MentionKind Kind { get; set; }

    /// <summary>Title of the page, or null.</summary>
    public string? Title { get; set; }

    /// <summary>Page of its author, or null.</summary>
    public string? AuthorAddress { get; set; }

    /// <summary>When the page says it was published, or null.</summary>
    public DateTimeOffset? PublishedAt { get; set; }

    /// <summary>When it was told first.</summary>
    public DateTimeOffset ReceivedAt { get; set; }

    /// <summary>When the page was last read.</summary>
    public DateTimeOffset? ReadAt { get; set; }

    /// <summary>When the page is read next; null for not.</summary>
    public DateTimeOffset? NextReadAt { get; set; }

    /// <summary>Readings begun since it was last told.</summary>
    public int Attempts { get; set; }

    /// <summary>Why it was not taken, in plain words; null while nothing is wrong.</summary>
    public string? Problem { get; set; }
}

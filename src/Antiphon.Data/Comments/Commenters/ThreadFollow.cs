using Antiphon.Data.Sites;

namespace Antiphon.Data.Comments.Commenters;

/// <summary>A reader who wants to be told by mail of a thread, or of answers to what they wrote.</summary>
public sealed class ThreadFollow
{
    /// <summary>Identifies the thread follow in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the thread follow belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the thread follow belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Id of the thread of the thread follow.</summary>
    public long ThreadId { get; set; }

    /// <summary>The thread of the thread follow, when it is read with it.</summary>
    public CommentThread Thread { get; set; } = null!;

    /// <summary>Where to, in lower case.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>Whether only of answers to their own comments.</summary>
    public bool OnlyAnswers { get; set; }

    /// <summary>Random key in the link that stops it.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>When the reader asked to be told.</summary>
    public DateTimeOffset MadeAt { get; set; }
}

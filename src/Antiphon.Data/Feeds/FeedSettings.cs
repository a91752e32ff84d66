using Antiphon.Data.Sites;

namespace Antiphon.Data.Feeds;

/// <summary>How a feed of ours is published. Without a row everything is as a new one.</summary>
public sealed class FeedSettings
{
    /// <summary>Entries of a feed that was not told otherwise, and of an archive always.</summary>
    public const int UsualEntries = 25;

    /// <summary>Identifies the feed settings in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the feed settings belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the feed settings belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>What the feed is about.</summary>
    public FeedSubject Subject { get; set; }

    /// <summary>Blog or listing; 0 for the comments of the site.</summary>
    public long SubjectId { get; set; }

    /// <summary>Most entries.</summary>
    public int Entries { get; set; } = UsualEntries;

    /// <summary>Whether entries carry the whole text, or the short one alone.</summary>
    public bool IsFullText { get; set; } = true;

    /// <summary>Whether older entries can be reached through archives (RFC 5005 §4).</summary>
    public bool HasHistory { get; set; } = true;

    /// <summary>Whether it is published as RSS 2.0.</summary>
    public bool AsRss { get; set; } = true;

    /// <summary>Whether it is published as Atom 1.0.</summary>
    public bool AsAtom { get; set; } = true;

    /// <summary>Whether it is published as JSON Feed 1.1.</summary>
    public bool AsJson { get; set; } = true;

    /// <summary>Title; null for the name of its subject.</summary>
    public string? Title { get; set; }

    /// <summary>Description; null for that of its subject.</summary>
    public string? Description { get; set; }

    /// <summary>Picture, absolute; null for none.</summary>
    public string? PictureAddress { get; set; }

    /// <summary>Language tag; null for the site's.</summary>
    public string? Language { get; set; }

    /// <summary>Rights.</summary>
    public string? Copyright { get; set; }

    /// <summary>Where the feed is for good now; its own addresses redirect there. Null while it is here.</summary>
    public string? RedirectTo { get; set; }
}

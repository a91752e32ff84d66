namespace Antiphon.Core.Feeds.Model;

/// <summary>
/// What a feed says, whatever its format. Absent values are null or empty; addresses are absolute when a base was
/// known.
/// </summary>
public sealed record Feed
{
    /// <summary>Identifier of the feed itself (Atom id).</summary>
    public string? Id { get; set; }

    /// <summary>Plain-text title.</summary>
    public string? Title { get; set; }

    /// <summary>What the feed is about (RSS description, Atom subtitle).</summary>
    public string? Description { get; set; }

    /// <summary>The page the feed belongs to.</summary>
    public string? Link { get; set; }

    /// <summary>The feed's own address (rel=self, feed_url).</summary>
    public string? FeedLink { get; set; }

    /// <summary>Language tag (BCP 47).</summary>
    public string? Language { get; set; }

    /// <summary>When the feed last changed.</summary>
    public DateTimeOffset? Updated { get; set; }

    /// <summary>Publication date of the feed (RSS pubDate).</summary>
    public DateTimeOffset? Published { get; set; }

    /// <summary>Authors of the whole feed.</summary>
    public List<FeedPerson> Authors { get; init; } = [];

    /// <summary>Those who helped with the whole feed.</summary>
    public List<FeedPerson> Contributors { get; init; } = [];

    /// <summary>Links whose relation has no place of its own here.</summary>
    public List<RelatedLink> Links { get; init; } = [];

    /// <summary>Addresses of the licences it is under (RFC 4946).</summary>
    public List<string> Licenses { get; init; } = [];

    /// <summary>Rights.</summary>
    public string? Copyright { get; set; }

    /// <summary>Program that made it.</summary>
    public string? Generator { get; set; }

    /// <summary>Logo or channel image.</summary>
    public FeedImage? Image { get; set; }

    /// <summary>Small square picture.</summary>
    public string? Icon { get; set; }

    /// <summary>Categories of the whole feed.</summary>
    public List<string> Categories { get; init; } = [];

    /// <summary>WebSub hubs.</summary>
    public List<string> Hubs { get; init; } = [];

    /// <summary>Where its other documents are.</summary>
    public FeedPaging Paging { get; init; } = new();

    /// <summary>How often it wants to be visited.</summary>
    public FeedRhythm Rhythm { get; init; } = new();

    /// <summary>What it says beyond what is known here.</summary>
    public List<FeedExtension> Extensions { get; init; } = [];

    /// <summary>Entries in document order.</summary>
    public List<FeedItem> Items { get; init; } = [];
}

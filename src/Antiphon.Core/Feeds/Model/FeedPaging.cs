namespace Antiphon.Core.Feeds.Model;

/// <summary>
/// Where the other documents of a feed are that is spread over several (RFC 5005). All addresses absolute, or null.
/// </summary>
public sealed record FeedPaging
{
    /// <summary>Older entries, for people who leaf (§3).</summary>
    public string? Next { get; set; }

    /// <summary>Newer entries (§3).</summary>
    public string? Previous { get; set; }

    /// <summary>First of the pages (§3).</summary>
    public string? First { get; set; }

    /// <summary>Last of the pages (§3).</summary>
    public string? Last { get; set; }

    /// <summary>In an archive: the document that is subscribed to (§4).</summary>
    public string? Current { get; set; }

    /// <summary>The archive with the entries before these (§4).</summary>
    public string? PreviousArchive { get; set; }

    /// <summary>The archive with the entries after these (§4).</summary>
    public string? NextArchive { get; set; }

    /// <summary>True for an archive, whose entries do not change any more (§4).</summary>
    public bool IsArchive { get; set; }

    /// <summary>True when the document holds every entry there is (§2).</summary>
    public bool IsComplete { get; set; }
}

using Antiphon.Core.Channels;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Feeds;

/// <summary>A feed made for one partner, with an address of its own that can be ended.</summary>
public sealed class PartnerFeed
{
    /// <summary>Identifies the partner feed in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the partner feed belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the partner feed belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Random key that stands in its address.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Who it is for.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Which posts stand in it.</summary>
    public ChannelChoice Choice { get; set; } = ChannelChoice.Everything;

    /// <summary>Whether it carries whole texts.</summary>
    public bool IsFullText { get; set; }

    /// <summary>What its links name as the source of readers; empty for nothing.</summary>
    public string Source { get; set; } = string.Empty;

    /// <summary>When the feed was given to the partner.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When it was ended; null while it is served.</summary>
    public DateTimeOffset? EndedAt { get; set; }

    /// <summary>How often it was fetched.</summary>
    public int Reads { get; set; }

    /// <summary>When it was last fetched.</summary>
    public DateTimeOffset? LastReadAt { get; set; }
}

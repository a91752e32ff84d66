using Antiphon.Core.Subscribers;

namespace Antiphon.Data.Subscribers;

/// <summary>A named group of subscribers; who belongs to it is asked anew each time.</summary>
public sealed class Segment
{
    /// <summary>Identifies the segment in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the segment belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Name for the team.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>Who belongs to it.</summary>
    public SegmentRule Rule { get; set; } = SegmentRule.Everybody;
}

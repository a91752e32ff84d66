using Antiphon.Core.Referrals;
using Antiphon.Data.Posts;

namespace Antiphon.Data.Referrals;

/// <summary>How many readers came to a post on a day by a source. Nothing of a reader is kept.</summary>
public sealed class ArrivalCount
{
    /// <summary>Identifies the arrival count in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the arrival count belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The day on the site's clocks.</summary>
    public DateOnly Day { get; set; }

    /// <summary>Id of the post of the arrival count.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the arrival count, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>How the source is known.</summary>
    public ArrivalKind Kind { get; set; }

    /// <summary>Name of the source; empty for none.</summary>
    public string Source { get; set; } = string.Empty;

    /// <summary>How many.</summary>
    public int Count { get; set; }
}

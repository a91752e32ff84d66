using Antiphon.Data.Sites;

namespace Antiphon.Data.Feeds.Checking;

/// <summary>Several feeds that somebody had checked at once.</summary>
public sealed class CheckRun
{
    /// <summary>Identifies the run in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site whose team began it.</summary>
    public long SiteId { get; set; }

    /// <summary>Site whose team began it, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>When it was begun.</summary>
    public DateTimeOffset StartedAt { get; set; }

    /// <summary>When it was cancelled; what waits is left alone until it is resumed. Null while it goes on.</summary>
    public DateTimeOffset? CancelledAt { get; set; }

    /// <summary>The checks of the run.</summary>
    public List<KeptCheck> Checks { get; } = [];
}

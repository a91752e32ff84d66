using Antiphon.Core.Channels;
using Antiphon.Data.Sites;

namespace Antiphon.Data.Channels;

/// <summary>A way out of a site beyond its pages, feeds and mail.</summary>
public sealed class Channel
{
    /// <summary>Identifies the channel in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the channel belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the channel belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>What it is.</summary>
    public ChannelKind Kind { get; set; }

    /// <summary>What the team calls it.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>How it works.</summary>
    public ChannelSettings Settings { get; set; } = null!;

    /// <summary>Token or secret for the receiver, encrypted; null for none.</summary>
    public string? Secret { get; set; }

    /// <summary>The secret before, encrypted, while receivers change over; null otherwise.</summary>
    public string? SecretBefore { get; set; }

    /// <summary>When the secret before ends.</summary>
    public DateTimeOffset? SecretBeforeUntil { get; set; }

    /// <summary>When it was paused; null while it runs.</summary>
    public DateTimeOffset? PausedAt { get; set; }

    /// <summary>Why it paused by itself; null when a person paused it.</summary>
    public string? PauseReason { get; set; }

    /// <summary>Failures since something was last taken.</summary>
    public int FailuresInRow { get; set; }

    /// <summary>
    /// When the last of them ended; null while there is none. What was begun before that failed with it, not after it.
    /// </summary>
    public DateTimeOffset? FailedAt { get; set; }

    /// <summary>When it was made; what is older does not go there by itself.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When it was taken off; what went out before is kept.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }
}

using Antiphon.Core.Comments.Deciding;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>A writer, a place or a host that a site has banned, or a writer it trusts.</summary>
public sealed class WriterMark
{
    /// <summary>Identifies the writer mark in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the writer mark belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>What it is told by.</summary>
    public MarkedBy By { get; set; }

    /// <summary>The mail, name or host in lower case; for a place or network its keyed hash.</summary>
    public string Value { get; set; } = string.Empty;

    /// <summary>As people read it; for places the writer it was seen at.</summary>
    public string Shown { get; set; } = string.Empty;

    /// <summary>
    /// Device of the writer a ban was made for; null where none was known. A ban by mail or name goes with the device,
    /// as anybody can type either.
    /// </summary>
    public string? OwnerKey { get; set; }

    /// <summary>Banned or trusted.</summary>
    public WriterMarkKind Mark { get; set; }

    /// <summary>When it ends; null for never.</summary>
    public DateTimeOffset? Until { get; set; }

    /// <summary>When a moderator banned or trusted the writer.</summary>
    public DateTimeOffset MadeAt { get; set; }

    /// <summary>Who made it; null when they have left.</summary>
    public long? MadeById { get; set; }
}

using Antiphon.Core.Sites;
using Antiphon.Data.Accounts;

namespace Antiphon.Data.Sites;

/// <summary>Somebody is asked by mail to join the team of a site.</summary>
public sealed class Invitation
{
    /// <summary>How long the link serves, in days.</summary>
    public const int Days = 14;

    /// <summary>Identifies the invitation in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the invitation belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the invitation belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Address it was sent to.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>What they may do.</summary>
    public SiteRole Role { get; set; }

    /// <summary>Hash of the key in the link that was mailed; whoever has it proves to own the address.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>
    /// Hash of the key in the link that the inviter may pass on by hand; it proves nothing of the address. Null for
    /// invitations of old.
    /// </summary>
    public string? HandHash { get; set; }

    /// <summary>Who invited; null when they have left.</summary>
    public long? ById { get; set; }

    /// <summary>Who invited.</summary>
    public Person? By { get; set; }

    /// <summary>When the person was invited last.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When the link ends.</summary>
    public DateTimeOffset ExpiresAt { get; set; }
}

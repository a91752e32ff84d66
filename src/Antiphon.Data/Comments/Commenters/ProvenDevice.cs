namespace Antiphon.Data.Comments.Commenters;

/// <summary>
/// A device whose owner followed a link in a mail, and so showed that an address is theirs. An address that is only
/// typed shows nothing.
/// </summary>
public sealed class ProvenDevice
{
    /// <summary>Id of the site the proven device belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Address, in small letters.</summary>
    public string Mail { get; set; } = string.Empty;

    /// <summary>Key of the device, as comments carry it.</summary>
    public string OwnerKey { get; set; } = string.Empty;

    /// <summary>When somebody on the device showed that the address is theirs.</summary>
    public DateTimeOffset ProvenAt { get; set; }
}

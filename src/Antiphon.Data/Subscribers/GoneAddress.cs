using Antiphon.Core.Subscribers;

namespace Antiphon.Data.Subscribers;

/// <summary>
/// An address whose owner had everything about them deleted, kept as a hash alone so that no list brings it back.
/// </summary>
public sealed class GoneAddress
{
    /// <summary>Identifies the gone address in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the gone address belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>The hash; see <see cref="AddressHash"/>.</summary>
    public string Hash { get; set; } = string.Empty;

    /// <summary>When it was deleted.</summary>
    public DateTimeOffset At { get; set; }
}

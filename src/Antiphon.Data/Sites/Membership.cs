using Antiphon.Core.Sites;
using Antiphon.Data.Accounts;

namespace Antiphon.Data.Sites;

/// <summary>The role of a person on a site.</summary>
public sealed class Membership
{
    /// <summary>The site.</summary>
    public long SiteId { get; set; }

    /// <summary>The site.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>The person.</summary>
    public long PersonId { get; set; }

    /// <summary>The person.</summary>
    public Person Person { get; set; } = null!;

    /// <summary>What the person may do.</summary>
    public SiteRole Role { get; set; }
}

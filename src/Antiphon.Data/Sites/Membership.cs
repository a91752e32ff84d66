using Antiphon.Core.Sites;
using Antiphon.Data.Accounts;

namespace Antiphon.Data.Sites;

/// <summary>The role of a person on a site.</summary>
public sealed class Membership
{
    /// <summary>Id of the site the membership belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Site the membership belongs to, when it is read with it.</summary>
    public Site Site { get; set; } = null!;

    /// <summary>Id of the person of the membership.</summary>
    public long PersonId { get; set; }

    /// <summary>The person of the membership, when it is read with it.</summary>
    public Person Person { get; set; } = null!;

    /// <summary>What the person may do.</summary>
    public SiteRole Role { get; set; }
}

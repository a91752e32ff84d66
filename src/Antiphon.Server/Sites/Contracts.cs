using Antiphon.Core.Sites;

namespace Antiphon.Server.Sites;

/// <summary>A site and what the asking person may do on it.</summary>
internal sealed record SiteView(
    long Id,
    string PublicKey,
    string Name,
    string Address,
    string TimeZone,
    string Language,
    IReadOnlyList<string> AllowedAddresses,
    SiteRole Role,
    int Waiting
)
{
    /// <summary>What the role may do.</summary>
    public IReadOnlyList<SiteRight> Rights => SiteRights.Table[Role];
}

/// <summary>What an owner says of a site. An empty list of allowed addresses means the site's own.</summary>
internal sealed record SiteRequest(
    string Name,
    string Address,
    string TimeZone,
    string Language,
    IReadOnlyList<string>? AllowedAddresses
);

/// <summary>Somebody with a role on the site.</summary>
internal sealed record MemberView(long PersonId, string Name, string Mail, SiteRole Role);

/// <summary>Another role.</summary>
internal sealed record RoleRequest(SiteRole Role);

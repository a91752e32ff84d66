using Antiphon.Core.Sites;

namespace Antiphon.Server.Platform.Access;

/// <summary>Roles in words.</summary>
internal static class RoleNames
{
    /// <summary>Within a sentence.</summary>
    public static string Of(SiteRole role) =>
        role switch
        {
            SiteRole.Owner => "owner",
            SiteRole.Editor => "editor",
            SiteRole.Moderator => "moderator",
            _ => "writer",
        };
}

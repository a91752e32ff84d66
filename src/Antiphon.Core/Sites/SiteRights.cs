namespace Antiphon.Core.Sites;

/// <summary>Which role includes the rights of which.</summary>
public static class SiteRights
{
    /// <summary>Whether a role is enough where another is asked for. Moderators and contributors have rights that the other lacks.</summary>
    public static bool Reach(this SiteRole role, SiteRole needed) => role == needed || role switch
    {
        SiteRole.Owner => true,
        SiteRole.Editor => needed is SiteRole.Moderator or SiteRole.Contributor,
        _ => false,
    };
}

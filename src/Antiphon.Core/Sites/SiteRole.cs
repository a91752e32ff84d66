namespace Antiphon.Core.Sites;

/// <summary>What a person may do on one site. Each role includes the rights of the ones after it, except that only owners change the site.</summary>
public enum SiteRole
{
    /// <summary>May do everything, including addresses, people and deletion.</summary>
    Owner,

    /// <summary>Writes and publishes posts, builds listings, follows and checks feeds, decides comments.</summary>
    Editor,

    /// <summary>Decides and answers comments; sees the rest without changing it.</summary>
    Moderator,
}

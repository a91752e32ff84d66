namespace Antiphon.Core.Sites;

/// <summary>What a person may do on one site; <see cref="SiteRights"/> says which includes which.</summary>
public enum SiteRole
{
    /// <summary>May do everything, including addresses, people and deletion.</summary>
    Owner,

    /// <summary>Writes and publishes posts, builds listings, follows and checks feeds, decides comments.</summary>
    Editor,

    /// <summary>Decides and answers comments; sees the rest without changing it.</summary>
    Moderator,

    /// <summary>
    /// Writes posts and passes them on for review, but publishes nothing; sees the rest without changing it.
    /// </summary>
    Contributor,
}

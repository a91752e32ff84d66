namespace Antiphon.Core.Sites;

/// <summary>Something a person may do on a site; <see cref="SiteRights"/> says which role may do what.</summary>
public enum SiteRight
{
    /// <summary>See posts, listings, feeds, channels, coverage, comments and the team.</summary>
    See,

    /// <summary>Write posts and pass them on for review; add pictures.</summary>
    Write,

    /// <summary>Decide and answer comments and mentions, and say who may comment.</summary>
    Moderate,

    /// <summary>See who reads: subscribers, recipients of emails, questions, and whom partner feeds are for.</summary>
    SeeReaders,

    /// <summary>Publish, build listings, feeds, channels and emails, import and export.</summary>
    Edit,

    /// <summary>Change the site's address, its people, and delete.</summary>
    Own,
}

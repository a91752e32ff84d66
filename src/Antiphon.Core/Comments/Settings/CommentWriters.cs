namespace Antiphon.Core.Comments.Settings;

/// <summary>Who may write comments.</summary>
public enum CommentWriters
{
    /// <summary>Everybody who gives a name.</summary>
    Guests,

    /// <summary>Everybody whose mail was confirmed by a link; the comment stays aside until then.</summary>
    Confirmed,

    /// <summary>Confirmed readers who are subscribers of the site.</summary>
    Subscribers,

    /// <summary>Confirmed readers on a list of mails.</summary>
    Named,

    /// <summary>The team, from the workplace.</summary>
    Team,
}

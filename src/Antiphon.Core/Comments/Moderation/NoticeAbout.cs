namespace Antiphon.Core.Comments.Moderation;

/// <summary>What a person of the team is told about comments.</summary>
public enum NoticeAbout
{
    /// <summary>Nothing.</summary>
    Nothing,

    /// <summary>What readers reported.</summary>
    Reported,

    /// <summary>What waits, the reported included.</summary>
    Waiting,

    /// <summary>Every comment but spam.</summary>
    All,
}

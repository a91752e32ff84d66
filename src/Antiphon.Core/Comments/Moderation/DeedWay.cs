namespace Antiphon.Core.Comments.Moderation;

/// <summary>From where something was done.</summary>
public enum DeedWay
{
    /// <summary>The workplace, or a script with a token.</summary>
    Workplace,

    /// <summary>A link in a mail.</summary>
    Mail,

    /// <summary>The page the thread stands on.</summary>
    Page,
}

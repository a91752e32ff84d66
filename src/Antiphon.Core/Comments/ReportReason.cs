namespace Antiphon.Core.Comments;

/// <summary>What a reader says is wrong with a comment.</summary>
public enum ReportReason
{
    /// <summary>It advertises.</summary>
    Advertising,

    /// <summary>It attacks or insults somebody.</summary>
    Hurtful,

    /// <summary>It gives away what is private.</summary>
    Private,

    /// <summary>It is not true, or does not belong there.</summary>
    Wrong,

    /// <summary>Something else.</summary>
    Other,
}

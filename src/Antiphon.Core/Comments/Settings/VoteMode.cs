namespace Antiphon.Core.Comments.Settings;

/// <summary>How readers may vote on comments.</summary>
public enum VoteMode
{
    /// <summary>Not at all.</summary>
    None,

    /// <summary>Up only.</summary>
    Up,

    /// <summary>Up and down.</summary>
    UpAndDown,
}

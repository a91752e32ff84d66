namespace Antiphon.Core.Comments.Deciding;

/// <summary>What is known of a comment that comes in.</summary>
/// <param name="Searched">Text, name and mail, for words.</param>
/// <param name="Links">Addresses in the text.</param>
/// <param name="PublishedBefore">Public comments of the same writer.</param>
/// <param name="Score">What the filter says, from 0 to 1; null while it is not sure yet.</param>
/// <param name="SameText">How often the same text came within a day, this time included.</param>
/// <param name="SecondsToWrite">Seconds since the form was shown; null when nobody knows.</param>
/// <param name="FromSamePlace">Comments from the same place within an hour, this one included.</param>
/// <param name="IsTrapped">Whether a field was filled that people do not see.</param>
public sealed record CommentFacts(
    string Searched,
    int Links,
    int PublishedBefore,
    double? Score = null,
    int SameText = 1,
    int? SecondsToWrite = null,
    int FromSamePlace = 1,
    bool IsTrapped = false
)
{
    /// <summary>What the writer is banned by, as people read it; null when they are not.</summary>
    public string? BannedBy { get; init; }

    /// <summary>Whether a person of the team trusts the writer.</summary>
    public bool IsTrusted { get; init; }

    /// <summary>
    /// Whether the page's script has done the small piece of work that makes floods dear. Without script nobody does.
    /// </summary>
    public bool HasWorked { get; init; } = true;

    /// <summary>Whether a picture was sent with it.</summary>
    public bool HasPicture { get; init; }

    /// <summary>Comments in the same thread within a minute, this one included.</summary>
    public int InThreadNow { get; init; } = 1;
}

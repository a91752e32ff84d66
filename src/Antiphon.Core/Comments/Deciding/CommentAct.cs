namespace Antiphon.Core.Comments.Deciding;

/// <summary>What happens to a comment that comes in.</summary>
public enum CommentAct
{
    /// <summary>It is public at once.</summary>
    Publish,

    /// <summary>It waits for a person.</summary>
    Wait,

    /// <summary>It is put aside as spam, where a person can find it.</summary>
    Spam,

    /// <summary>It is not taken; the writer is told why and keeps the text.</summary>
    Refuse,
}

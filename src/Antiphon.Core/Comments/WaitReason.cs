namespace Antiphon.Core.Comments;

/// <summary>Why a new comment was not published at once.</summary>
public enum WaitReason
{
    /// <summary>The site has every comment decided by a person.</summary>
    EveryCommentWaits,

    /// <summary>The writer has no public comment yet and gives a link.</summary>
    FirstTimeWriterWithLink,

    /// <summary>The writer has no public comment yet.</summary>
    FirstTimeWriter,

    /// <summary>The text gives several links.</summary>
    ManyLinks,
}

namespace Antiphon.Core.Comments.Threads;

/// <summary>What is wrong with how a thread is placed on pages.</summary>
public enum ThreadFault
{
    /// <summary>The page carries no thread.</summary>
    Missing,

    /// <summary>The page carries more than one.</summary>
    Several,

    /// <summary>The snippet has no identifier.</summary>
    NoIdentifier,

    /// <summary>A placeholder of a template was never filled in.</summary>
    Unfilled,

    /// <summary>
    /// The same identifier stands on pages of different addresses, so that they share one conversation.
    /// </summary>
    SameIdentifier,

    /// <summary>The address in the snippet is another than the page's canonical one.</summary>
    AddressDiffers,

    /// <summary>Our script is not on the page.</summary>
    NoScript,

    /// <summary>The snippet is of another site.</summary>
    OtherSite,
}

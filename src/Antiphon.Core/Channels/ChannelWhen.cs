namespace Antiphon.Core.Channels;

/// <summary>When a post goes to a channel after it was published.</summary>
public enum ChannelWhen
{
    /// <summary>At once.</summary>
    AtOnce,

    /// <summary>After a delay.</summary>
    AfterDelay,

    /// <summary>In the channel's next free slot.</summary>
    NextSlot,

    /// <summary>Once somebody approves it.</summary>
    AfterApproval,
}

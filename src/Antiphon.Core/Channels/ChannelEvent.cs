namespace Antiphon.Core.Channels;

/// <summary>What a webhook can be told.</summary>
public enum ChannelEvent
{
    /// <summary>A post was published.</summary>
    PostPublished,

    /// <summary>A published post was changed.</summary>
    PostUpdated,

    /// <summary>A published post was withdrawn.</summary>
    PostWithdrawn,

    /// <summary>A comment became public.</summary>
    CommentPublished,

    /// <summary>Somebody asked for mail and confirmed it.</summary>
    SubscriberJoined,

    /// <summary>Somebody ended the mails.</summary>
    SubscriberLeft,
}

using Antiphon.Core.Syndication.Channels;

namespace Antiphon.Data.Entities.Syndication;

/// <summary>Something public about a post changed and the channels have not been asked yet; written in one transaction with the change.</summary>
public sealed class PostChange
{
    /// <summary>Key.</summary>
    public long Id { get; set; }

    /// <summary>The post.</summary>
    public long PostId { get; set; }

    /// <summary>The post.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>What it brings about.</summary>
    public DeliveryAct Act { get; set; }
}

using Antiphon.Core.Channels;
using Antiphon.Data.Work;

namespace Antiphon.Data.Posts;

/// <summary>
/// Something public about a post changed, and nobody was told yet; written in one transaction with the change, whoever
/// made it.
/// </summary>
public sealed class PostChange : LeasedRow
{
    /// <summary>Identifies the post change in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the post of the post change.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the post change, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>What it brings about.</summary>
    public DeliveryAct Act { get; set; }

    /// <summary>When those outside may be told: a post from a feed or a table may be dated ahead.</summary>
    public DateTimeOffset DueAt { get; set; }
}

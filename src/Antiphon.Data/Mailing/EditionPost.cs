using Antiphon.Data.Posts;

namespace Antiphon.Data.Mailing;

/// <summary>A post of an edition.</summary>
public sealed class EditionPost
{
    /// <summary>The edition.</summary>
    public long EditionId { get; set; }

    /// <summary>The edition.</summary>
    public Edition Edition { get; set; } = null!;

    /// <summary>The post.</summary>
    public long PostId { get; set; }

    /// <summary>The post.</summary>
    public Post Post { get; set; } = null!;
}

using Antiphon.Data.Posts;

namespace Antiphon.Data.Mailing;

/// <summary>A post of an edition.</summary>
public sealed class EditionPost
{
    /// <summary>Id of the edition of the edition post.</summary>
    public long EditionId { get; set; }

    /// <summary>The edition of the edition post, when it is read with it.</summary>
    public Edition Edition { get; set; } = null!;

    /// <summary>Id of the post of the edition post.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the edition post, when it is read with it.</summary>
    public Post Post { get; set; } = null!;
}

namespace Antiphon.Data.Posts.Editing;

/// <summary>Somebody who has a post open in the editor.</summary>
public sealed class PostPresence
{
    /// <summary>Id of the post of the post presence.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the post presence, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>Id of the person of the post presence.</summary>
    public long PersonId { get; set; }

    /// <summary>Name of the person.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>When the editor last said so.</summary>
    public DateTimeOffset SeenAt { get; set; }
}

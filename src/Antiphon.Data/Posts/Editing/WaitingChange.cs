namespace Antiphon.Data.Posts.Editing;

/// <summary>Changes to a public post that wait until they are ready; readers see the post as it was.</summary>
public sealed class WaitingChange
{
    /// <summary>The post; it has one at most.</summary>
    public long PostId { get; set; }

    /// <summary>The post of the waiting change, when it is read with it.</summary>
    public Post Post { get; set; } = null!;

    /// <summary>What the editor held, in the form in which it is saved.</summary>
    public string Content { get; set; } = string.Empty;

    /// <summary>Who wrote it.</summary>
    public string PersonName { get; set; } = string.Empty;

    /// <summary>When it was last kept.</summary>
    public DateTimeOffset SavedAt { get; set; }
}

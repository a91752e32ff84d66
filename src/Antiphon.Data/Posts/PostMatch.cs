namespace Antiphon.Data.Posts;

/// <summary>A post found by its words.</summary>
public sealed class PostMatch
{
    /// <summary>Character before a word that was looked for.</summary>
    public const char MarkStart = '\u0001';

    /// <summary>Character behind one.</summary>
    public const char MarkEnd = '\u0002';

    /// <summary>Id of the post of the post match.</summary>
    public long PostId { get; set; }

    /// <summary>Its title with the words marked.</summary>
    public string Title { get; set; } = string.Empty;

    /// <summary>Words around the first finds, marked.</summary>
    public string Extract { get; set; } = string.Empty;
}

namespace Antiphon.Core.Channels;

/// <summary>How much of a post a partner gets.</summary>
public enum BodyExtent
{
    /// <summary>The whole text.</summary>
    Whole,

    /// <summary>The short text with a link.</summary>
    Excerpt,

    /// <summary>Title and link alone.</summary>
    Link,
}

namespace Antiphon.Core.Feeds.Model;

/// <summary>A person named by a feed; at least one value is set.</summary>
public sealed record FeedPerson(string? Name, string? Email, string? Url);

/// <summary>A channel image.</summary>
/// <param name="Url">Where it is.</param>
/// <param name="Title">Its words.</param>
public sealed record FeedImage(string? Url, string? Title)
{
    /// <summary>The page it leads to; null for that of the feed.</summary>
    public string? Link { get; init; }
}

/// <summary>A file that goes with an entry.</summary>
/// <param name="Url">Where it is.</param>
/// <param name="Type">Media type as given.</param>
/// <param name="Length">Size in bytes, or null when missing or unreadable.</param>
public sealed record FeedEnclosure(string? Url, string? Type, long? Length);

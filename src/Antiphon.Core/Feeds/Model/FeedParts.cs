namespace Antiphon.Core.Feeds.Model;

/// <summary>A person named by a feed; at least one value is set.</summary>
public sealed record FeedPerson(string? Name, string? Email, string? Url);

/// <summary>A channel image.</summary>
public sealed record FeedImage(string? Url, string? Title);

/// <summary>A file that goes with an entry.</summary>
/// <param name="Url">Where it is.</param>
/// <param name="Type">Media type as given.</param>
/// <param name="Length">Size in bytes, or null when missing or unreadable.</param>
public sealed record FeedEnclosure(string? Url, string? Type, long? Length);

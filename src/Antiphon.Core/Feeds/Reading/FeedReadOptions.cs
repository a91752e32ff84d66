namespace Antiphon.Core.Feeds.Reading;

/// <summary>What is known about a feed beside its bytes.</summary>
/// <param name="ContentType">The Content-Type it was served with, or null.</param>
/// <param name="Address">Where it was fetched from; relative addresses are resolved against it.</param>
public sealed record FeedReadOptions(string? ContentType = null, Uri? Address = null);

namespace Antiphon.Server.Feeds.Checking;

/// <summary>A feed as it was given: fetched, or as text.</summary>
/// <param name="Bytes">The document.</param>
/// <param name="ContentType">What it was served as; null for text.</param>
/// <param name="Address">Where it came from; null for text.</param>
internal sealed record GivenFeed(byte[] Bytes, string? ContentType, Uri? Address);

namespace Antiphon.Core.Feeds.Conversion;

/// <summary>Something a format could not carry.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Count">How often the feed says it.</param>
public sealed record LostValue(string Name, int Count);

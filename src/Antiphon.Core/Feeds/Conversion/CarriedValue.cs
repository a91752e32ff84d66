using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Conversion;

/// <summary>Something a feed says, and where each format we write carries it.</summary>
/// <param name="Name">What it is, in words, in the plural where there may be several.</param>
/// <param name="Of">The values a feed has, as text; empty when it has none.</param>
/// <param name="Rss">Element of RSS 2.0 or of a module that carries it; null when none does.</param>
/// <param name="Atom">Element of Atom 1.0 or of a module; null when none does.</param>
/// <param name="Json">Member of JSON Feed 1.1; null when none does.</param>
public sealed record CarriedValue(
    string Name,
    Func<Feed, IEnumerable<string?>> Of,
    string? Rss,
    string? Atom,
    string? Json
)
{
    /// <summary>Where a format carries it; RSS 0.9x and 1.0 are written as RSS 2.0.</summary>
    public string? In(FeedFormat format) =>
        format switch
        {
            FeedFormat.Atom => Atom,
            FeedFormat.JsonFeed => Json,
            _ => Rss,
        };

    /// <summary>The values that are there.</summary>
    public IReadOnlyList<string> Values(Feed feed) => [.. Of(feed).OfType<string>().Where(value => value.Length > 0)];
}

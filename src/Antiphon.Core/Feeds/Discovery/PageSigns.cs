using AngleSharp.Html.Dom;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Discovery;

/// <summary>Where a page says that it, or its like, is elsewhere.</summary>
/// <param name="Refresh">Where it sends its visitors by itself (meta refresh), or null.</param>
/// <param name="Canonical">Its canonical address where that is another one, or null.</param>
public sealed record PageSigns(Uri? Refresh, Uri? Canonical)
{
    /// <summary>
    /// Longest pause before a refresh that counts as sending on, in seconds; pages that reload themselves take longer.
    /// </summary>
    private const double LongestPause = 10;

    /// <summary>Reads the signs of a page.</summary>
    public static PageSigns Of(IHtmlDocument document, Uri address)
    {
        var refresh = document
            .QuerySelectorAll("meta[http-equiv]")
            .FirstOrDefault(meta =>
                meta.GetAttribute("http-equiv")!.Equals("refresh", StringComparison.OrdinalIgnoreCase)
            )
            ?.GetAttribute("content");
        var canonical = document.QuerySelector("link[rel~='canonical'][href]")?.GetAttribute("href");
        return new PageSigns(Other(Target(refresh), address), Other(canonical, address));
    }

    // "0; url=there", with or without quotes (HTML Standard, pragma directive refresh).
    private static string? Target(string? content)
    {
        var parts = (content ?? string.Empty).Split([';', ','], 2);
        if (
            parts.Length < 2
            || !double.TryParse(parts[0].Trim(), System.Globalization.CultureInfo.InvariantCulture, out var pause)
            || pause > LongestPause
        )
            return null;
        var target = parts[1].Trim();
        if (
            target.StartsWith("url", StringComparison.OrdinalIgnoreCase)
            && target.IndexOf('=', StringComparison.Ordinal) is var at and > 0
        )
            target = target[(at + 1)..].Trim();
        return target.Trim('"', '\'');
    }

    private static Uri? Other(string? address, Uri page) =>
        LinkResolver.Resolve(address, page) is { } whole
        && LinkResolver.IsWeb(whole)
        && new Uri(whole) is var found
        && found.GetLeftPart(UriPartial.Query) != page.GetLeftPart(UriPartial.Query)
            ? found
            : null;
}

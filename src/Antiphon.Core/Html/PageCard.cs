using AngleSharp.Html.Dom;
using Antiphon.Core.Text;

namespace Antiphon.Core.Html;

/// <summary>
/// What a page says of itself for those who link to it, by the Open Graph protocol and otherwise by its head.
/// </summary>
/// <param name="Title">Its title.</param>
/// <param name="Text">A sentence or two, or null.</param>
/// <param name="Host">Name of the site, or its host.</param>
/// <param name="Picture">Its picture, or null.</param>
public sealed record PageCard(string Title, string? Text, string Host, Uri? Picture)
{
    private const int LongestTitle = 160;
    private const int LongestText = 240;

    /// <summary>Reads a page; null when it has no title.</summary>
    /// <param name="document">The page.</param>
    /// <param name="address">Where it was read.</param>
    public static PageCard? Of(IHtmlDocument document, Uri address)
    {
        string? Said(params string[] names) =>
            names
                .Select(name =>
                    document
                        .QuerySelector($"meta[property='{name}'], meta[name='{name}']")
                        ?.GetAttribute("content")
                        ?.Trim()
                )
                .FirstOrDefault(text => !string.IsNullOrEmpty(text));
        var title = Said("og:title") ?? document.Title?.Trim();
        if (string.IsNullOrEmpty(title))
            return null;
        var text = Said("og:description", "description");
        var picture =
            Uri.TryCreate(address, Said("og:image", "og:image:url"), out var found)
            && found != address
            && found.Scheme is "http" or "https"
                ? found
                : null;
        return new PageCard(
            Shortened.ToLength(title, LongestTitle),
            text is null ? null : Shortened.ToLength(text, LongestText),
            Said("og:site_name") ?? address.Host,
            picture
        );
    }
}

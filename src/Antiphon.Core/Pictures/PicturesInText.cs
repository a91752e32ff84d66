using System.Globalization;
using Antiphon.Core.Html;

namespace Antiphon.Core.Pictures;

/// <summary>Pictures of a library within the text of a post.</summary>
public static class PicturesInText
{
    private const string FullMeasure = "(max-width: 46rem) 100vw, 46rem";

    /// <summary>
    /// The text with every form of its pictures offered to the browser, and loaded when they come near. Cleaned HTML
    /// in, cleaned HTML out; text without such pictures comes back as it is.
    /// </summary>
    public static string WithSizes(string html)
    {
        if (!html.Contains(PictureAddress.Folder, StringComparison.Ordinal))
            return html;
        var body = HtmlReader.BodyOf(html);
        foreach (var picture in body.QuerySelectorAll("img[src]"))
        {
            if (PictureAddress.Parse(picture.GetAttribute("src")) is not { } address)
                continue;
            picture.SetAttribute(
                "srcset",
                address.SourceSet(
                    int.TryParse(
                        picture.GetAttribute("width"),
                        NumberStyles.None,
                        CultureInfo.InvariantCulture,
                        out var width
                    )
                        ? width
                        : null
                )
            );
            picture.SetAttribute("sizes", FullMeasure);
            picture.SetAttribute("loading", "lazy");
            picture.SetAttribute("decoding", "async");
        }

        return body.InnerHtml;
    }

    /// <summary>Whole addresses of pictures in a text that are not of a library.</summary>
    public static IReadOnlyList<string> OutsideIn(string html) =>
        html.Contains("<img", StringComparison.Ordinal)
            ?
            [
                .. HtmlReader
                    .ReadOrWords(html)
                    .QuerySelectorAll("img[src]")
                    .Select(picture => picture.GetAttribute("src")!)
                    .Where(source => Feeds.Reading.LinkResolver.IsWeb(source) && PictureAddress.Parse(source) is null)
                    .Distinct(),
            ]
            : [];

    /// <summary>The text with another address in the place of one, wherever it is a picture's.</summary>
    public static string Exchanged(string html, string from, string to)
    {
        var body = HtmlReader.BodyOf(html);
        foreach (var picture in body.QuerySelectorAll("img[src]").Where(picture => picture.GetAttribute("src") == from))
            picture.SetAttribute("src", to);
        return body.InnerHtml;
    }

    /// <summary>The text with its pictures of a library at other addresses.</summary>
    /// <param name="html">Cleaned HTML.</param>
    /// <param name="address">Where the picture of a key is.</param>
    public static string Moved(string html, Func<string, string> address)
    {
        var body = HtmlReader.BodyOf(html);
        foreach (var picture in body.QuerySelectorAll("img[src]"))
        {
            if (PictureAddress.Parse(picture.GetAttribute("src")) is { } own)
                picture.SetAttribute("src", address(own.Key));
        }

        return body.InnerHtml;
    }

    /// <summary>Keys of the pictures in a text.</summary>
    public static IReadOnlyList<string> KeysIn(string html) =>
        html.Contains(PictureAddress.Folder, StringComparison.Ordinal)
            ?
            [
                .. HtmlReader
                    .ReadOrWords(html)
                    .QuerySelectorAll("img[src]")
                    .Select(picture => PictureAddress.Parse(picture.GetAttribute("src"))?.Key)
                    .OfType<string>()
                    .Distinct(),
            ]
            : [];
}

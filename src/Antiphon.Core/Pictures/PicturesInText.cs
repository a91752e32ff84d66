using System.Globalization;
using AngleSharp.Html.Parser;

namespace Antiphon.Core.Pictures;

/// <summary>Pictures of a library within the text of a post.</summary>
public static class PicturesInText
{
    private const string FullMeasure = "(max-width: 46rem) 100vw, 46rem";

    /// <summary>
    /// The text with every form of its pictures offered to the browser, and loaded when they come near. Cleaned HTML in, cleaned HTML out; text without such pictures comes back as it is.
    /// </summary>
    public static string WithSizes(string html)
    {
        if (!html.Contains(PictureAddress.Folder, StringComparison.Ordinal)) return html;
        var body = new HtmlParser().ParseDocument(html).Body!;
        foreach (var picture in body.QuerySelectorAll("img[src]"))
        {
            if (PictureAddress.Parse(picture.GetAttribute("src")) is not { } address) continue;
            picture.SetAttribute("srcset", address.SourceSet(int.TryParse(picture.GetAttribute("width"), NumberStyles.None, CultureInfo.InvariantCulture, out var width) ? width : null));
            picture.SetAttribute("sizes", FullMeasure);
            picture.SetAttribute("loading", "lazy");
            picture.SetAttribute("decoding", "async");
        }

        return body.InnerHtml;
    }

    /// <summary>Keys of the pictures in a text.</summary>
    public static IReadOnlyList<string> KeysIn(string html) => html.Contains(PictureAddress.Folder, StringComparison.Ordinal)
        ? [.. new HtmlParser().ParseDocument(html).QuerySelectorAll("img[src]").Select(picture => PictureAddress.Parse(picture.GetAttribute("src"))?.Key).OfType<string>().Distinct()]
        : [];
}

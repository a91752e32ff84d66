using System.Net;

namespace Antiphon.Core.Html;

/// <summary>The picture a text opens with.</summary>
public static class FirstPicture
{
    /// <summary>Address and alternative text of the first picture that is not a counting pixel, or null.</summary>
    public static (string Url, string? Alt)? In(string? html)
    {
        if (html is null || !html.Contains("<img", StringComparison.OrdinalIgnoreCase))
            return null;
        var scan = new TagScan(html);
        while (scan.NextTag())
        {
            if (scan.Name.Equals("img", StringComparison.OrdinalIgnoreCase) && Picture(ref scan) is { } picture)
                return picture;
        }

        return null;
    }

    private static (string Url, string? Alt)? Picture(ref TagScan scan)
    {
        string? url = null,
            alt = null;
        var isPixel = false;
        while (scan.NextAttribute())
        {
            var name = scan.AttributeName;
            if (url is null && name.Equals("src", StringComparison.OrdinalIgnoreCase))
                url = Decoded(scan.Value).Trim();
            else if (alt is null && name.Equals("alt", StringComparison.OrdinalIgnoreCase))
                alt = Decoded(scan.Value);
            else if (
                name.Equals("width", StringComparison.OrdinalIgnoreCase)
                || name.Equals("height", StringComparison.OrdinalIgnoreCase)
            )
                isPixel |= scan.Value is "1";
        }

        return string.IsNullOrEmpty(url) || isPixel ? null : (url, alt);
    }

    private static string Decoded(ReadOnlySpan<char> value) =>
        value.Contains('&') ? WebUtility.HtmlDecode(value.ToString()) : value.ToString();
}

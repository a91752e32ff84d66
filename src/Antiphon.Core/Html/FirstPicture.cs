using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Html;

/// <summary>The picture a text opens with.</summary>
public static class FirstPicture
{
    /// <summary>Address and alternative text of the first picture that is not a counting pixel, or null.</summary>
    public static (string Url, string? Alt)? In(string? html)
    {
        if (html is null || !html.Contains("<img", StringComparison.OrdinalIgnoreCase))
            return null;
        foreach (var picture in HtmlReader.ReadOrWords(html, HtmlLimits.Text).QuerySelectorAll("img[src]"))
        {
            if (picture.GetAttribute("width") == "1" || picture.GetAttribute("height") == "1")
                continue;
            var url = picture.GetAttribute("src")!;
            if (url.Length > 0)
                return (url, picture.GetAttribute("alt"));
        }

        return null;
    }
}

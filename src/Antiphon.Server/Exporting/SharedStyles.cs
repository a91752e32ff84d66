using Antiphon.Core.Html;
using Antiphon.Core.PublicPages;

namespace Antiphon.Server.Exporting;

/// <summary>
/// Takes the style sheets out of pages into files that the pages share, so that the owner changes one file and not a
/// hundred.
/// </summary>
internal sealed class SharedStyles
{
    private readonly Dictionary<string, string> _files = [];

    /// <summary>The sheets by the path of their file.</summary>
    public IEnumerable<(string File, string Css)> Files => _files.Select(pair => (pair.Value, pair.Key));

    /// <summary>The page with links in the place of its sheets.</summary>
    public string TakeFrom(string html, string file)
    {
        var page = HtmlReader.ReadOrWords(html);
        foreach (var sheet in page.Head!.QuerySelectorAll("style").ToList())
        {
            var path = _files.TryGetValue(sheet.TextContent, out var known)
                ? known
                : _files[sheet.TextContent] = $"styles/{(_files.Count == 0 ? "pages" : $"more-{_files.Count}")}.css";
            sheet.OuterHtml = $"<link rel=\"stylesheet\" href=\"{StaticLinks.Between(file, path)}\">";
        }

        return "<!doctype html>\n" + page.DocumentElement.OuterHtml;
    }
}

using AngleSharp.Dom;
using Antiphon.Core.Html;

namespace Antiphon.Core.PublicPages;

/// <summary>
/// Turns pages that are served into files that lie beside each other: whatever leads to a page taken along leads to its
/// file, everything else stays.
/// </summary>
/// <param name="files">Files by the whole address of their page.</param>
/// <param name="pictures">File of a picture by its address; null for pictures that are not taken along.</param>
/// <param name="target">Where the files will be, with trailing slash; null while that is unknown.</param>
public sealed class StaticLinks(
    IReadOnlyDictionary<string, string> files,
    Func<string, string?> pictures,
    string? target
)
{
    /// <summary>The page as it stands in its file.</summary>
    /// <param name="html">The page as it is served.</param>
    /// <param name="file">Path of its file, with forward slashes.</param>
    public string Rewrite(string html, string file)
    {
        var page = HtmlReader.ReadOrWords(html);
        // Nothing answers a search beside files.
        foreach (var form in page.QuerySelectorAll("form.search").ToList())
            form.Remove();
        foreach (var link in page.QuerySelectorAll("a[href], link[href]:not([rel=canonical])"))
            Lead(link, file);
        foreach (var picture in page.QuerySelectorAll("img[src]"))
            Show(picture, file);
        foreach (var own in page.QuerySelectorAll("link[rel=canonical], meta[property='og:url']"))
            Settle(own, file);
        foreach (var meta in page.QuerySelectorAll("meta[property='og:image']").ToList())
            SettlePicture(meta);
        return "<!doctype html>\n" + page.DocumentElement.OuterHtml;
    }

    /// <summary>The file's whole address where that is known, otherwise the page's own.</summary>
    public string AddressOf(string address) =>
        target is not null && files.TryGetValue(address, out var file)
            ? target + (file == "index.html" ? string.Empty : file)
            : address;

    /// <summary>The way from one file to another, such as "../posts/moon.html".</summary>
    public static string Between(string from, string to)
    {
        var (here, there) = (from.Split('/')[..^1], to.Split('/'));
        var shared = 0;
        while (shared < here.Length && shared < there.Length - 1 && here[shared] == there[shared])
            shared++;
        return string.Concat(Enumerable.Repeat("../", here.Length - shared)) + string.Join('/', there[shared..]);
    }

    private void Lead(IElement link, string file)
    {
        var address = link.GetAttribute("href")!;
        var at = address.IndexOf('#', StringComparison.Ordinal);
        var (page, fragment) = at < 0 ? (address, string.Empty) : (address[..at], address[at..]);
        if (page.Length > 0 && files.TryGetValue(page, out var other))
            link.SetAttribute("href", Between(file, other) + fragment);
    }

    private void Show(IElement picture, string file)
    {
        if (pictures(picture.GetAttribute("src")!) is not { } own)
            return;
        picture.SetAttribute("src", Between(file, own));
        picture.RemoveAttribute("srcset");
        picture.RemoveAttribute("sizes");
    }

    private void Settle(IElement element, string file)
    {
        var name = element.LocalName == "link" ? "href" : "content";
        if (
            target is not null
            && files.TryGetValue(element.GetAttribute(name) ?? string.Empty, out var own)
            && own == file
        )
            element.SetAttribute(name, target + (file == "index.html" ? string.Empty : file));
    }

    private void SettlePicture(IElement meta)
    {
        if (target is not null && pictures(meta.GetAttribute("content") ?? string.Empty) is { } own)
            meta.SetAttribute("content", target + own);
    }
}

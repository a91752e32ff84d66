using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Html;

namespace Antiphon.Core.Syndication.Microformats;

/// <summary>
/// Reads the items of a page as the microformats2 parsing specification says: root class names (h-*), properties (p-*, u-*, dt-*, e-*), items within items, and what is implied where nothing is said.
/// Older class names without prefix (hentry, entry-title …) are read as their successors.
/// </summary>
public static class MicroformatReader
{
    private const int MostItems = 500;

    private static readonly Dictionary<string, string> OlderRoots = new() { ["hentry"] = "h-entry", ["hfeed"] = "h-feed", ["vcard"] = "h-card", ["hreview"] = "h-review" };

    private static readonly Dictionary<string, string> OlderProperties = new()
    {
        ["entry-title"] = "p-name",
        ["entry-content"] = "e-content",
        ["entry-summary"] = "p-summary",
        ["published"] = "dt-published",
        ["author"] = "p-author",
        ["fn"] = "p-name",
        ["url"] = "u-url",
    };

    /// <summary>The items at the top level of a page.</summary>
    /// <param name="document">The page.</param>
    /// <param name="address">Where it was read; relative addresses are resolved against it.</param>
    public static IReadOnlyList<MicroformatItem> Read(IDocument document, Uri address)
    {
        var left = MostItems;
        return document.DocumentElement is null ? [] : ItemsIn(document.DocumentElement, BaseOf(document, address), ref left);
    }

    private static Uri BaseOf(IDocument document, Uri address) =>
        document.QuerySelector("base[href]")?.GetAttribute("href") is { } href && Uri.TryCreate(address, href, out var found) ? found : address;

    private static List<MicroformatItem> ItemsIn(IElement element, Uri address, ref int left)
    {
        if (RootsOf(element) is { Count: > 0 } types) return left-- > 0 ? [ItemOf(element, types, address, ref left)] : [];
        var items = new List<MicroformatItem>();
        foreach (var child in element.Children) items.AddRange(ItemsIn(child, address, ref left));
        return items;
    }

    private static List<string> RootsOf(IElement element)
    {
        var roots = element.ClassList.Where(name => name.StartsWith("h-", StringComparison.Ordinal) && name.Length > 2).ToList();
        // Where both stand, the newer ones hold.
        return roots.Count > 0 ? roots : [.. element.ClassList.Select(name => OlderRoots.GetValueOrDefault(name)).OfType<string>()];
    }

    private static MicroformatItem ItemOf(IElement element, List<string> types, Uri address, ref int left)
    {
        var isOlder = !element.ClassList.Any(name => name.StartsWith("h-", StringComparison.Ordinal));
        var (found, children) = (new Dictionary<string, List<MicroformatValue>>(), new List<MicroformatItem>());
        foreach (var child in element.Children) Gather(child, isOlder, address, found, children, ref left);
        Imply(element, types, address, found);
        return new MicroformatItem(types, found.ToDictionary(pair => pair.Key, pair => (IReadOnlyList<MicroformatValue>)pair.Value), element) { Children = children };
    }

    private static void Gather(IElement element, bool isOlder, Uri address, Dictionary<string, List<MicroformatValue>> found, List<MicroformatItem> children, ref int left)
    {
        var properties = PropertiesOf(element, isOlder);
        var item = RootsOf(element) is { Count: > 0 } types && left-- > 0 ? ItemOf(element, types, address, ref left) : null;
        foreach (var property in properties)
        {
            var (prefix, name) = (property[..property.IndexOf('-', StringComparison.Ordinal)], property[(property.IndexOf('-', StringComparison.Ordinal) + 1)..]);
            if (!found.TryGetValue(name, out var values)) found[name] = values = [];
            values.Add(item is null ? new MicroformatValue(ValueOf(element, prefix, address)) : new MicroformatValue(ValueOf(item, prefix, element, address), item));
        }

        if (item is not null && properties.Count == 0) children.Add(item);
        if (item is not null) return;
        foreach (var child in element.Children) Gather(child, isOlder, address, found, children, ref left);
    }

    private static List<string> PropertiesOf(IElement element, bool isOlder) => isOlder
        ? [.. element.ClassList.Select(name => OlderProperties.GetValueOrDefault(name)).OfType<string>()]
        : [.. element.ClassList.Where(name => name.Length > 2 && (name.StartsWith("p-", StringComparison.Ordinal) || name.StartsWith("u-", StringComparison.Ordinal) || name.StartsWith("e-", StringComparison.Ordinal) || (name.StartsWith("dt-", StringComparison.Ordinal) && name.Length > 3)))];

    private static string ValueOf(MicroformatItem item, string prefix, IElement element, Uri address) =>
        (prefix == "u" ? item.Text("url") : item.Text("name")) ?? ValueOf(element, prefix, address);

    private static string ValueOf(IElement element, string prefix, Uri address) => prefix switch
    {
        "u" => Absolute(AddressIn(element) ?? Plain(element), address),
        "dt" => element.GetAttribute("datetime") ?? element.GetAttribute("title") ?? element.GetAttribute("value") ?? element.TextContent.Trim(),
        "e" => HtmlText.Of(element.InnerHtml).Trim(),
        _ => Plain(element),
    };

    private static string Plain(IElement element) => (element switch
    {
        IHtmlImageElement => element.GetAttribute("alt"),
        IHtmlDataElement or IHtmlInputElement => element.GetAttribute("value"),
        _ when element.LocalName is "abbr" or "link" => element.GetAttribute("title"),
        _ => null,
    } ?? element.TextContent).Trim();

    private static string? AddressIn(IElement element) => element.LocalName switch
    {
        "a" or "area" or "link" => element.GetAttribute("href"),
        "img" or "audio" or "video" or "source" or "iframe" => element.GetAttribute("src"),
        "object" => element.GetAttribute("data"),
        _ => element.GetAttribute("value"),
    };

    private static string Absolute(string value, Uri address) => Uri.TryCreate(address, value.Trim(), out var found) ? found.AbsoluteUri : value.Trim();

    // A card or an entry without any property of a kind says its name by its text, its address by its link and its picture by its image.
    private static void Imply(IElement element, List<string> types, Uri address, Dictionary<string, List<MicroformatValue>> found)
    {
        var hasText = found.Keys.Any(name => name is not ("url" or "photo" or "published" or "updated"));
        if (!hasText && Plain(element) is { Length: > 0 } name) found["name"] = [new MicroformatValue(name)];
        var link = AddressIn(element) is { } own && element.LocalName is "a" or "area" ? AddressIn(element) : element.QuerySelectorAll("a[href]") is { Length: 1 } links ? links[0].GetAttribute("href") : null;
        if (!found.ContainsKey("url") && link is not null) found["url"] = [new MicroformatValue(Absolute(link, address))];
        if (!found.ContainsKey("photo") && types.Contains("h-card") && element.QuerySelector("img[src]")?.GetAttribute("src") is { } photo) found["photo"] = [new MicroformatValue(Absolute(photo, address))];
    }
}

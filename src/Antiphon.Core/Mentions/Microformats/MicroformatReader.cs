using System.Text;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Trees;

namespace Antiphon.Core.Mentions.Microformats;

/// <summary>
/// Reads the items of a page as the microformats2 parsing specification says: root class names (h-*), properties (p-*,
/// u-*, dt-*, e-*), items within items, and what is implied where nothing is said.
/// Older class names without prefix (hentry, entry-title …) are read as their successors.
/// </summary>
public static class MicroformatReader
{
    private const int MostItems = 500;
    private const int MostValues = 5000;
    private const int LongestValue = 20_000;

    private static readonly Dictionary<string, string> OlderRoots = new()
    {
        ["hentry"] = "h-entry",
        ["hfeed"] = "h-feed",
        ["vcard"] = "h-card",
        ["hreview"] = "h-review",
    };

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

    /// <summary>
    /// The items at the top level of a page; at most 500 items and 5,000 values, which no page of a person has.
    /// </summary>
    /// <param name="document">The page.</param>
    /// <param name="address">Where it was read; relative addresses are resolved against it.</param>
    public static IReadOnlyList<MicroformatItem> Read(IDocument document, Uri address) =>
        document.DocumentElement is { } root ? new Walk(BaseOf(document, address)).Over(root) : [];

    private static Uri BaseOf(IDocument document, Uri address) =>
        document.QuerySelector("base[href]")?.GetAttribute("href") is { } href
        && Uri.TryCreate(address, href, out var found)
            ? found
            : address;

    private static List<string> RootsOf(IElement element)
    {
        var roots = ClassNames
            .Of(element)
            .Where(name => name.StartsWith("h-", StringComparison.Ordinal) && name.Length > 2)
            .ToList();
        // Where both stand, the newer ones hold.
        return roots.Count > 0
            ? roots
            : [.. ClassNames.Of(element).Select(name => OlderRoots.GetValueOrDefault(name)).OfType<string>()];
    }

    private static List<string> PropertiesOf(IElement element, bool isOlder) =>
        isOlder
            ? [.. ClassNames.Of(element).Select(name => OlderProperties.GetValueOrDefault(name)).OfType<string>()]
            :
            [
                .. ClassNames
                    .Of(element)
                    .Where(name =>
                        name.Length > 2
                        && (
                            name.StartsWith("p-", StringComparison.Ordinal)
                            || name.StartsWith("u-", StringComparison.Ordinal)
                            || name.StartsWith("e-", StringComparison.Ordinal)
                            || (name.StartsWith("dt-", StringComparison.Ordinal) && name.Length > 3)
                        )
                    ),
            ];

    private static string ValueOf(MicroformatItem item, string prefix, IElement element, Uri address) =>
        (prefix == "u" ? item.Text("url") : item.Text("name")) ?? ValueOf(element, prefix, address);

    private static string ValueOf(IElement element, string prefix, Uri address) =>
        prefix switch
        {
            "u" => Absolute(AddressIn(element) ?? Plain(element), address),
            "dt" => element.GetAttribute("datetime")
                ?? element.GetAttribute("title")
                ?? element.GetAttribute("value")
                ?? WordsOf(element).Trim(),
            "e" => Shortened(HtmlText.Of(element)),
            _ => Plain(element),
        };

    private static string Plain(IElement element) =>
        (
            element switch
            {
                IHtmlImageElement => element.GetAttribute("alt"),
                IHtmlDataElement or IHtmlInputElement => element.GetAttribute("value"),
                _ when element.LocalName is "abbr" or "link" => element.GetAttribute("title"),
                _ => null,
            } ?? WordsOf(element)
        ).Trim();

    // Values lie within values, so that a page of nothing but such would be copied once for every level.
    private static string WordsOf(IElement element)
    {
        var words = new StringBuilder();
        foreach (var step in TreeWalk.Steps(element))
        {
            if (step.Node is IText text)
                words.Append(text.Data);
            if (words.Length > LongestValue)
                break;
        }

        return Shortened(words.ToString());
    }

    private static string Shortened(string text) => text.Length > LongestValue ? text[..LongestValue] : text;

    private static string? AddressIn(IElement element) =>
        element.LocalName switch
        {
            "a" or "area" or "link" => element.GetAttribute("href"),
            "img" or "audio" or "video" or "source" or "iframe" => element.GetAttribute("src"),
            "object" => element.GetAttribute("data"),
            _ => element.GetAttribute("value"),
        };

    private static string Absolute(string value, Uri address) =>
        Uri.TryCreate(address, value.Trim(), out var found) ? found.AbsoluteUri : value.Trim();

    // A card or an entry without any property of a kind says its name by its text, its address by its link and its
    // picture by its image.
    private static void Imply(
        IElement element,
        List<string> types,
        Uri address,
        Dictionary<string, List<MicroformatValue>> found
    )
    {
        var hasText = found.Keys.Any(name => name is not ("url" or "photo" or "published" or "updated"));
        if (!hasText && Plain(element) is { Length: > 0 } name)
            found["name"] = [new MicroformatValue(name)];
        var link =
            AddressIn(element) is { } own && element.LocalName is "a" or "area" ? AddressIn(element)
            : element.QuerySelectorAll("a[href]") is { Length: 1 } links ? links[0].GetAttribute("href")
            : null;
        if (!found.ContainsKey("url") && link is not null)
            found["url"] = [new MicroformatValue(Absolute(link, address))];
        if (
            !found.ContainsKey("photo")
            && types.Contains("h-card")
            && element.QuerySelector("img[src]")?.GetAttribute("src") is { } photo
        )
            found["photo"] = [new MicroformatValue(Absolute(photo, address))];
    }

    /// <summary>One walk over a page: items open as their element is entered and close as it is left.</summary>
    private sealed class Walk(Uri address)
    {
        private readonly List<MicroformatItem> _top = [];
        private readonly Stack<OpenItem> _open = new();
        private int _items;
        private int _values;

        public List<MicroformatItem> Over(IElement root)
        {
            foreach (var step in TreeWalk.Steps(root))
            {
                if (step.Node is not IElement element)
                    continue;
                if (!step.IsLeaving)
                    Enter(element);
                else if (_open.TryPeek(out var item) && item.Element == element)
                    Close(_open.Pop());
            }

            return _top;
        }

        private void Enter(IElement element)
        {
            if (element.ClassName is null)
                return;
            var around = _open.TryPeek(out var item) ? item : null;
            var properties = around is null ? [] : PropertiesOf(element, around.IsOlder);
            if (RootsOf(element) is { Count: > 0 } types && _items++ < MostItems)
                _open.Push(new OpenItem(element, types, properties));
            else if (around is not null)
                Put(around, properties, prefix => new MicroformatValue(ValueOf(element, prefix, address)));
        }

        private void Close(OpenItem open)
        {
            Imply(open.Element, open.Types, address, open.Found);
            var item = open.Closed();
            if (!_open.TryPeek(out var around))
                _top.Add(item);
            else if (open.IsPropertyOf.Count == 0)
                around.Children.Add(item);
            else
                Put(around, open.IsPropertyOf, prefix => new MicroformatValue(
                    ValueOf(item, prefix, open.Element, address),
                    item
                ));
        }

        private void Put(OpenItem into, List<string> properties, Func<string, MicroformatValue> valueOf)
        {
            foreach (var property in properties)
            {
                if (_values++ >= MostValues)
                    return;
                var at = property.IndexOf('-', StringComparison.Ordinal);
                if (!into.Found.TryGetValue(property[(at + 1)..], out var values))
                    into.Found[property[(at + 1)..]] = values = [];
                values.Add(valueOf(property[..at]));
            }
        }
    }
}

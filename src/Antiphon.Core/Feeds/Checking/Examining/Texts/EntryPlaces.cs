using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>
/// Where the entries that were read stand in the source, so that what is found in the model can be shown at its line.
/// </summary>
internal sealed class EntryPlaces
{
    private static readonly string[] Titles = ["title"];
    private static readonly string[] Links = ["link", "url", "guid"];
    private static readonly string[] Dates = ["pubDate", "published", "date", "updated", "date_published"];
    private static readonly string[] Texts = ["encoded", "content", "description", "summary", "content_html"];
    private readonly IReadOnlyList<ISourcePlace> _entries;

    private EntryPlaces(IReadOnlyList<ISourcePlace> entries) => _entries = entries;

    /// <summary>The entries of an XML feed, in document order as they are read.</summary>
    public static EntryPlaces Of(SourceElement? root)
    {
        var found = new List<ISourcePlace>();
        if (root is not null)
            Collect(root, found);
        return new EntryPlaces(found);
    }

    /// <summary>The items of a JSON Feed.</summary>
    public static EntryPlaces Of(JsonNode? root) => new([.. root?.Objects("items") ?? []]);

    /// <summary>
    /// Where the title of an entry stands; the entry itself when it has none; null when it cannot be found.
    /// </summary>
    public ISourcePlace? Title(int entry) => Find(entry, Titles, null);

    /// <summary>Where its address stands.</summary>
    public ISourcePlace? Link(int entry) => Find(entry, Links, null);

    /// <summary>Where its date stands.</summary>
    public ISourcePlace? Date(int entry) => Find(entry, Dates, null);

    /// <summary>Where a text that contains the words stands.</summary>
    public ISourcePlace? Text(int entry, string words) => Find(entry, Texts, words);

    private static void Collect(SourceElement element, List<ISourcePlace> found)
    {
        // Feeds hold entries one or two levels down; an entry document is one itself.
        if (element.LocalName is "item" or "entry")
            found.Add(element);
        else
            foreach (var child in element.Children.Where(child => child.LocalName is "channel" or "item" or "entry"))
                Collect(child, found);
    }

    private ISourcePlace? Find(int entry, string[] names, string? words)
    {
        if (entry >= _entries.Count)
            return null;
        return _entries[entry] switch
        {
            SourceElement element => In(element, names, words) ?? element,
            JsonNode item => names
                .Select(item.Member)
                .FirstOrDefault(member =>
                    member is not null && (words is null || member.Text.Contains(words, StringComparison.Ordinal))
                )
                ?? item,
            var place => place,
        };
    }

    // Several lines into a text the line of the words helps more than that of the element.
    private static ISourcePlace? In(SourceElement element, string[] names, string? words)
    {
        foreach (var name in names)
        {
            foreach (var child in element.Children.Where(child => child.LocalName == name))
            {
                if (words is null)
                    return child.TextPlace;
                var at = child.Text.IndexOf(words, StringComparison.Ordinal);
                if (at >= 0)
                    return child.PlaceIn(at);
            }
        }

        return null;
    }
}

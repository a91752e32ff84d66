using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Following;

/// <summary>
/// Recognises the entries of a feed that were there before: by identifier, then by page, then by likeness.
/// </summary>
public sealed class EntryMatcher
{
    /// <summary>Share of common words from which two texts count as the same entry.</summary>
    private const double Alike = 0.8;

    private const int FewestForAlarm = 3;
    private readonly Dictionary<string, KnownEntry> _byId = new(StringComparer.Ordinal);
    private readonly Dictionary<string, List<KnownEntry>> _byLink = new(StringComparer.Ordinal);
    private readonly Dictionary<string, List<KnownEntry>> _byTitle = new(StringComparer.Ordinal);
    private readonly HashSet<long> _taken = [];

    private EntryMatcher(IEnumerable<KnownEntry> known)
    {
        foreach (var entry in known)
        {
            if (entry.Id is not null)
                _byId[entry.Id] = entry;
            Add(_byLink, FoldedLink(entry.Link), entry);
            Add(_byTitle, FoldedTitle(entry.Title), entry);
        }
    }

    /// <summary>
    /// Recognises every entry of a feed. Entries without identifier, page and title cannot be told apart and are left
    /// out.
    /// </summary>
    public static EntryRecognition Match(IEnumerable<KnownEntry> known, IReadOnlyList<FeedItem> items)
    {
        var matcher = new EntryMatcher(known);
        var found = new Dictionary<FeedItem, RecognisedEntry>(ReferenceEqualityComparer.Instance);
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var once = items.Where(item => IdOf(item) is { Length: > 0 } id && seen.Add(id)).ToList();
        // Identifiers first for all of them, so that likeness never takes an entry from its own identifier.
        foreach (
            var pass in new Func<FeedItem, RecognisedEntry?>[] { matcher.ById, matcher.ByLink, matcher.ByLikeness }
        )
        {
            foreach (var item in once.Where(item => !found.ContainsKey(item)))
            {
                if (pass(item) is { } entry)
                    found[item] = entry;
            }
        }

        var entries = once.Select(item =>
                found.GetValueOrDefault(item) ?? new RecognisedEntry(item, null, RecognisedBy.Nothing)
            )
            .ToList();
        return new EntryRecognition(entries, IdsChange(entries));
    }

    /// <summary>The identifier of an entry; its page or title where it has none.</summary>
    public static string? IdOf(FeedItem item) => item.Id ?? item.Link ?? item.Title;

    private RecognisedEntry? ById(FeedItem item) =>
        _byId.TryGetValue(IdOf(item)!, out var entry) && _taken.Add(entry.Key)
            ? new RecognisedEntry(item, entry, RecognisedBy.Id)
            : null;

    // A page that several entries share, such as the home page, tells nothing.
    private RecognisedEntry? ByLink(FeedItem item)
    {
        if (FoldedLink(item.Link) is not { } link || !_byLink.TryGetValue(link, out var entries) || entries.Count != 1)
            return null;
        return _taken.Add(entries[0].Key) ? new RecognisedEntry(item, entries[0], RecognisedBy.Link) : null;
    }

    private RecognisedEntry? ByLikeness(FeedItem item)
    {
        var title = HtmlText.Of(item.Title);
        if (FoldedTitle(title) is not { } folded || !_byTitle.TryGetValue(folded, out var entries))
            return null;
        var text = HtmlText.Of(item.ContentHtml ?? item.Summary);
        var best = entries
            .Where(entry => !_taken.Contains(entry.Key))
            .Select(entry => (Entry: entry, Share: Common(entry.Text, text)))
            .OrderByDescending(pair => pair.Share)
            .FirstOrDefault();
        if (best.Entry is null || best.Share < Alike)
            return null;
        _taken.Add(best.Entry.Key);
        return new RecognisedEntry(item, best.Entry, RecognisedBy.Likeness);
    }

    // Nobody renames half of a feed by hand.
    private static bool IdsChange(List<RecognisedEntry> entries)
    {
        var known = entries.Where(entry => entry.Known is not null).ToList();
        var renamed = known.Count(entry => entry.By != RecognisedBy.Id);
        return renamed >= FewestForAlarm && renamed * 2 >= known.Count;
    }

    /// <summary>Words both texts have, of all the words there are; 1 for two empty texts.</summary>
    private static double Common(string one, string other)
    {
        var (first, second) = (WordsOf(one), WordsOf(other));
        if (first.Count == 0 && second.Count == 0)
            return 1;
        var common = first.Count(second.Contains);
        return (double)common / (first.Count + second.Count - common);
    }

    private static HashSet<string> WordsOf(string text) =>
        [.. text.ToLowerInvariant().Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries).Take(400)];

    private static string? FoldedLink(string? link) => link is null ? null : FoldedAddress.Of(link) ?? link;

    private static string? FoldedTitle(string title) =>
        OneLine.Of(title.ToLowerInvariant()) is { Length: > 0 } folded ? folded : null;

    private static void Add(Dictionary<string, List<KnownEntry>> index, string? key, KnownEntry entry)
    {
        if (key is null)
            return;
        if (!index.TryGetValue(key, out var list))
            index[key] = list = [];
        list.Add(entry);
    }
}

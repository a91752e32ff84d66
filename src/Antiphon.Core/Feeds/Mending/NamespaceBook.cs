using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>Which prefixes a document uses and declares.</summary>
internal sealed class NamespaceBook
{
    private static readonly Dictionary<string, string> Usual = new()
    {
        ["dc"] = FeedNamespaces.DublinCore,
        ["content"] = FeedNamespaces.Content,
        ["media"] = FeedNamespaces.Media,
        ["itunes"] = FeedNamespaces.Podcast,
        ["atom"] = FeedNamespaces.Atom,
        ["rdf"] = FeedNamespaces.Rdf,
        ["slash"] = FeedNamespaces.Slash,
        ["wfw"] = FeedNamespaces.CommentApi,
        ["thr"] = FeedNamespaces.Threading,
        ["dcterms"] = FeedNamespaces.DublinCoreTerms,
        ["georss"] = FeedNamespaces.GeoRss,
    };

    private readonly Dictionary<string, int> _used = [];
    private readonly HashSet<string> _declared = ["xml", "xmlns"];

    /// <summary>Place behind the root's name in what is written; null before the root.</summary>
    public int? RootEnd { get; private set; }

    /// <summary>Notes a name that may have a prefix.</summary>
    public void Use(string name, int place, bool isAttribute = false)
    {
        var colon = name.IndexOf(':', StringComparison.Ordinal);
        if (colon > 0 && !(isAttribute && name.StartsWith("xmlns:", StringComparison.Ordinal))) _used.TryAdd(name[..colon], place);
    }

    /// <summary>Notes a declaration; other attributes are none.</summary>
    public void Declare(string attribute, string value)
    {
        if (attribute.StartsWith("xmlns:", StringComparison.Ordinal) && value.Length > 0) _declared.Add(attribute[6..]);
    }

    /// <summary>Notes that a tag was written; the first is the root.</summary>
    public void Opened(int nameEnd) => RootEnd ??= nameEnd;

    /// <summary>What is used and nowhere declared, with the place of its first use and the namespace it is given.</summary>
    public IEnumerable<(string Prefix, int Place, string Namespace)> Missing() =>
        _used.Where(use => !_declared.Contains(use.Key)).Select(use => (use.Key, use.Value, Usual.GetValueOrDefault(use.Key, "urn:prefix:" + use.Key)));
}

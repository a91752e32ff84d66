using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>Which prefixes a document uses where they are not declared.</summary>
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

    private readonly Dictionary<string, int> _missing = [];

    // Counted, as an element may declare anew what one around it declares.
    private readonly Dictionary<string, int> _inScope = new() { ["xml"] = 1, ["xmlns"] = 1 };

    /// <summary>Place behind the root's name in what is written; null before the root.</summary>
    public int? RootEnd { get; private set; }

    /// <summary>
    /// Takes in a start tag: what it declares holds until <see cref="Leave"/>, what it uses must hold there. The first
    /// is the root.
    /// </summary>
    public void Enter(MendedTag tag)
    {
        RootEnd ??= tag.NameEnd;
        foreach (var prefix in tag.Prefixes.Declared)
            _inScope[prefix] = _inScope.GetValueOrDefault(prefix) + 1;
        foreach (var (prefix, place) in tag.Prefixes.Used)
        {
            if (_inScope.GetValueOrDefault(prefix) == 0)
                _missing.TryAdd(prefix, place);
        }
    }

    /// <summary>Ends the element of a tag.</summary>
    public void Leave(TagPrefixes prefixes)
    {
        foreach (var prefix in prefixes.Declared)
            _inScope[prefix]--;
    }

    /// <summary>
    /// What is used where it is not declared, with the place of its first such use and the namespace it is given.
    /// </summary>
    public IEnumerable<(string Prefix, int Place, string Namespace)> Missing() =>
        _missing.Select(use => (use.Key, use.Value, Usual.GetValueOrDefault(use.Key, "urn:prefix:" + use.Key)));
}

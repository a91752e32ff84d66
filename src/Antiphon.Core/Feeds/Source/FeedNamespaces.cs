namespace Antiphon.Core.Feeds.Source;

/// <summary>Namespace names of the formats and modules that are read.</summary>
public static class FeedNamespaces
{
    /// <summary>Atom 1.0.</summary>
    public const string Atom = "http://www.w3.org/2005/Atom";

    /// <summary>RSS 1.0.</summary>
    public const string Rss10 = "http://purl.org/rss/1.0/";

    /// <summary>RSS 0.90.</summary>
    public const string Rss090 = "http://my.netscape.com/rdf/simple/0.9/";

    /// <summary>RDF syntax.</summary>
    public const string Rdf = "http://www.w3.org/1999/02/22-rdf-syntax-ns#";

    /// <summary>Dublin Core elements.</summary>
    public const string DublinCore = "http://purl.org/dc/elements/1.1/";

    /// <summary>RSS content module.</summary>
    public const string Content = "http://purl.org/rss/1.0/modules/content/";

    /// <summary>Media RSS.</summary>
    public const string Media = "http://search.yahoo.com/mrss/";

    /// <summary>The podcast module many feeds use for pictures and authors.</summary>
    public const string Podcast = "http://www.itunes.com/dtds/podcast-1.0.dtd";

    /// <summary>XHTML.</summary>
    public const string Xhtml = "http://www.w3.org/1999/xhtml";

    /// <summary>xml:base and xml:lang.</summary>
    public const string Xml = "http://www.w3.org/XML/1998/namespace";

    /// <summary>Atom 0.3.</summary>
    public const string Atom03 = "http://purl.org/atom/ns#";

    /// <summary>Dublin Core terms.</summary>
    public const string DublinCoreTerms = "http://purl.org/dc/terms/";

    /// <summary>Numbers of comments.</summary>
    public const string Slash = "http://purl.org/rss/1.0/modules/slash/";

    /// <summary>Feeds of comments.</summary>
    public const string CommentApi = "http://wellformedweb.org/CommentAPI/";

    /// <summary>Threading (RFC 4685).</summary>
    public const string Threading = "http://purl.org/syndication/thread/1.0";

    /// <summary>Places.</summary>
    public const string GeoRss = "http://www.georss.org/georss";

    /// <summary>Places as latitude and longitude of their own.</summary>
    public const string Wgs84 = "http://www.w3.org/2003/01/geo/wgs84_pos#";

    /// <summary>Archives and complete feeds (RFC 5005).</summary>
    public const string History = "http://purl.org/syndication/history/1.0";

    /// <summary>How often a feed changes.</summary>
    public const string Syndication = "http://purl.org/rss/1.0/modules/syndication/";

    /// <summary>Deleted entries (RFC 6721).</summary>
    public const string Tombstones = "http://purl.org/atompub/tombstones/1.0";

    /// <summary>The newer podcast module, with transcripts, chapters and persons.</summary>
    public const string Podcasting = "https://podcastindex.org/namespace/1.0";

    /// <summary>Licences, as the oldest module for them writes them.</summary>
    public const string Licence = "http://backend.userland.com/creativeCommonsRssModule";

    // Spellings found in the wild; folded, so that capitals, the scheme and a slash at the end make no difference.
    private static readonly Dictionary<string, string> Spellings = new(StringComparer.Ordinal)
    {
        ["www.w3.org/2005/atom"] = Atom,
        ["purl.org/atom/ns"] = Atom03,
        ["purl.org/atom/ns#"] = Atom03,
        ["purl.org/rss/1.0"] = Rss10,
        ["my.netscape.com/rdf/simple/0.9"] = Rss090,
        ["channel.netscape.com/rdf/simple/0.9"] = Rss090,
        ["purl.org/dc/elements/1.1"] = DublinCore,
        ["purl.org/dc/elements/1.0"] = DublinCore,
        ["purl.org/metadata/dublin_core"] = DublinCore,
        ["purl.org/dc/terms"] = DublinCoreTerms,
        ["purl.org/rss/1.0/modules/content"] = Content,
        ["search.yahoo.com/mrss"] = Media,
        ["video.search.yahoo.com/mrss"] = Media,
        ["tools.search.yahoo.com/mrss"] = Media,
        ["www.itunes.com/dtds/podcast-1.0.dtd"] = Podcast,
        ["example.com/dtds/podcast-1.0.dtd"] = Podcast,
        ["purl.org/rss/1.0/modules/slash"] = Slash,
        ["wellformedweb.org/commentapi"] = CommentApi,
        ["purl.org/syndication/thread/1.0"] = Threading,
        ["www.georss.org/georss"] = GeoRss,
        ["www.w3.org/2003/01/geo/wgs84_pos#"] = Wgs84,
        ["purl.org/syndication/history/1.0"] = History,
        ["purl.org/rss/1.0/modules/syndication"] = Syndication,
        ["www.w3.org/1999/xhtml"] = Xhtml,
        ["www.w3.org/1999/02/22-rdf-syntax-ns"] = Rdf,
        ["www.w3.org/1999/02/22-rdf-syntax-ns#"] = Rdf,
        ["www.w3.org/2003/01/geo/wgs84_pos"] = Wgs84,
        ["purl.org/atompub/tombstones/1.0"] = Tombstones,
        ["podcastindex.org/namespace/1.0"] = Podcasting,
        ["backend.userland.com/creativecommonsrssmodule"] = Licence,
        ["backend.userland.com/rss2"] = string.Empty,
        ["backend.userland.com/rss"] = string.Empty,
        ["backend.userland.com/rss091"] = string.Empty,
        ["backend.userland.com/rss092"] = string.Empty,
        ["blogs.law.harvard.edu/tech/rss"] = string.Empty,
        ["cyber.law.harvard.edu/rss/rss.html"] = string.Empty,
        ["my.netscape.com/publish/formats/rss-0.91.dtd"] = string.Empty,
    };

    private static readonly HashSet<string> Right =
    [
        string.Empty,
        Atom,
        Rss10,
        Rss090,
        Rdf,
        DublinCore,
        Content,
        Media,
        Podcast,
        Xhtml,
        Xml,
        Atom03,
        DublinCoreTerms,
        Slash,
        CommentApi,
        Threading,
        GeoRss,
        Wgs84,
        History,
        Syndication,
        Tombstones,
        Podcasting,
        Licence,
    ];

    /// <summary>
    /// The namespace that was meant; the name itself when it is right or unknown. Elements of RSS 2.0 given a namespace
    /// of their own count as having none.
    /// </summary>
    public static string Meant(string name)
    {
        // Nearly always one of these three, and then the very same text, as readers are given the names beforehand.
        if (name.Length == 0 || ReferenceEquals(name, Atom) || ReferenceEquals(name, Content) || Right.Contains(name))
            return name;
        var folded = name.Trim().ToLowerInvariant();
        folded =
            folded.StartsWith("https://", StringComparison.Ordinal) ? folded[8..]
            : folded.StartsWith("http://", StringComparison.Ordinal) ? folded[7..]
            : folded;
        return Spellings.GetValueOrDefault(folded.TrimEnd('/'), name);
    }

    /// <summary>A table of names that holds the right ones, so that most comparisons are of references.</summary>
    internal static System.Xml.NameTable Table()
    {
        var table = new System.Xml.NameTable();
        foreach (var name in Right)
            table.Add(name);
        return table;
    }

    /// <summary>True for the elements of Atom 1.0 and 0.3, and for those that were given no namespace.</summary>
    public static bool IsAtom(string name) => Meant(name) is "" or Atom or Atom03;
}

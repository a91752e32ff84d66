namespace Antiphon.Core.Feeds.Reading;

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
}

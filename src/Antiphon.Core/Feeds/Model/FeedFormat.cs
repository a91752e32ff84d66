namespace Antiphon.Core.Feeds.Model;

/// <summary>The family a feed document belongs to.</summary>
public enum FeedFormat
{
    /// <summary>RSS 0.91, 0.92 and 2.0.</summary>
    Rss,

    /// <summary>Atom (RFC 4287).</summary>
    Atom,

    /// <summary>JSON Feed 1.0 and 1.1.</summary>
    JsonFeed,

    /// <summary>RSS 0.90 and 1.0, which are RDF documents.</summary>
    Rdf,
}

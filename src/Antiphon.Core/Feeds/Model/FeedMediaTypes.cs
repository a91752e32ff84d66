namespace Antiphon.Core.Feeds.Model;

/// <summary>The media type each family of feeds is served as.</summary>
public static class FeedMediaTypes
{
    /// <summary>The media type alone, such as application/rss+xml.</summary>
    public static string Of(FeedFormat format) =>
        format switch
        {
            FeedFormat.Atom => "application/atom+xml",
            FeedFormat.JsonFeed => "application/feed+json",
            FeedFormat.Rdf => "application/rdf+xml",
            _ => "application/rss+xml",
        };

    /// <summary>The Content-Type of a document in UTF-8.</summary>
    public static string InUtf8(FeedFormat format) => Of(format) + "; charset=utf-8";
}

using System.Xml;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>What the root element tells of format and version.</summary>
/// <param name="Format">The family, or null.</param>
/// <param name="Version">The version, or null.</param>
/// <param name="Name">The element's name.</param>
/// <param name="IsPage">True for an HTML page.</param>
internal readonly record struct RootStart(FeedFormat? Format, string? Version, string Name, bool IsPage)
{
    /// <summary>Looks at the element the reader stands on.</summary>
    public static RootStart Of(XmlReader reader)
    {
        var name = reader.LocalName;
        return name switch
        {
            "rss" => new(FeedFormat.Rss, reader.GetAttribute("version")?.Trim(), name, false),
            "RDF" when reader.NamespaceURI == FeedNamespaces.Rdf => new(FeedFormat.Rdf, RdfVersion(reader), name, false),
            "feed" or "entry" when reader.NamespaceURI is FeedNamespaces.Atom => new(FeedFormat.Atom, "1.0", name, false),
            "feed" when reader.NamespaceURI.Length == 0 => new(FeedFormat.Atom, null, name, false),
            _ => new(null, null, reader.Name, name.Equals("html", StringComparison.OrdinalIgnoreCase)),
        };
    }

    private static string? RdfVersion(XmlReader reader)
    {
        if (reader.LookupNamespace(string.Empty) == FeedNamespaces.Rss090) return "0.90";
        return reader.LookupNamespace(string.Empty) == FeedNamespaces.Rss10 ? "1.0" : null;
    }
}

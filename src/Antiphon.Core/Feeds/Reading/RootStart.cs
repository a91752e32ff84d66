using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;

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
        var meant = FeedNamespaces.Meant(reader.NamespaceURI);
        return name.ToLowerInvariant() switch
        {
            "rss" => new(
                FeedFormat.Rss,
                reader.GetAttribute("version")?.Trim() ?? reader.GetAttribute("Version")?.Trim(),
                name,
                false
            ),
            "rdf" when meant == FeedNamespaces.Rdf || reader.NamespaceURI.Length == 0 => new(
                FeedFormat.Rdf,
                RdfVersion(reader),
                name,
                false
            ),
            "feed" or "entry" when meant == FeedNamespaces.Atom => new(FeedFormat.Atom, "1.0", name, false),
            "feed" or "entry" when meant == FeedNamespaces.Atom03 => new(
                FeedFormat.Atom,
                reader.GetAttribute("version")?.Trim() ?? "0.3",
                name,
                false
            ),
            "feed" when meant.Length == 0 => new(FeedFormat.Atom, reader.GetAttribute("version")?.Trim(), name, false),
            // A channel alone is what is left of an RSS document that lost its root.
            "channel" when meant.Length == 0 => new(FeedFormat.Rss, null, name, false),
            _ => new(null, null, reader.Name, name.Equals("html", StringComparison.OrdinalIgnoreCase)),
        };
    }

    // The namespace may be given to any prefix, not only to none.
    private static string? RdfVersion(XmlReader reader)
    {
        var declared = Enumerable
            .Range(0, reader.AttributeCount)
            .Select(reader.GetAttribute)
            .Select(value => FeedNamespaces.Meant(value ?? string.Empty))
            .ToList();
        if (declared.Contains(FeedNamespaces.Rss10))
            return "1.0";
        return declared.Contains(FeedNamespaces.Rss090) ? "0.90" : null;
    }
}

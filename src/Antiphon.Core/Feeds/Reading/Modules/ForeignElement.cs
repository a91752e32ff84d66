using System.Xml;
using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules;

/// <summary>Keeps elements that are not known here.</summary>
internal static class ForeignElement
{
    /// <summary>
    /// Longest element that is kept, in characters; nothing an author writes is longer, and a feed must not fill the
    /// memory twice.
    /// </summary>
    private const int Longest = 100_000;

    /// <summary>Adds the element the reader stands on as it stands, and leaves the reader after it.</summary>
    public static void Keep(XmlReader reader, List<FeedExtension> extensions)
    {
        var (name, space) = (reader.LocalName, reader.NamespaceURI);
        var raw = XmlMarkup.ReadOuter(reader);
        if (raw.Length is > 0 and <= Longest)
            extensions.Add(new FeedExtension(space, name, raw));
    }
}

using System.Xml;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Goes through the children of an element.</summary>
internal static class XmlWalk
{
    /// <summary>
    /// Calls <paramref name="read"/> for every child element; it must leave the reader after that child. The reader ends after the parent.
    /// </summary>
    public static void Children(XmlReader reader, Action<XmlReader> read)
    {
        if (reader.IsEmptyElement)
        {
            reader.Read();
            return;
        }

        var depth = reader.Depth;
        reader.Read();
        while (!reader.EOF && reader.Depth > depth)
        {
            if (reader.NodeType == XmlNodeType.Element) read(reader);
            else reader.Read();
        }

        reader.Read();
    }
}

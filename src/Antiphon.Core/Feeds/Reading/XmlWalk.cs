using System.Xml;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Goes through the children of an element.</summary>
internal static class XmlWalk
{
    /// <summary>
    /// Calls <paramref name="read"/> for every child element. It either leaves the reader after that child, or does not
    /// touch the reader, as the second
    /// of two titles is left alone; the child is then skipped. The reader ends after the parent.
    /// <paramref name="complete"/> is called before the reader
    /// leaves the end tag, so that an element that is whole survives a document that breaks off right behind it.
    /// </summary>
    public static void Children(XmlReader reader, Action<XmlReader> read, Action? complete = null)
    {
        if (reader.IsEmptyElement)
        {
            complete?.Invoke();
            reader.Read();
            return;
        }

        var depth = reader.Depth;
        reader.Read();
        while (!reader.EOF && reader.Depth > depth)
        {
            if (reader.NodeType == XmlNodeType.Element)
                ReadOne(reader, read);
            else
                reader.Read();
        }

        complete?.Invoke();
        reader.Read();
    }

    private static void ReadOne(XmlReader reader, Action<XmlReader> read)
    {
        // No two elements start at the same place, so a reader still there was not moved.
        var place = (IXmlLineInfo)reader;
        var (line, column) = (place.LineNumber, place.LinePosition);
        read(reader);
        if (reader.NodeType == XmlNodeType.Element && place.LineNumber == line && place.LinePosition == column)
            reader.Skip();
    }
}

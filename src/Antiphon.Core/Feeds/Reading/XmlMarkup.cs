using System.Text;
using System.Xml;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Reads an element as markup.</summary>
internal static class XmlMarkup
{
    private static readonly XmlWriterSettings Fragment = new()
    {
        ConformanceLevel = ConformanceLevel.Fragment,
        OmitXmlDeclaration = true,
        CheckCharacters = false,
        NewLineHandling = NewLineHandling.None,
    };

    /// <summary>
    /// The element the reader stands on as it stands, declaring its own namespaces, and the reader left after it; empty
    /// for names that may be read but not written, such as one in the namespace of
    /// declarations. Throws an <see cref="XmlException"/> where the document breaks, or is nested deeper than any
    /// author goes, as the framework's own way takes hours for that.
    /// </summary>
    public static string ReadOuter(XmlReader reader)
    {
        var depth = reader.Depth;
        try
        {
            return Copied(reader, depth);
        }
        catch (ArgumentException)
        {
            // The writer refused; the reader stands somewhere in the element.
            while (!reader.EOF && reader.Depth > depth)
                reader.Read();
            if (!reader.EOF && reader.Depth == depth)
                reader.Read();
            return string.Empty;
        }
    }

    private static string Copied(XmlReader reader, int depth)
    {
        var text = new StringBuilder();
        using var writer = XmlWriter.Create(text, Fragment);
        do
        {
            if (reader.Depth - depth > XmlSource.MaxDepth)
                throw TooDeep(reader);
            Copy(reader, writer);
        } while (
            reader.Read()
            && (reader.Depth > depth || (reader.NodeType == XmlNodeType.EndElement && reader.Depth == depth))
        );
        writer.Flush();
        return text.ToString();
    }

    private static void Copy(XmlReader reader, XmlWriter writer)
    {
        switch (reader.NodeType)
        {
            case XmlNodeType.Element:
                var isEmpty = reader.IsEmptyElement;
                writer.WriteStartElement(reader.Prefix, reader.LocalName, reader.NamespaceURI);
                writer.WriteAttributes(reader, defattr: false);
                if (isEmpty)
                    writer.WriteEndElement();
                break;
            case XmlNodeType.EndElement:
                writer.WriteFullEndElement();
                break;
            case XmlNodeType.CDATA:
                writer.WriteCData(reader.Value);
                break;
            case XmlNodeType.Text or XmlNodeType.Whitespace or XmlNodeType.SignificantWhitespace:
                writer.WriteString(reader.Value);
                break;
        }
    }

    private static XmlException TooDeep(XmlReader reader)
    {
        var place = (IXmlLineInfo)reader;
        return new XmlException(
            $"Elements are nested more than {XmlSource.MaxDepth} deep",
            null,
            place.LineNumber,
            place.LinePosition
        );
    }
}

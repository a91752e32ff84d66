using System.Xml;

namespace Antiphon.Core.Feeds.Source;

/// <summary>Builds the tree of elements with places.</summary>
public static class XmlSource
{
    /// <summary>
    /// Deepest nesting that is followed; feeds need five levels, anything past this is an attack or an accident.
    /// </summary>
    public const int MaxDepth = 500;

    /// <summary>
    /// The root element and, when the document breaks off, where and why; the tree then holds what stood before.
    /// </summary>
    public static (SourceElement? Root, XmlException? Break) Parse(string text)
    {
        SourceElement? root = null;
        try
        {
            using var reader = XmlReader.Create(new StringReader(FeedXml.BlankLateDeclaration(text)), FeedXml.Settings);
            SourceElement? current = null;
            while (reader.Read())
                current = Take(reader, current, ref root);
            return (root, null);
        }
        catch (XmlException broken)
        {
            return (root, broken);
        }
    }

    private static SourceElement? Take(XmlReader reader, SourceElement? current, ref SourceElement? root)
    {
        switch (reader.NodeType)
        {
            case XmlNodeType.Element:
                if (reader.Depth > MaxDepth)
                    throw TooDeep(reader);
                var isEmpty = reader.IsEmptyElement;
                var element = Open(reader, current);
                root ??= element;
                return isEmpty ? current : element;
            case XmlNodeType.EndElement:
                return current?.Parent;
            case XmlNodeType.Text or XmlNodeType.CDATA when current is not null:
                AddText(reader, current);
                return current;
            default:
                return current;
        }
    }

    private static SourceElement Open(XmlReader reader, SourceElement? parent)
    {
        var place = (IXmlLineInfo)reader;
        var element = new SourceElement(
            parent,
            reader.Name,
            reader.LocalName,
            reader.NamespaceURI,
            place.LineNumber,
            place.LinePosition - 1
        );
        element.TextStart = (element.Line, element.Column);
        while (reader.MoveToNextAttribute())
        {
            if (reader.NamespaceURI == "http://www.w3.org/2000/xmlns/")
                continue;
            element.Add(
                new SourceAttribute(
                    reader.LocalName,
                    reader.NamespaceURI,
                    reader.Value,
                    place.LineNumber,
                    place.LinePosition
                )
            );
        }

        return element;
    }

    private static void AddText(XmlReader reader, SourceElement element)
    {
        var place = (IXmlLineInfo)reader;
        if (!element.HasText)
            element.TextStart = (place.LineNumber, place.LinePosition);
        element.HasCData |= reader.NodeType == XmlNodeType.CDATA;
        element.AddText(reader.Value);
    }

    private static XmlException TooDeep(XmlReader reader)
    {
        var place = (IXmlLineInfo)reader;
        return new XmlException(
            $"Elements are nested more than {MaxDepth} deep",
            null,
            place.LineNumber,
            place.LinePosition
        );
    }
}

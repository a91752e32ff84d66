using System.Text;
using System.Xml;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>
/// Reads XHTML standing in a feed as HTML: without prefixes and namespaces, its addresses resolved against every
/// xml:base on the way.
/// </summary>
internal static class XhtmlText
{
    private static readonly HashSet<string> Void =
    [
        "area",
        "base",
        "br",
        "col",
        "embed",
        "hr",
        "img",
        "input",
        "link",
        "meta",
        "source",
        "track",
        "wbr",
    ];
    private static readonly HashSet<string> Addresses =
    [
        "href",
        "src",
        "cite",
        "longdesc",
        "action",
        "background",
        "data",
        "poster",
        "usemap",
    ];

    /// <summary>
    /// What stands in the element the reader stands on, the div that wraps it taken off (RFC 4287 §3.1.1.3); the reader
    /// is left after it. Null when nothing stands there.
    /// </summary>
    public static string? Read(XmlReader reader, Uri? baseAddress)
    {
        var html = new StringBuilder();
        var (depth, wrapper) = (reader.Depth, false);
        if (reader.IsEmptyElement)
        {
            reader.Read();
            return null;
        }

        reader.Read();
        while (!reader.EOF && reader.Depth > depth)
        {
            if (!wrapper && html.Length == 0 && reader.NodeType == XmlNodeType.Element && reader.LocalName == "div")
            {
                wrapper = true;
                Inside(reader, html, LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml)));
            }
            else
                Node(reader, html, baseAddress);
        }

        reader.Read();
        var text = html.ToString().Trim();
        return text.Length == 0 ? null : text;
    }

    private static void Inside(XmlReader reader, StringBuilder html, Uri? baseAddress)
    {
        if (reader.IsEmptyElement)
        {
            reader.Read();
            return;
        }

        var depth = reader.Depth;
        reader.Read();
        while (!reader.EOF && reader.Depth > depth)
            Node(reader, html, baseAddress);
        reader.Read();
    }

    private static void Node(XmlReader reader, StringBuilder html, Uri? baseAddress)
    {
        switch (reader.NodeType)
        {
            case XmlNodeType.Element:
                Element(
                    reader,
                    html,
                    LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml))
                );
                break;
            case XmlNodeType.Text or XmlNodeType.CDATA or XmlNodeType.Whitespace or XmlNodeType.SignificantWhitespace:
                html.Append(Escaped(reader.Value));
                reader.Read();
                break;
            default:
                reader.Read();
                break;
        }
    }

    private static void Element(XmlReader reader, StringBuilder html, Uri? baseAddress)
    {
        GuardDepth(reader);
        var name = reader.LocalName;
        html.Append('<').Append(name);
        while (reader.MoveToNextAttribute())
        {
            if (reader.Prefix == "xmlns" || reader.Name == "xmlns" || reader.NamespaceURI == FeedNamespaces.Xml)
                continue;
            var value = Addresses.Contains(reader.LocalName) ? AddressOf(reader.Value, baseAddress) : reader.Value;
            html.Append(' ')
                .Append(reader.LocalName)
                .Append("=\"")
                .Append(Escaped(value).Replace("\"", "&quot;", StringComparison.Ordinal))
                .Append('"');
        }

        reader.MoveToElement();
        if (Void.Contains(name))
        {
            html.Append(" />");
            reader.Skip();
            return;
        }

        html.Append('>');
        Inside(reader, html, baseAddress);
        html.Append("</").Append(name).Append('>');
    }

    // Going down is by recursion, so the depth is bounded where no author goes.
    private static void GuardDepth(XmlReader reader)
    {
        if (reader.Depth > XmlSource.MaxDepth)
            throw new XmlException(
                $"Elements are nested more than {XmlSource.MaxDepth} deep",
                null,
                ((IXmlLineInfo)reader).LineNumber,
                ((IXmlLineInfo)reader).LinePosition
            );
    }

    private static string AddressOf(string value, Uri? baseAddress) =>
        baseAddress is null || value.TrimStart().StartsWith('#') ? value
        : Uri.TryCreate(baseAddress, value.Trim(), out var resolved) ? resolved.AbsoluteUri
        : value;

    private static string Escaped(string text) =>
        text.Replace("&", "&amp;", StringComparison.Ordinal)
            .Replace("<", "&lt;", StringComparison.Ordinal)
            .Replace(">", "&gt;", StringComparison.Ordinal);
}

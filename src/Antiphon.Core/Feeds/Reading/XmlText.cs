using System.Text;
using System.Xml;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Reads the content of an element that should hold text.</summary>
internal static class XmlText
{
    /// <summary>
    /// The text of the current element, the reader left after its end. Markup standing unescaped inside is kept as
    /// markup.
    /// </summary>
    public static string Read(XmlReader reader)
    {
        if (reader.IsEmptyElement)
        {
            reader.Read();
            return string.Empty;
        }

        var depth = reader.Depth;
        string? only = null;
        StringBuilder? joined = null;
        reader.Read();
        while (!reader.EOF && !(reader.NodeType == XmlNodeType.EndElement && reader.Depth == depth))
        {
            string? piece = null;
            if (reader.NodeType == XmlNodeType.Element)
                piece = XmlMarkup.ReadOuter(reader);
            else
            {
                if (
                    reader.NodeType
                    is XmlNodeType.Text
                        or XmlNodeType.CDATA
                        or XmlNodeType.Whitespace
                        or XmlNodeType.SignificantWhitespace
                )
                    piece = reader.Value;
                reader.Read();
            }

            if (piece is null)
                continue;
            if (only is null)
                only = piece;
            else
                (joined ??= new StringBuilder(only)).Append(piece);
        }

        reader.Read();
        return joined?.ToString() ?? only ?? string.Empty;
    }

    /// <summary>Trimmed text, or null when nothing stands there.</summary>
    public static string? ReadTrimmed(XmlReader reader)
    {
        var text = Read(reader).Trim();
        return text.Length == 0 ? null : text;
    }
}

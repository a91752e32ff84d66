using System.Net;
using System.Xml;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>Atom text constructs (RFC 4287 §3.1) and content (§4.1.3).</summary>
internal static class AtomText
{
    /// <summary>The construct as plain text: markup of html and xhtml texts is removed.</summary>
    public static string? ReadPlain(XmlReader reader)
    {
        var type = reader.GetAttribute("type");
        var text = XmlText.ReadTrimmed(reader);
        return text is null || type is null or "text" ? text : HtmlText.Of(text);
    }

    /// <summary>The construct as HTML: plain text is encoded, the div that wraps an xhtml text is taken off.</summary>
    public static string? ReadHtml(XmlReader reader)
    {
        var type = reader.GetAttribute("type") ?? "text";
        if (type is "xhtml" or "application/xhtml+xml") return ReadXhtml(reader);
        var text = XmlText.ReadTrimmed(reader);
        if (text is null) return null;
        return type is "text" or "text/plain" ? WebUtility.HtmlEncode(text) : text;
    }

    private static string? ReadXhtml(XmlReader reader)
    {
        string? inner = null;
        XmlWalk.Children(reader, child =>
        {
            if (inner is null && child.LocalName == "div") inner = child.ReadInnerXml().Trim();
            else child.Skip();
            reader = child;
        });
        // Serialised fragments repeat the XHTML namespace, which HTML has no use for.
        return inner?.Replace(" xmlns=\"" + FeedNamespaces.Xhtml + "\"", string.Empty, StringComparison.Ordinal);
    }
}

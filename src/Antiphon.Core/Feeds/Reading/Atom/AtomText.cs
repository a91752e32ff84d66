using System.Net;
using System.Text;
using System.Xml;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading.Atom;

/// <summary>
/// Atom text constructs (RFC 4287 §3.1) and content (§4.1.3), and those of Atom 0.3 with their modes.
/// </summary>
internal static class AtomText
{
    /// <summary>The construct as plain text: markup of html and xhtml texts is removed.</summary>
    public static string? ReadPlain(XmlReader reader)
    {
        var kind = KindOf(reader);
        if (kind == AtomTextKind.Xhtml)
            return Null(HtmlText.Of(XhtmlText.Read(reader, null)));
        var text = kind == AtomTextKind.Base64 ? Decoded(XmlText.ReadTrimmed(reader)) : XmlText.ReadTrimmed(reader);
        return text is null || kind == AtomTextKind.Plain ? text : Null(HtmlText.Of(text));
    }

    /// <summary>
    /// A title as plain text and, where it has markup, as HTML as well; the reader is left after the element.
    /// </summary>
    public static (string? Plain, string? Html) ReadTitle(XmlReader reader, Uri? baseAddress)
    {
        if (KindOf(reader) == AtomTextKind.Plain)
            return (XmlText.ReadTrimmed(reader), null);
        var html = ReadHtml(reader, baseAddress);
        return html is null ? (null, null)
            : html.Contains('<', StringComparison.Ordinal) ? (Null(HtmlText.Of(html)), html)
            : (Null(HtmlText.Of(html)), null);
    }

    /// <summary>
    /// The construct as HTML: plain text is encoded, the div that wraps an xhtml text is taken off, addresses are made
    /// absolute.
    /// </summary>
    public static string? ReadHtml(XmlReader reader, Uri? baseAddress) => ReadLate(reader, baseAddress).Get();

    /// <summary>The same, made when it is asked for; the reader is left after the element.</summary>
    public static LateText ReadLate(XmlReader reader, Uri? baseAddress)
    {
        var narrowed = LinkResolver.Narrow(baseAddress, reader.GetAttribute("base", FeedNamespaces.Xml));
        var kind = KindOf(reader);
        if (kind == AtomTextKind.Xhtml)
            return new LateText(XhtmlText.Read(reader, narrowed));
        var text = XmlText.ReadTrimmed(reader);
        return kind switch
        {
            AtomTextKind.Plain => new LateText(text, null, static (plain, _) => WebUtility.HtmlEncode(plain)),
            AtomTextKind.Base64 => new LateText(text, narrowed, static (coded, at) =>
                HtmlAddresses.Resolve(Decoded(coded), at)
            ),
            _ => HtmlAddresses.Late(text, narrowed),
        };
    }

    private static AtomTextKind KindOf(XmlReader reader)
    {
        var type = (reader.GetAttribute("type") ?? "text").Trim().ToLowerInvariant();
        var mode = reader.GetAttribute("mode")?.Trim().ToLowerInvariant();
        // In Atom 0.3 the mode says how the text stands in the document, and a media type what it is; the mode is xml
        // unless it is told.
        if (mode == "base64")
            return AtomTextKind.Base64;
        if (FeedNamespaces.Meant(reader.NamespaceURI) == FeedNamespaces.Atom03)
        {
            if (mode == "escaped")
                return type is "text" or "text/plain" ? AtomTextKind.Plain : AtomTextKind.Html;
            return type is "text" or "text/plain" ? AtomTextKind.Plain : AtomTextKind.Xhtml;
        }

        return type switch
        {
            "text" or "text/plain" => AtomTextKind.Plain,
            "xhtml" or "application/xhtml+xml" => AtomTextKind.Xhtml,
            "html" or "text/html" => AtomTextKind.Html,
            _ when type.EndsWith("+xml", StringComparison.Ordinal)
                    || type.EndsWith("/xml", StringComparison.Ordinal)
                    || !type.Contains('/', StringComparison.Ordinal) => AtomTextKind.Html,
            _ when type.StartsWith("text/", StringComparison.Ordinal) => AtomTextKind.Plain,
            _ => AtomTextKind.Base64,
        };
    }

    /// <summary>The text that base64 stands for; the letters themselves when they stand for none.</summary>
    private static string? Decoded(string? text)
    {
        if (text is null)
            return null;
        try
        {
            return new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(Convert.FromBase64String(text)).Trim();
        }
        catch (Exception none) when (none is FormatException or ArgumentException)
        {
            return text;
        }
    }

    private static string? Null(string text) => text.Length == 0 ? null : text;
}

/// <summary>How a text construct is to be understood.</summary>
internal enum AtomTextKind
{
    /// <summary>Text without markup.</summary>
    Plain,

    /// <summary>Escaped HTML.</summary>
    Html,

    /// <summary>Markup as elements.</summary>
    Xhtml,

    /// <summary>Base64 of one of the others.</summary>
    Base64,
}

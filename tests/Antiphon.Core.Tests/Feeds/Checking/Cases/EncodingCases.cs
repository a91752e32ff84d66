using System.Text;

namespace Antiphon.Core.Tests.Feeds.Checking.Cases;

/// <summary>Cases of the rules about bytes: a document as it is served.</summary>
internal static class EncodingCases
{
    static EncodingCases() => Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);

    /// <summary>Rules with the bytes and the media type that raise them.</summary>
    public static IReadOnlyList<(string Id, byte[] Bytes, string? Type)> All =>
    [
        ("xml-encoding-wrong", In("iso-8859-1", Rss("utf-8", "Zweite Nächte")), null),
        ("xml-encoding-wrong", In("iso-8859-1", Rss("us-ascii", "Zweite Nächte")), null),
        ("xml-encoding-wrong", In("windows-1252", Rss("utf-8", "Zoë’s light")), null),
        ("xml-encoding-disagrees", Utf8(GoodFeeds.Rss), "application/rss+xml; charset=iso-8859-1"),
        ("xml-encoding-unknown", Utf8(Rss("utf-9", "Second light")), null),
        ("xml-encoding-unknown", Utf8(Rss("english", "Second light")), null),
        ("xml-encoding-name", Utf8(Rss("utf8", "Second light")), null),
        ("xml-encoding-name", In("windows-1252", Rss("cp1252", "Zweite Nächte")), null),
        ("xml-byte-order-mark-differs", [0xEF, 0xBB, 0xBF, .. Utf8(Rss("iso-8859-1", "Second light"))], null),
        ("xml-byte-order-mark-missing", In("utf-16", Rss("utf-16", "Second light")), null),
        ("xml-byte-order-mark-missing", In("utf-16BE", Rss("utf-16", "Second light")), null),
        ("xml-encoding-not-wide", Utf8(Rss("utf-16", "Second light")), null),
        ("xml-invalid-bytes", With(0xC0, 0xAF), null),
        ("xml-invalid-bytes", With(0xED, 0xA0, 0x80), null),
        ("xml-invalid-bytes", With(0xE2, 0x82), null),
        ("xml-invalid-bytes", With(0xF5, 0x80, 0x80, 0x80), null),
        ("xml-windows-characters", In("windows-1252", Rss("iso-8859-1", "Second “light”")), null),
        ("xml-discouraged-character", Utf8(Rss("utf-8", "Second\u0092 light")), null),
        ("xml-discouraged-character", Utf8(Rss("utf-8", "Second\uFDD0 light")), null),
        ("text-replacement-character", Utf8(Rss("utf-8", "Second\uFFFD light")), null),
        ("text-garbled", Utf8(Rss("utf-8", "Zweite NÃ¤chte")), null),
        ("text-garbled", Utf8(Rss("utf-8", "Secondâ€™s light")), null),
        ("text-garbled", Utf8(Rss("iso-8859-1", "Zweite Nächte")), null),
        ("xml-byte-order-mark-inside", Utf8(Rss("utf-8", "Second\uFEFF light")), null),
        ("xml-version", Utf8(GoodFeeds.Rss.Replace("xml version=\"1.0\"", "xml version=\"1.1\"", StringComparison.Ordinal)), null),
        ("xml-entity-defined", Utf8(Prolog("<!DOCTYPE rss [<!ENTITY moor \"The moor\">]>")), null),
        ("xml-entity-external", Utf8(Prolog("<!DOCTYPE rss [<!ENTITY moor SYSTEM \"file:///etc/passwd\">]>")), null),
        ("xml-entity-external", Utf8(Prolog("<!DOCTYPE rss [<!ENTITY % moor SYSTEM \"https://bench.example/x.dtd\"> %moor;]>")), null),
        ("xml-entity-nested", Utf8(Prolog("<!DOCTYPE rss [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;&a;\">]>")), null),
        ("xml-doctype", Utf8(Prolog("<!DOCTYPE rss SYSTEM \"https://bench.example/rss.dtd\">")), null),
        ("json-byte-order-mark", [0xEF, 0xBB, 0xBF, .. Utf8(GoodFeeds.Json)], null),
        ("json-encoding", [0xFF, 0xFE, .. In("utf-16", GoodFeeds.Json)], null),
        ("http-charset-unknown", Utf8(GoodFeeds.Rss), "application/rss+xml; charset=utf-9"),
        ("http-media-type", Utf8(GoodFeeds.Rss), "text/html"),
        ("http-media-type", Utf8(GoodFeeds.Atom), "application/rss+xml"),
        ("http-media-type", Utf8(GoodFeeds.Json), "text/plain"),
        ("http-media-type-broad", Utf8(GoodFeeds.Rss), "text/xml"),
    ];

    /// <summary>Bytes that are right, however unusual.</summary>
    public static IReadOnlyList<(string Name, byte[] Bytes, string? Type)> Legal =>
    [
        ("utf-8 with a mark", [0xEF, 0xBB, 0xBF, .. Utf8(GoodFeeds.Rss)], null),
        ("utf-16 with a mark", [0xFF, 0xFE, .. In("utf-16", Rss("utf-16", "Zweite Nächte"))], null),
        ("utf-16 the other way with a mark", [0xFE, 0xFF, .. In("utf-16BE", Rss("utf-16", "Zweite Nächte"))], null),
        ("utf-16 without a declaration", [0xFF, 0xFE, .. In("utf-16", GoodFeeds.Rss.Replace("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n", "", StringComparison.Ordinal))], null),
        ("latin-1 that says so", In("iso-8859-1", Rss("ISO-8859-1", "Zweite Nächte")), null),
        ("windows-1252 that says so", In("windows-1252", Rss("windows-1252", "Second “light”")), null),
        ("cyrillic", In("koi8-r", Rss("KOI8-R", "Второй свет")), null),
        ("japanese", In("shift_jis", Rss("Shift_JIS", "二番目の光")), null),
        ("japanese another way", In("euc-jp", Rss("EUC-JP", "二番目の光")), null),
        ("chinese", In("gb18030", Rss("GB18030", "第二道光")), null),
        ("ascii", Utf8(Rss("US-ASCII", "Second light")), null),
        ("no declaration", Utf8(GoodFeeds.Rss.Replace("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n", "", StringComparison.Ordinal)), null),
        ("a declaration in single quotes", Utf8(GoodFeeds.Rss.Replace("version=\"1.0\" encoding=\"UTF-8\"", "version='1.0' encoding='UTF-8' standalone='yes'", StringComparison.Ordinal)), null),
        ("charset that agrees", Utf8(GoodFeeds.Rss), "application/rss+xml; charset=\"utf-8\""),
        ("charset alone says so", In("iso-8859-1", Rss(null, "Zweite Nächte")), "application/rss+xml; charset=iso-8859-1"),
        ("json as json", Utf8(GoodFeeds.Json), "application/json"),
        ("rdf as rdf", Utf8(GoodFeeds.Rdf), "application/rdf+xml"),
    ];

    private static byte[] Utf8(string text) => Encoding.UTF8.GetBytes(text);

    private static byte[] In(string encoding, string text) => Encoding.GetEncoding(encoding).GetBytes(text);

    private static string Rss(string? declared, string title) =>
        GoodFeeds
            .Rss.Replace("Second light", title, StringComparison.Ordinal)
            .Replace(" encoding=\"UTF-8\"", declared is null ? "" : $" encoding=\"{declared}\"", StringComparison.Ordinal);

    private static string Prolog(string doctype) => GoodFeeds.Rss.Replace("?>\n", "?>\n" + doctype + "\n", StringComparison.Ordinal);

    private static byte[] With(params byte[] wrong)
    {
        var text = Utf8(GoodFeeds.Rss);
        var at = text.AsSpan().IndexOf("Second light"u8);
        return [.. text[..at], .. wrong, .. text[at..]];
    }
}

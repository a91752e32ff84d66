using System.Buffers;
using System.Xml;

namespace Antiphon.Core.Feeds.Source;

/// <summary>How XML from outside is opened.</summary>
internal static class FeedXml
{
    /// <summary>No DTD is fetched or applied, no entity is expanded.</summary>
    public static XmlReaderSettings Settings { get; } =
        new()
        {
            DtdProcessing = DtdProcessing.Ignore,
            XmlResolver = null,
            IgnoreComments = true,
            IgnoreProcessingInstructions = true,
            CheckCharacters = true,
            CloseInput = true,
        };

    /// <summary>
    /// A declaration must be the very first thing (XML 1.0 §2.8). When blank lines stand before it, it is blanked too,
    /// so that the parser accepts the
    /// text and still counts lines as the author does; the check reports it.
    /// </summary>
    public static string BlankLateDeclaration(string text)
    {
        if (!HasLateDeclaration(text, out var start))
            return AsFirstVersion(text);
        var end = text.IndexOf("?>", start, StringComparison.Ordinal);
        return end < 0
            ? text
            : text[..start].Replace('\uFEFF', ' ') + new string(' ', end + 2 - start) + text[(end + 2)..];
    }

    // The parser knows one version of XML and stops at another, whose documents it could read but for a few characters.
    private static string AsFirstVersion(string text)
    {
        var head = text.AsSpan(0, Math.Min(text.Length, 100));
        var at = head.StartsWith("<?xml") ? head.IndexOf("1.1") : -1;
        return at > 0 && at < head.IndexOf("?>") ? string.Concat(text.AsSpan(0, at), "1.0", text.AsSpan(at + 3)) : text;
    }

    // A second byte order mark is white space to nobody but looks like none.
    private static readonly SearchValues<char> Blank = SearchValues.Create(" \t\r\n\uFEFF");

    /// <summary>True when white space, or a byte order mark within, stands before the XML declaration.</summary>
    public static bool HasLateDeclaration(string text, out int start)
    {
        start = Math.Max(0, text.AsSpan().IndexOfAnyExcept(Blank));
        return start > 0 && text.AsSpan(start).StartsWith("<?xml");
    }

    /// <summary>The settings with a table of the names that feeds use, for one reader.</summary>
    public static XmlReaderSettings SettingsWithNames()
    {
        var settings = Settings.Clone();
        settings.NameTable = FeedNamespaces.Table();
        return settings;
    }
}

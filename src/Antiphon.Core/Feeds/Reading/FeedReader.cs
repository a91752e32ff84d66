using System.Runtime.InteropServices;
using System.Text.RegularExpressions;
using System.Xml;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Atom;
using Antiphon.Core.Feeds.Reading.Encodings;
using Antiphon.Core.Feeds.Reading.Json;
using Antiphon.Core.Feeds.Reading.Rss;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>
/// Reads any feed. Content problems never throw: what stands before the break is kept and the break is a finding.
/// </summary>
public static partial class FeedReader
{
    private const int MostBefore = 4000;
    private const int PieceLength = 16_384;
    private static readonly string[] Starts = ["<?xml", "<rss", "<feed", "<rdf:RDF"];

    /// <summary>Reads bytes as they were served.</summary>
    public static FeedReadResult Read(ReadOnlyMemory<byte> bytes, FeedReadOptions options) =>
        InPieces(bytes, options) ?? Read(DecodedFeed.From(bytes.Span, options.ContentType).Text, options);

    /// <summary>Reads text.</summary>
    public static FeedReadResult Read(string text, FeedReadOptions options)
    {
        var first = FirstCharacter(text);
        return first switch
        {
            '{' or '[' => JsonFeedReader.Read(text, options),
            '<' when StartsWithPrint(text) && StartOf(text) is var below and > 0 => WithTextBefore(
                text,
                below,
                options
            ),
            '<' => ReadTolerantly(text, options),
            _ when IsWrappedJson(text) => JsonFeedReader.Read(text, options),
            _ when StartOf(text) is var start and >= 0 => WithTextBefore(text, start, options),
            _ => new FeedReadResult(null, null, null, [Finding.At(DocumentRules.NotAFeed, 1, 1)]),
        };
    }

    // A feed in good order needs never stand in memory as one text, twice the size of its bytes; any other does.
    private static FeedReadResult? InPieces(ReadOnlyMemory<byte> bytes, FeedReadOptions options)
    {
        var chosen = ChosenEncoding.For(bytes.Span, options.ContentType);
        var body = bytes[chosen.Skip..];
        var head = chosen.Encoding.GetString(body.Span[..Math.Min(body.Length, MostBefore)]);
        if (!head.StartsWith('<') || StartsWithPrint(head) || FeedXml.BlankLateDeclaration(head) != head)
            return null;
        if (!MemoryMarshal.TryGetArray(body, out var array))
            return null;
        try
        {
            using var stream = new MemoryStream(array.Array!, array.Offset, array.Count, writable: false);
            var read = ReadXml(new StreamReader(stream, chosen.Encoding, false, PieceLength), options);
            return read.Findings.Count == 0 ? read : null;
        }
        catch (XmlException)
        {
            return null;
        }
    }

    /// <summary>What stands before a feed that is XML and does not belong to it; null when nothing does.</summary>
    internal static string? TextBefore(string text) =>
        (FirstCharacter(text) is not ('<' or '{' or '[' or null) || StartsWithPrint(text))
        && StartOf(text) is var start and > 0
            ? text[..start]
            : null;

    // What a program that makes the feed prints above it: a warning, in HTML.
    private static bool StartsWithPrint(string text) => Print().IsMatch(text) && !LooksLikePage(text);

    private static char? FirstCharacter(string text)
    {
        foreach (var c in text)
        {
            if (!char.IsWhiteSpace(c) && c != '\uFEFF')
                return c;
        }

        return null;
    }

    // A comment, or the call of a function, around the document.
    private static bool IsWrappedJson(string text) =>
        text.AsSpan(0, Math.Min(text.Length, MostBefore))
            .Contains("jsonfeed.org/version", StringComparison.OrdinalIgnoreCase)
        && text.Contains('{', StringComparison.Ordinal);

    /// <summary>
    /// Where a feed begins in a text that has something before it, such as a warning of the program that made it; -1
    /// when none does.
    /// </summary>
    private static int StartOf(string text)
    {
        var head = text.AsSpan(0, Math.Min(text.Length, MostBefore));
        foreach (var start in Starts)
        {
            if (head.IndexOf(start, StringComparison.OrdinalIgnoreCase) is var at and >= 0)
                return at;
        }

        return -1;
    }

    // Blanked rather than cut, so that lines are still those of the author.
    private static FeedReadResult WithTextBefore(string text, int start, FeedReadOptions options)
    {
        var blanked = string.Concat(text[..start].Select(c => c is '\n' or '\r' ? c : ' ')) + text[start..];
        var read = ReadTolerantly(blanked, options);
        return read with
        {
            Findings = [Finding.At(DocumentRules.TextBeforeFeed, 1, 1, text[..start].Trim()), .. read.Findings],
        };
    }

    private static FeedReadResult ReadTolerantly(string text, FeedReadOptions options)
    {
        var read = ReadStrictly(text, options);
        var isBroken = read.Findings.Any(finding => finding.Rule == DocumentRules.NotWellFormed);
        if (!isBroken || LooksLikePage(text))
            return read;
        var (mended, mends) = XmlMender.Mend(text);
        if (mends.Count == 0)
            return read;
        var again = ReadStrictly(mended, options);
        // Only what is read better counts: a document that breaks off keeps what stood before.
        if (again.Feed is null || again.Feed.Items.Count < (read.Feed?.Items.Count ?? 0))
            return read;
        // Where everything that broke it has a rule of its own, that it broke says nothing more.
        var isWhole = again.Findings.All(finding => finding.Rule != DocumentRules.NotWellFormed);
        return again with
        {
            Findings = [.. isWhole ? [] : read.Findings, .. mends.Select(MendRules.FindingOf), .. again.Findings],
            Mended = mended,
        };
    }

    private static FeedReadResult ReadStrictly(string text, FeedReadOptions options)
    {
        try
        {
            return ReadXml(new StringReader(FeedXml.BlankLateDeclaration(text)), options);
        }
        catch (XmlException broken)
        {
            return new FeedReadResult(null, null, null, [Broken(text, broken)]);
        }
    }

    // What breaks before the feed has begun is thrown; a later break is a finding.
    private static FeedReadResult ReadXml(TextReader text, FeedReadOptions options)
    {
        using var reader = XmlReader.Create(text, FeedXml.SettingsWithNames());
        reader.MoveToContent();
        var start = RootStart.Of(reader);
        return start.Format is null
            ? new FeedReadResult(null, null, null, [NoFeed(start, reader)])
            : Fill(reader, new Feed(), start, options);
    }

    private static FeedReadResult Fill(XmlReader reader, Feed feed, RootStart start, FeedReadOptions options)
    {
        try
        {
            if (start.Format == FeedFormat.Atom)
                AtomReader.Fill(reader, feed, options.Address);
            else
                RssReader.Fill(reader, feed, options.Address);
            // What stands behind the outermost element may break the document as well.
            while (reader.Read()) { }
            return new FeedReadResult(start.Format, start.Version, feed, []);
        }
        catch (XmlException broken)
        {
            return new FeedReadResult(start.Format, start.Version, feed, [XmlBreak.Report(broken)]);
        }
    }

    private static Finding NoFeed(RootStart start, XmlReader reader)
    {
        var place = (IXmlLineInfo)reader;
        return start.IsPage
            ? Finding.At(DocumentRules.IsAPage, place.LineNumber, place.LinePosition)
            : Finding.At(DocumentRules.UnknownRoot, place.LineNumber, place.LinePosition, start.Name);
    }

    private static Finding Broken(string text, XmlException broken) =>
        LooksLikePage(text) ? Finding.At(DocumentRules.IsAPage, 1, 1) : XmlBreak.Report(broken);

    [GeneratedRegex(@"^\s*<(?:br|b|p|div|span|font|pre|center|table|strong|i|h[1-6])\b", RegexOptions.IgnoreCase)]
    private static partial Regex Print();

    private static bool LooksLikePage(string text)
    {
        var head = text.AsSpan(0, Math.Min(text.Length, 1000));
        return head.Contains("<html", StringComparison.OrdinalIgnoreCase)
            || head.Contains("<!doctype html", StringComparison.OrdinalIgnoreCase);
    }
}

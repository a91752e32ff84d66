using System.Text.RegularExpressions;
using System.Xml;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Atom;
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
    private static readonly string[] Starts = ["<?xml", "<rss", "<feed", "<rdf:RDF"];

    /// <summary>Reads bytes as they were served.</summary>
    public static FeedReadResult Read(ReadOnlySpan<byte> bytes, FeedReadOptions options) =>
        Read(DecodedFeed.From(bytes, options.ContentType).Text, options);

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
            '<' => ReadXml(text, options),
            _ when IsWrappedJson(text) => JsonFeedReader.Read(text, options),
            _ when StartOf(text) is var start and >= 0 => WithTextBefore(text, start, options),
            _ => new FeedReadResult(null, null, null, [Finding.At(DocumentRules.NotAFeed, 1, 1)]),
        };
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
        var read = ReadXml(blanked, options);
        return read with
        {
            Findings = [Finding.At(DocumentRules.TextBeforeFeed, 1, 1, text[..start].Trim()), .. read.Findings],
        };
    }

    private static FeedReadResult ReadXml(string text, FeedReadOptions options)
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
        var start = new RootStart();
        try
        {
            using var reader = XmlReader.Create(
                new StringReader(FeedXml.BlankLateDeclaration(text)),
                FeedXml.SettingsWithNames()
            );
            reader.MoveToContent();
            start = RootStart.Of(reader);
            if (start.Format is null)
                return new FeedReadResult(null, null, null, [NoFeed(start, reader)]);
            var feed = new Feed();
            return Fill(reader, feed, start, options);
        }
        catch (XmlException broken)
        {
            return new FeedReadResult(null, null, null, [Broken(text, broken)]);
        }
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

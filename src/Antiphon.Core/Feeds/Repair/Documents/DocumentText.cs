using System.Text;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking.Examining.Documents;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair.Documents;

/// <summary>
/// Puts a document right as text, before it is read: what it says of its encoding, characters taken for others, entities
/// of its own.
/// </summary>
internal static partial class DocumentText
{
    private const int MostEntities = 100;

    /// <summary>The text put right.</summary>
    /// <param name="decoded">The document, as it was decoded.</param>
    /// <param name="format">What it is.</param>
    /// <param name="changes">Takes what was done.</param>
    public static string Repaired(DecodedFeed decoded, FeedFormat format, List<RepairChange> changes)
    {
        // Bytes that are no characters were read as signs for what is lost; nobody knows what it was.
        var text = Characters(
            decoded.Broken is null
                ? decoded.Text
                : decoded.Text.Replace("\uFFFD", string.Empty, StringComparison.Ordinal),
            changes
        );
        if (format == FeedFormat.JsonFeed)
        {
            if (decoded.Broken is not null)
                changes.Add(
                    new RepairChange(null, EncodingRules.InvalidBytes.Id, "Left out bytes that are no characters")
                );
            if (decoded.Marked is not null || decoded.Encoding != "utf-8")
                changes.Add(
                    new RepairChange(
                        1,
                        (decoded.Encoding == "utf-8" ? EncodingRules.JsonMark : EncodingRules.JsonEncoding).Id,
                        "Wrote the feed in UTF-8, without a byte order mark"
                    )
                );
            return text;
        }

        if (FeedReader.TextBefore(text) is { Length: > 0 } before)
        {
            changes.Add(new RepairChange(1, DocumentRules.TextBeforeFeed.Id, "Left out what stood before the feed"));
            text = text[before.Length..];
        }

        if (FeedXml.HasLateDeclaration(text, out var start))
        {
            changes.Add(
                new RepairChange(
                    1,
                    DocumentRules.TextBeforeDeclaration.Id,
                    "Left out what stood before the declaration"
                )
            );
            text = text[start..];
        }

        if (Encoding(decoded) is { } rule)
            changes.Add(new RepairChange(1, rule, "Wrote the feed in UTF-8 and said so"));
        return Entities(Version(text, changes), changes);
    }

    private static string? Encoding(DecodedFeed decoded) =>
        decoded.IsMislabelled ? DocumentRules.EncodingWrong.Id
        : decoded.Broken is not null ? EncodingRules.InvalidBytes.Id
        : TransportExaminer.Declaration(decoded)?.Rule.Id
            ?? (decoded.HasWindowsCharacters ? EncodingRules.WindowsBytes.Id : null);

    private static string Characters(string text, List<RepairChange> changes)
    {
        var right = Controls().Replace(text, match => Windows((byte)match.Value[0]));
        right = Nobodys().Replace(right, string.Empty);
        if (right != text)
            changes.Add(
                new RepairChange(
                    null,
                    EncodingRules.Discouraged.Id,
                    "Wrote characters nobody can show as what they were meant to be, or left them out"
                )
            );
        var unmarked =
            right.Length > 1
                ? right[..1] + right[1..].Replace("\uFEFF", string.Empty, StringComparison.Ordinal)
                : right;
        if (unmarked != right)
            changes.Add(
                new RepairChange(null, EncodingRules.MarkInside.Id, "Left out a byte order mark within the text")
            );
        var clear = CharacterExaminer.Garbled().Replace(unmarked, Cleared);
        if (clear != unmarked)
            changes.Add(
                new RepairChange(
                    null,
                    EncodingRules.Garbled.Id,
                    "Read text again that had been read in the wrong encoding"
                )
            );
        return clear;
    }

    private static string Windows(byte value)
    {
        var character = System.Text.Encoding.GetEncoding("windows-1252").GetString([value]);
        return character[0] is >= '\u0080' and <= '\u009F' ? string.Empty : character;
    }

    private static string Cleared(Match run)
    {
        var windows = System.Text.Encoding.GetEncoding(
            "windows-1252",
            EncoderFallback.ExceptionFallback,
            DecoderFallback.ReplacementFallback
        );
        var strict = new UTF8Encoding(false, throwOnInvalidBytes: true);
        try
        {
            return strict.GetString(windows.GetBytes(run.Value));
        }
        catch (ArgumentException)
        {
            // Not all of it came that way, so nobody knows what did.
            return run.Value;
        }
    }

    private static string Version(string text, List<RepairChange> changes)
    {
        var version = PrologExaminer.Version().Match(text);
        if (!version.Success || version.Groups[1].Value == "1.0")
            return text;
        changes.Add(new RepairChange(1, EncodingRules.Version.Id, "Said that it is XML 1.0"));
        return text.Remove(version.Groups[1].Index, version.Groups[1].Length).Insert(version.Groups[1].Index, "1.0");
    }

    // Entities that are plain text are written as it; the others are left out with the document type.
    private static string Entities(string text, List<RepairChange> changes)
    {
        var doctype = Doctype().Match(text);
        if (!doctype.Success || !doctype.Value.Contains("<!ENTITY", StringComparison.Ordinal))
            return text;
        var right = text.Remove(doctype.Index, doctype.Length);
        var isPlain = true;
        foreach (var entity in PrologExaminer.Entity().Matches(doctype.Value).Take(MostEntities))
        {
            var value = entity.Groups["value"];
            isPlain &= value.Success && value.Value.AsSpan().IndexOfAny('&', '%', '<') < 0;
            if (isPlain && value.Length < 200)
                right = right.Replace($"&{entity.Groups["name"].Value};", value.Value, StringComparison.Ordinal);
        }

        var rule =
            isPlain ? EncodingRules.EntityDefined
            : doctype.Value.Contains("SYSTEM", StringComparison.Ordinal) ? EncodingRules.EntityExternal
            : EncodingRules.EntityNested;
        changes.Add(
            new RepairChange(
                null,
                rule.Id,
                isPlain ? "Wrote the document's own entities as their text" : "Left out the document's own entities"
            )
        );
        return right;
    }

    [GeneratedRegex("[\u0080-\u0084\u0086-\u009F]")]
    private static partial Regex Controls();

    [GeneratedRegex("[\uFDD0-\uFDEF\u007F]")]
    private static partial Regex Nobodys();

    [GeneratedRegex(@"<!DOCTYPE[^\[>]*(?:\[[^\]]*\]\s*)?>", RegexOptions.IgnoreCase)]
    private static partial Regex Doctype();
}

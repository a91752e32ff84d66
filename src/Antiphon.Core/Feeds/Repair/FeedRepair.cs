using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Repair.Documents;
using Antiphon.Core.Feeds.Repair.Formats;
using Antiphon.Core.Feeds.Repair.Json;
using Antiphon.Core.Feeds.Repair.Xml;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>
/// Corrects feeds. Nothing an author wrote is lost: what cannot be corrected without guessing stays, and stays a
/// finding.
/// </summary>
public static class FeedRepair
{
    private const int MostPasses = 4;
    private const int MostRounds = 4;

    /// <summary>Repairs bytes as they were served. Repairing what was repaired changes nothing.</summary>
    public static RepairResult Run(ReadOnlySpan<byte> bytes, FeedCheckOptions options)
    {
        var before = FeedCheck.Run(bytes, options);
        var changes = new List<RepairChange>();
        var decoded = DecodedFeed.From(bytes, options.ContentType);
        if (Repaired(decoded, before, options, changes) is not { } text)
            return new RepairResult(null, [], before, before.Findings);
        if (changes.Count == 0)
            return new RepairResult(text, [], before, before.Findings) { Bytes = bytes.ToArray() };
        var after = FeedCheck.Run(System.Text.Encoding.UTF8.GetBytes(text), options with { ContentType = null });
        return new RepairResult(text, [.. changes.OrderBy(change => change.Line ?? 0)], before, after.Findings)
        {
            Bytes = System.Text.Encoding.UTF8.GetBytes(text),
        };
    }

    private static string? Repaired(
        DecodedFeed decoded,
        FeedCheckResult before,
        FeedCheckOptions options,
        List<RepairChange> changes
    )
    {
        if (before.Format is not { } format)
            return null;
        // How it is served is not the document's doing.
        if (before.Findings.All(finding => finding.Rule.Id.StartsWith("http-", StringComparison.Ordinal)))
            return before.Source;
        try
        {
            var text = DocumentText.Repaired(decoded, format, changes);
            var repaired = Once(text, format, options, changes);
            // What was written may be read otherwise than what was meant, where a document was badly broken.
            for (var round = 1; round < MostRounds && repaired is not null && changes.Count > 0; round++)
            {
                var count = changes.Count;
                var again = Once(repaired, format, options, changes);
                if (changes.Count == count)
                    break;
                repaired = again ?? repaired;
            }

            // A document that needed nothing is given back as it was, to the letter.
            return changes.Count == 0 ? before.Source : repaired;
        }
        catch (Exception unwritable) when (unwritable is ArgumentException or XmlException)
        {
            // Names that may be read but not written, such as an element in the namespace of declarations: left to the
            // author.
            return null;
        }
    }

    private static string? Once(string text, FeedFormat format, FeedCheckOptions options, List<RepairChange> changes) =>
        format == FeedFormat.JsonFeed ? JsonRepair.Run(text, options, changes) : Xml(text, format, options, changes);

    private static string? Xml(string text, FeedFormat format, FeedCheckOptions options, List<RepairChange> changes)
    {
        var (mended, mends) = XmlMender.Mend(text);
        if (Parse(mended) is not { Root: not null } document)
            return null;
        changes.AddRange(
            mends
                .Select(mend => MendRules.FindingOf(mend))
                .Select(finding => new RepairChange(finding.Line, finding.Rule.Id, RepairWords.Mended(finding)))
        );
        if (mends.Count == 0 && XmlSource.Parse(text).Break is { } broken)
            changes.Add(
                new RepairChange(
                    broken.LineNumber,
                    DocumentRules.NotWellFormed.Id,
                    "Wrote the document as well-formed XML"
                )
            );
        // What one step puts right may let another be seen; a document is right when a pass finds nothing to do.
        for (var pass = 0; pass < MostPasses; pass++)
        {
            var count = changes.Count;
            var work = new RepairWork(document, options, changes);
            NamespaceRepair.Run(work);
            switch (format)
            {
                case FeedFormat.Atom:
                    new AtomRepair(work).Run();
                    break;
                case FeedFormat.Rdf:
                    new RdfRepair(work).Run();
                    break;
                default:
                    new RssRepair(work).Run();
                    break;
            }

            ModuleRepair.Run(work);
            if (changes.Count == count)
                SetAside.Run(work, format);
            if (changes.Count == count)
                break;
        }

        return RepairedXml.Written(document);
    }

    private static XDocument? Parse(string text)
    {
        // Deeper than any author goes; the tree would take hours to write.
        if (XmlSource.Parse(text).Break is not null)
            return null;
        try
        {
            using var reader = XmlReader.Create(
                new StringReader(text),
                new XmlReaderSettings { DtdProcessing = DtdProcessing.Ignore, XmlResolver = null }
            );
            return XDocument.Load(reader, LoadOptions.PreserveWhitespace | LoadOptions.SetLineInfo);
        }
        catch (XmlException)
        {
            return null;
        }
    }
}

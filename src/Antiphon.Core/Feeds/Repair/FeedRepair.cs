using System.Xml;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Repair;

/// <summary>
/// Corrects feeds. Nothing an author wrote is lost: what cannot be corrected without guessing stays, and stays a
/// finding.
/// </summary>
public static class FeedRepair
{
    /// <summary>Repairs bytes as they were served. Repairing what was repaired changes nothing.</summary>
    public static RepairResult Run(ReadOnlySpan<byte> bytes, FeedCheckOptions options)
    {
        var before = FeedCheck.Run(bytes, options);
        var changes = new List<RepairChange>();
        if (Repaired(before, options, changes) is not { } text)
            return new RepairResult(null, [], before, before.Findings);
        var after = FeedCheck.Run(System.Text.Encoding.UTF8.GetBytes(text), options with { ContentType = null });
        return new RepairResult(text, [.. changes.OrderBy(change => change.Line ?? 0)], before, after.Findings);
    }

    private static string? Repaired(FeedCheckResult before, FeedCheckOptions options, List<RepairChange> changes)
    {
        try
        {
            return before.Format switch
            {
                null => null,
                FeedFormat.JsonFeed => JsonRepair.Run(before.Source, options, changes),
                _ => Xml(before, options, changes),
            };
        }
        catch (ArgumentException)
        {
            // Names that may be read but not written, such as an element in the namespace of declarations: left to the
            // author.
            return null;
        }
    }

    private static string? Xml(FeedCheckResult before, FeedCheckOptions options, List<RepairChange> changes)
    {
        var (mended, mends) = XmlMender.Mend(before.Source);
        if (Parse(mended) is not { Root: not null } document)
            return null;
        changes.AddRange(
            mends
                .Select(mend => MendRules.FindingOf(mend))
                .Select(finding => new RepairChange(finding.Line, finding.Rule.Id, RepairWords.Mended(finding)))
        );
        var work = new RepairWork(document, options, changes);
        if (before.Format == FeedFormat.Atom)
            new AtomRepair(work).Run();
        else
            new RssRepair(work, before.Format == FeedFormat.Rdf).Run();
        // A document that needed nothing is given back as it was, to the letter.
        return changes.Count == 0 ? before.Source : RepairedXml.Written(document);
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

using Antiphon.Core.Feeds.Checking.Examining;
using Antiphon.Core.Feeds.Checking.Examining.Formats;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>Checks a feed against every rule. Content never makes it throw.</summary>
public static class FeedCheck
{
    /// <summary>Checks bytes as they were served.</summary>
    public static FeedCheckResult Run(ReadOnlySpan<byte> bytes, FeedCheckOptions options)
    {
        var decoded = DecodedFeed.From(bytes, options.ContentType);
        var examination = new Examination(options.Now);
        if (string.IsNullOrWhiteSpace(decoded.Text))
        {
            return new FeedCheckResult(
                Verdict.NotAFeed,
                null,
                null,
                [Finding.At(DocumentRules.Empty, 1, 1)],
                null,
                decoded.Text
            );
        }

        var read = FeedReader.Read(decoded.Text, new FeedReadOptions(options.ContentType, options.Address));
        foreach (var finding in read.Findings)
            examination.Report(finding);
        if (read.Format is { } format)
        {
            TransportExaminer.Examine(examination, format, decoded, options.ContentType);
            if (options.Served is { } served)
                ServedExaminer.Examine(examination, served, bytes.Length, read.Feed);
            if (format == FeedFormat.JsonFeed)
                ExamineJson(examination, decoded.Text, read.Feed, options);
            else
                ExamineXml(examination, format, decoded.Text, read, options);
        }

        var findings = examination
            .Findings.OrderBy(finding => finding.Rule.Severity)
            .ThenBy(finding => finding.Line ?? 0)
            .ThenBy(finding => finding.Column ?? 0)
            .ToList();
        return new FeedCheckResult(
            Judge(read.Format, findings),
            read.Format,
            read.Version,
            findings,
            read.Feed,
            decoded.Text
        );
    }

    private static void ExamineJson(Examination examination, string text, Feed? feed, FeedCheckOptions options)
    {
        var root = JsonSource.Parse(text).Root;
        if (feed is not null)
            new ContentExaminer(examination, EntryPlaces.Of(root)).Examine(feed, options.Address, text.Length);
        if (root is null)
            return;
        new JsonExaminer(examination).Examine(root);
        new JsonDetailExaminer(examination).Examine(root);
    }

    private static void ExamineXml(
        Examination examination,
        FeedFormat format,
        string text,
        FeedReadResult read,
        FeedCheckOptions options
    )
    {
        if (FeedXml.HasLateDeclaration(text, out _))
            examination.Report(Finding.At(DocumentRules.TextBeforeDeclaration, 1, 1));
        var doctype = text.AsSpan(0, Math.Min(text.Length, 2000))
            .IndexOf("<!DOCTYPE", StringComparison.OrdinalIgnoreCase);
        if (doctype >= 0)
            ReportDoctype(examination, text, doctype);
        var (root, _) = XmlSource.Parse(read.Mended ?? text);
        if (read.Feed is not null)
            new ContentExaminer(examination, EntryPlaces.Of(root)).Examine(read.Feed, options.Address, text.Length);
        if (root is null)
            return;
        new ModuleExaminer(examination).Examine(root);
        ExaminePaging(examination, root);
        if (format == FeedFormat.Atom)
            ExamineAtom(examination, root);
        else
        {
            new RssExaminer(examination).Examine(root);
            new RssDetailExaminer(examination).Examine(root);
        }
    }

    // Older versions have other elements; that they are old is all there is to say.
    private static void ExamineAtom(Examination examination, SourceElement root)
    {
        if (FeedNamespaces.Meant(root.Namespace) == FeedNamespaces.Atom03)
        {
            examination.Report(AtomDetailRules.VersionOutdated, root, root.Attribute("version") ?? "0.3");
            return;
        }

        new AtomExaminer(examination).Examine(root);
        new AtomDetailExaminer(examination).Examine(root);
    }

    // Pages are linked alike in every format that is XML (RFC 5005 §3).
    private static void ExaminePaging(Examination examination, SourceElement root)
    {
        foreach (var top in root.Own("channel").Prepend(root))
        {
            var links = top.Of(FeedNamespaces.Atom, "link").ToLookup(link => link.Attribute("rel"));
            foreach (
                var next in links["next"]
                    .Where(next => links["self"].Any(self => self.Attribute("href") == next.Attribute("href")))
            )
                examination.Report(ContentRules.PagingLoop, next);
        }
    }

    private static void ReportDoctype(Examination examination, string text, int at)
    {
        var before = text.AsSpan(0, at);
        examination.Report(Finding.At(DocumentRules.HasDoctype, before.Count('\n') + 1, at - before.LastIndexOf('\n')));
    }

    private static Verdict Judge(FeedFormat? format, IReadOnlyList<Finding> findings)
    {
        if (format is null)
            return Verdict.NotAFeed;
        if (findings.Any(finding => finding.Rule.Severity == Severity.Error))
            return Verdict.Invalid;
        return findings.Any(finding => finding.Rule.Severity == Severity.Warning)
            ? Verdict.ValidWithWarnings
            : Verdict.Valid;
    }
}

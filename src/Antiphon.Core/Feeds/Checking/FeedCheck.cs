using Antiphon.Core.Feeds.Checking.Examining;
using Antiphon.Core.Feeds.Checking.Examining.Documents;
using Antiphon.Core.Feeds.Checking.Examining.Formats;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Rules.Atom;
using Antiphon.Core.Feeds.Rules.Documents;
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
        var examination = new Examination(options.Now, IsAtHome(options.Address, read.Feed));
        foreach (var finding in read.Findings)
            examination.Report(finding);
        if (read.Format is { } format)
        {
            TransportExaminer.Examine(examination, format, decoded, options.ContentType);
            CharacterExaminer.Examine(examination, decoded);
            if (options.Served is { } served)
                ServedExaminer.Examine(examination, served, bytes.Length, read.Feed);
            if (format == FeedFormat.JsonFeed)
                ExamineJson(examination, decoded.Text, read, options);
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

    private static bool IsAtHome(Uri? address, Feed? feed) =>
        AddressForm.IsAtHome(address)
        || (Uri.TryCreate(feed?.FeedLink ?? feed?.Link, UriKind.Absolute, out var own) && AddressForm.IsAtHome(own));

    private static void ExamineJson(Examination examination, string text, FeedReadResult read, FeedCheckOptions options)
    {
        var root = JsonSource.Parse(read.Mended ?? text).Root;
        if (read.Feed is { } feed)
            new ContentExaminer(examination, EntryPlaces.Of(root)).Examine(feed, options.Address, text.Length);
        if (root is null)
            return;
        JsonEscapeExaminer.Examine(examination, text);
        new JsonExaminer(examination).Examine(root);
    }

    private static void ExamineXml(
        Examination examination,
        FeedFormat format,
        string text,
        FeedReadResult read,
        FeedCheckOptions options
    )
    {
        PrologExaminer.Examine(examination, text);
        var (root, _) = XmlSource.Parse(read.Mended ?? text);
        if (read.Feed is not null)
            new ContentExaminer(examination, EntryPlaces.Of(root)).Examine(read.Feed, options.Address, text.Length);
        if (root is null)
            return;
        new ModuleExaminer(examination).Examine(root);
        switch (format)
        {
            case FeedFormat.Atom:
                ExamineAtom(examination, root);
                break;
            case FeedFormat.Rdf:
                new RdfExaminer(examination).Examine(root);
                break;
            default:
                new RssExaminer(examination).Examine(root);
                break;
        }

        foreach (var channel in root.Own("channel"))
            HistoryExaminer.Examine(examination, channel);
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

using System.Globalization;
using System.Xml.Linq;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>
/// A report as build servers read results of tests, in the XML that JUnit began: a feed is a suite, a rule it breaks a
/// test that failed. What is no error is told beside the tests.
/// </summary>
public static class JunitReport
{
    /// <summary>The document.</summary>
    public static string Of(IReadOnlyList<CheckedFeed> feeds) =>
        new XDocument(new XElement("testsuites", feeds.Select(Suite))).ToString() + "\n";

    private static XElement Suite(CheckedFeed feed)
    {
        var errors = Slip.In(feed.Findings.Where(finding => finding.Rule.Severity == Severity.Error));
        var rest = feed.Findings.Where(finding => finding.Rule.Severity != Severity.Error).ToList();
        return new XElement(
            "testsuite",
            new XAttribute("name", Clean(feed.Name)),
            new XAttribute("tests", Math.Max(1, errors.Count)),
            new XAttribute("failures", errors.Count),
            new XAttribute("errors", feed.Problem is null ? 0 : 1),
            feed.Problem is { } problem ? Unread(feed, problem)
                : errors.Count == 0 ? Test(feed, "valid")
                : errors.Select(slip => Failed(feed, slip)),
            rest.Count == 0 ? null : new XElement("system-out", Clean(string.Join('\n', rest.Select(Line))))
        );
    }

    private static XElement Test(CheckedFeed feed, string name) =>
        new("testcase", new XAttribute("classname", Clean(feed.Name)), new XAttribute("name", name));

    private static XElement Unread(CheckedFeed feed, string problem)
    {
        var test = Test(feed, "readable");
        test.Add(new XElement("error", new XAttribute("message", Clean(problem))));
        return test;
    }

    private static XElement Failed(CheckedFeed feed, Slip slip)
    {
        var test = Test(feed, slip.Rule.Id);
        test.Add(
            new XElement(
                "failure",
                new XAttribute("message", Clean(slip.Findings[0].Message)),
                new XAttribute("type", "error"),
                Clean(string.Join('\n', slip.Findings.Select(Line)))
            )
        );
        return test;
    }

    private static string Line(Finding finding) =>
        $"{(finding.Line is { } line ? line.ToString(CultureInfo.InvariantCulture) + ":" + finding.Column : "-")} {finding.Rule.Id}: {finding.Message}. {finding.Fix} ({finding.Rule.Reference})";

    private static string Clean(string text) => XmlSafe.Clean(text);
}

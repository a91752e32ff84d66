using System.Globalization;
using System.Net;
using System.Text;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>A report for people, as one page that needs nothing beside it: to send on, to print, to keep.</summary>
public static class HtmlReport
{
    private const string Style =
        "body{font:16px/1.5 system-ui,sans-serif;color:#1c2321;background:#fffdf8;margin:2rem auto;max-width:60rem;padding:0 1rem}"
        + "h1{font-size:1.6rem}h2{font-size:1.15rem;margin-top:2.4rem;border-top:1px solid #d9d2c3;padding-top:1rem;overflow-wrap:anywhere}"
        + "h3{font-size:1rem;margin:1.2rem 0 .3rem}table{border-collapse:collapse;width:100%}"
        + "th,td{text-align:left;padding:.35rem .8rem .35rem 0;border-bottom:1px solid #d9d2c3;vertical-align:top;overflow-wrap:anywhere}"
        + ".n{text-align:right;white-space:nowrap}li{margin:.5rem 0}small{color:#57605d;display:block}code{font-size:.9em}";

    /// <summary>The page.</summary>
    /// <param name="feeds">The feeds.</param>
    /// <param name="words">What the page says beside the findings.</param>
    /// <param name="texts">What the rules say, in the same language.</param>
    public static string Of(IReadOnlyList<CheckedFeed> feeds, ReportWords words, RuleTexts texts)
    {
        var page = new StringBuilder();
        page.Append(
            CultureInfo.InvariantCulture,
            $"<!doctype html>\n<html lang=\"{words.Language}\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width\"><title>{Text(words.Title)}</title><style>{Style}</style></head><body>\n<h1>{Text(words.Title)}</h1>\n"
        );
        if (feeds.Count > 1)
            WriteTable(page, feeds, words);
        foreach (var (feed, number) in feeds.Select((feed, number) => (feed, number)))
            WriteFeed(page, feed, number, words, texts);
        return page.Append("</body></html>\n").ToString();
    }

    private static void WriteTable(StringBuilder page, IReadOnlyList<CheckedFeed> feeds, ReportWords words)
    {
        var heads = Enum.GetValues<Severity>().Select(severity => $"<th class=\"n\">{Text(words.Of(severity))}</th>");
        page.Append(
            CultureInfo.InvariantCulture,
            $"<table><thead><tr><th>{Text(words.Feed)}</th><th>{Text(words.Result)}</th>{string.Concat(heads)}</tr></thead><tbody>\n"
        );
        foreach (var (feed, number) in feeds.Select((feed, number) => (feed, number)))
        {
            var (errors, warnings, advice) = SeverityCounts.Of(feed.Findings);
            int[] counts = [errors, warnings, advice];
            page.Append(
                CultureInfo.InvariantCulture,
                $"<tr><td><a href=\"#feed-{number}\">{Text(feed.Name)}</a></td><td>{Text(words.Of(feed.Verdict))}</td>{string.Concat(counts.Select(count => $"<td class=\"n\">{count}</td>"))}</tr>\n"
            );
        }

        page.Append("</tbody></table>\n");
    }

    private static void WriteFeed(StringBuilder page, CheckedFeed feed, int number, ReportWords words, RuleTexts texts)
    {
        page.Append(
            CultureInfo.InvariantCulture,
            $"<section id=\"feed-{number}\"><h2>{Text(feed.Name)}</h2>\n<p>{Text(feed.Problem ?? words.Of(feed.Verdict))}</p>\n"
        );
        if (feed.Problem is null && feed.Findings.Count == 0)
            page.Append(CultureInfo.InvariantCulture, $"<p>{Text(words.Nothing)}</p>\n");
        foreach (var severity in feed.Findings.GroupBy(finding => finding.Rule.Severity).OrderBy(group => group.Key))
        {
            page.Append(CultureInfo.InvariantCulture, $"<h3>{Text(words.Of(severity.Key))}</h3>\n<ul>\n");
            foreach (var slip in Slip.In(severity))
                WriteRule(page, slip.Findings, words, texts);
            page.Append("</ul>\n");
        }

        page.Append("</section>\n");
    }

    private static void WriteRule(
        StringBuilder page,
        IReadOnlyList<Finding> findings,
        ReportWords words,
        RuleTexts texts
    )
    {
        var (message, fix) = texts.Of(findings[0]);
        page.Append(CultureInfo.InvariantCulture, $"<li><b>{Text(message)}</b> {Text(fix)}<small>");
        var places = findings
            .Where(finding => finding.Line is not null)
            .Select(finding =>
                string.Create(CultureInfo.InvariantCulture, $"{words.Line} {finding.Line}:{finding.Column}")
            );
        string[] notes =
        [
            string.Join(", ", places),
            findings[0].Rule.Reference,
            findings[0].Rule.ReadersCope ? words.Cope : string.Empty,
        ];
        page.AppendJoin(" · ", notes.Where(note => note.Length > 0).Select(Text)).Append("</small></li>\n");
    }

    private static string Text(string text) => WebUtility.HtmlEncode(text);
}

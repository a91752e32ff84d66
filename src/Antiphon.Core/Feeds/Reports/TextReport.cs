using System.Globalization;
using System.Text;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>A report for people at a terminal: a line for each finding, as compilers write them.</summary>
public static class TextReport
{
    /// <summary>The lines of all feeds, each feed with its verdict at the end.</summary>
    public static string Of(IReadOnlyList<CheckedFeed> feeds)
    {
        var text = new StringBuilder();
        foreach (var feed in feeds)
        {
            foreach (var finding in feed.Findings)
            {
                var place = finding.Line is { } line ? $":{line}:{finding.Column}" : string.Empty;
                text.Append(
                    CultureInfo.InvariantCulture,
                    $"{feed.Name}{place}: {finding.Rule.Severity.ToString().ToLowerInvariant()} {finding.Rule.Id}: {finding.Message}. {finding.Fix} ({finding.Rule.Reference})\n"
                );
            }

            text.Append(CultureInfo.InvariantCulture, $"{feed.Name}: {feed.Problem ?? feed.Verdict.ToString()}\n");
        }

        return text.ToString();
    }
}

using System.Text;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>The page of the guide that lists every rule, made from the rules themselves.</summary>
public static class RulePage
{
    /// <summary>Markdown, errors first, then by id.</summary>
    public static string Of(IReadOnlyList<CheckRule> rules)
    {
        var page = new StringBuilder();
        page.Append(
            "# Rules of the feed check\n\nMade from the rules themselves; `{0}` stands for the offending value. A rule is as grave as its clause is strict: what must be is an error, what should be a warning, what is allowed and yet unwise advice. “Readers cope” stands behind rules whose breach most feed readers get over. What each standard says, and which rules look at it: [the clauses](feed-conformance.md).\n"
        );
        foreach (var group in rules.GroupBy(rule => rule.Severity).OrderBy(group => group.Key))
        {
            page.Append(
                System.Globalization.CultureInfo.InvariantCulture,
                $"\n## {Title(group.Key)}: {group.Count()}\n\n| rule | what is wrong | what to do | standard |\n|---|---|---|---|\n"
            );
            foreach (var rule in group.OrderBy(rule => rule.Id, StringComparer.Ordinal))
                page.Append("| `")
                    .Append(rule.Id)
                    .Append("` | ")
                    .Append(Cell(rule.Message))
                    .Append(" | ")
                    .Append(Cell(rule.Fix))
                    .Append(" | ")
                    .Append(Cell(rule.Reference))
                    .Append(rule.ReadersCope ? "; readers cope" : string.Empty)
                    .Append(" |\n");
        }

        return page.ToString();
    }

    private static string Title(Severity severity) =>
        severity switch
        {
            Severity.Error => "Errors",
            Severity.Warning => "Warnings",
            _ => "Advice",
        };

    private static string Cell(string text) =>
        text.Replace("|", "\\|", StringComparison.Ordinal).Replace("<", "&lt;", StringComparison.Ordinal);
}

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
            "# Rules of the feed check\n\nMade from the rules themselves; `{0}` stands for the offending value. Errors break readers, warnings lose something or trouble some readers, advice is advice.\n"
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

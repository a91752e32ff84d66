using System.Globalization;
using System.Text;

namespace Antiphon.Core.Feeds.Clauses;

/// <summary>The page of the guide that lists every clause with the rules that look at it, made from the map itself.</summary>
public static class ConformancePage
{
    /// <summary>Markdown, standard by standard.</summary>
    /// <param name="maps">The standards.</param>
    /// <param name="cases">How many cases each rule has that make it speak.</param>
    public static string Of(IReadOnlyList<ClauseMap> maps, IReadOnlyDictionary<string, int> cases)
    {
        var clauses = maps.Sum(map => map.Clauses.Count);
        var unseen = maps.Sum(map => map.Clauses.Count(clause => clause.Reason is not null));
        var page = new StringBuilder();
        page.Append("# What the feed check looks at\n\n");
        page.Append(
            CultureInfo.InvariantCulture,
            $"Made from the map of clauses: {clauses} clauses of {maps.Count} standards, of which {clauses - unseen} have rules and {unseen} say why none can see them. A broken “must” is an error, a broken “should” a warning, what is allowed and unwise advice. The number behind a rule is that of its test cases; the rules themselves are on [their own page](feed-rules.md).\n"
        );
        foreach (var map in maps)
        {
            page.Append(
                CultureInfo.InvariantCulture,
                $"\n## {map.Standard}\n\n| clause | force | what it says | rules |\n|---|---|---|---|\n"
            );
            foreach (var clause in map.Clauses)
                page.Append(
                    CultureInfo.InvariantCulture,
                    $"| {Cell(clause.Section)} | {clause.Force.ToString().ToLowerInvariant()} | {Cell(clause.Text)} | {Rules(clause, cases)} |\n"
                );
        }

        return page.ToString();
    }

    private static string Rules(Clause clause, IReadOnlyDictionary<string, int> cases) =>
        clause.Reason is { } reason
            ? $"none: {Cell(reason)}"
            : string.Join(
                ", ",
                clause.Rules.Select(rule =>
                    $"`{rule}` ({cases.GetValueOrDefault(rule).ToString(CultureInfo.InvariantCulture)})"
                )
            );

    private static string Cell(string text) =>
        text.Replace("|", "\\|", StringComparison.Ordinal).Replace("<", "&lt;", StringComparison.Ordinal);
}

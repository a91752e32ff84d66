using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>A report in the Static Analysis Results Interchange Format (SARIF 2.1.0).</summary>
public static class SarifReport
{
    private static readonly JsonSerializerOptions Indented = new()
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>The document, with the rules that were broken and every place.</summary>
    public static string Of(IReadOnlyList<CheckedFeed> feeds)
    {
        var rules = feeds
            .SelectMany(feed => feed.Findings)
            .Select(finding => finding.Rule)
            .DistinctBy(rule => rule.Id)
            .OrderBy(rule => rule.Id, StringComparer.Ordinal)
            .ToList();
        var numbers = rules
            .Select((rule, number) => (rule.Id, number))
            .ToDictionary(rule => rule.Id, rule => rule.number);
        var run = new JsonObject
        {
            ["tool"] = new JsonObject
            {
                ["driver"] = new JsonObject
                {
                    ["name"] = "Antiphon feed check",
                    ["rules"] = new JsonArray([.. rules.Select(RuleOf)]),
                },
            },
            ["invocations"] = new JsonArray(InvocationOf(feeds)),
            ["columnKind"] = "utf16CodeUnits",
            ["results"] = new JsonArray([
                .. feeds.SelectMany(feed => feed.Findings.Select(finding => ResultOf(feed, finding, numbers))),
            ]),
        };
        var document = new JsonObject
        {
            ["$schema"] = "https://json.schemastore.org/sarif-2.1.0.json",
            ["version"] = "2.1.0",
            ["runs"] = new JsonArray(run),
        };
        return document.ToJsonString(Indented) + "\n";
    }

    // A feed that could not be read is no result, but the run did not see everything (§3.20.14, §3.20.21).
    private static JsonNode InvocationOf(IReadOnlyList<CheckedFeed> feeds) =>
        new JsonObject
        {
            ["executionSuccessful"] = feeds.All(feed => feed.Problem is null),
            ["toolExecutionNotifications"] = new JsonArray([
                .. feeds
                    .Where(feed => feed.Problem is not null)
                    .Select(feed => new JsonObject
                    {
                        ["level"] = "error",
                        ["message"] = new JsonObject { ["text"] = $"{feed.Name}: {feed.Problem}" },
                    }),
            ]),
        };

    private static JsonNode RuleOf(CheckRule rule) =>
        new JsonObject
        {
            ["id"] = rule.Id,
            ["shortDescription"] = new JsonObject { ["text"] = rule.Message },
            ["help"] = new JsonObject { ["text"] = $"{rule.Fix} ({rule.Reference})" },
            ["defaultConfiguration"] = new JsonObject { ["level"] = LevelOf(rule.Severity) },
            ["properties"] = new JsonObject { ["readersCope"] = rule.ReadersCope },
        };

    private static JsonNode ResultOf(CheckedFeed feed, Finding finding, Dictionary<string, int> numbers)
    {
        var place = new JsonObject { ["artifactLocation"] = new JsonObject { ["uri"] = UriOf(feed.Name) } };
        if (finding.Line is { } line)
            place["region"] = new JsonObject { ["startLine"] = line, ["startColumn"] = finding.Column ?? 1 };
        var location = new JsonObject { ["physicalLocation"] = place };
        if (finding.Path is { } path)
            location["logicalLocations"] = new JsonArray(new JsonObject { ["fullyQualifiedName"] = path });
        return new JsonObject
        {
            ["ruleId"] = finding.Rule.Id,
            ["ruleIndex"] = numbers[finding.Rule.Id],
            ["level"] = LevelOf(finding.Rule.Severity),
            ["message"] = new JsonObject { ["text"] = $"{finding.Message}. {finding.Fix}" },
            ["locations"] = new JsonArray(location),
        };
    }

    // Files are named relative to where the command runs, with the slashes of addresses (§3.4.3).
    private static string UriOf(string name) =>
        name.Contains("://", StringComparison.Ordinal)
            ? name
            : string.Join('/', name.Replace('\\', '/').Split('/').Select(Uri.EscapeDataString));

    private static string LevelOf(Severity severity) =>
        severity switch
        {
            Severity.Error => "error",
            Severity.Warning => "warning",
            _ => "note",
        };
}

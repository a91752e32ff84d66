using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Reports;

/// <summary>A report as JSON: each feed with its verdict and every finding in words.</summary>
public static class JsonReport
{
    private static readonly JsonSerializerOptions Indented = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        NewLine = "\n",
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    /// <summary>The document.</summary>
    /// <param name="feeds">The feeds.</param>
    /// <param name="texts">What the rules say, in the language of the report.</param>
    public static string Of(IReadOnlyList<CheckedFeed> feeds, RuleTexts texts) =>
        new JsonObject { ["feeds"] = new JsonArray([.. feeds.Select(feed => FeedOf(feed, texts))]) }.ToJsonString(
            Indented
        ) + "\n";

    private static JsonNode FeedOf(CheckedFeed feed, RuleTexts texts) =>
        new JsonObject
        {
            ["name"] = feed.Name,
            ["verdict"] = feed.Verdict is { } verdict ? Name(verdict) : null,
            ["problem"] = feed.Problem,
            ["findings"] = new JsonArray([.. feed.Findings.Select(finding => FindingOf(finding, texts))]),
        };

    private static JsonNode FindingOf(Finding finding, RuleTexts texts)
    {
        var (message, fix) = texts.Of(finding);
        return new JsonObject
        {
            ["rule"] = finding.Rule.Id,
            ["severity"] = Name(finding.Rule.Severity),
            ["line"] = finding.Line,
            ["column"] = finding.Column,
            ["path"] = finding.Path,
            ["message"] = message,
            ["fix"] = fix,
            ["reference"] = finding.Rule.Reference,
            ["readersCope"] = finding.Rule.ReadersCope,
        };
    }

    private static string Name(Enum value) => JsonNamingPolicy.CamelCase.ConvertName(value.ToString());
}

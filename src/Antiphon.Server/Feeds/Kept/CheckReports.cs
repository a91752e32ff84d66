using System.Text;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Kept checks as a file to take away.</summary>
internal static class CheckReports
{
    /// <summary>The report in the form asked for.</summary>
    /// <param name="format">html, json, junit or sarif.</param>
    /// <param name="feeds">The feeds.</param>
    /// <param name="language">Language of what people read; what programs read is English.</param>
    public static Results<FileContentHttpResult, NotFound, ValidationProblem> Of(
        string? format,
        IReadOnlyList<CheckedFeed> feeds,
        string language
    )
    {
        var texts = RuleTexts.For(language);
        return format?.ToLowerInvariant() switch
        {
            "html" => File(HtmlReport.Of(feeds, ReportWords.For(language), texts), "text/html", "feed-check.html"),
            "json" => File(JsonReport.Of(feeds, texts), "application/json", "feed-check.json"),
            "junit" => File(JunitReport.Of(feeds), "application/xml", "feed-check.xml"),
            "sarif" => File(SarifReport.Of(feeds), "application/sarif+json", "feed-check.sarif"),
            _ => FieldProblem.For("format", "Choose html, json, junit or sarif."),
        };
    }

    private static FileContentHttpResult File(string text, string contentType, string name) =>
        TypedResults.File(Encoding.UTF8.GetBytes(text), $"{contentType}; charset=utf-8", name);
}

using System.Text;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Kept checks as a file to take away.</summary>
internal static class CheckReports
{
    /// <summary>The report in the form asked for; what people read in their language, what programs read in English.</summary>
    /// <param name="format">html, json, junit or sarif.</param>
    /// <param name="feeds">The feeds.</param>
    public static Results<FileContentHttpResult, NotFound, ValidationProblem> Of(
        string? format,
        IReadOnlyList<CheckedFeed> feeds
    )
    {
        return format?.ToLowerInvariant() switch
        {
            "html" => File(
                HtmlReport.Of(feeds, ReportWords.For(TeamTexts.Language), TeamTexts.Rules),
                "text/html",
                "feed-check.html"
            ),
            "json" => File(JsonReport.Of(feeds, TeamTexts.Rules), "application/json", "feed-check.json"),
            "junit" => File(JunitReport.Of(feeds), "application/xml", "feed-check.xml"),
            "sarif" => File(SarifReport.Of(feeds), "application/sarif+json", "feed-check.sarif"),
            _ => FieldProblem.For("format", "Choose html, json, junit or sarif."),
        };
    }

    private static FileContentHttpResult File(string text, string contentType, string name) =>
        TypedResults.File(Encoding.UTF8.GetBytes(text), $"{contentType}; charset=utf-8", name);
}

using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Conversion;
using Antiphon.Core.Feeds.Model;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>/api/feeds/repair and /api/feeds/convert, for the screen and for scripts.</summary>
internal static class FeedWorkEndpoints
{
    private const string LostHeader = "Antiphon-Lost";

    /// <summary>Maps repairing and converting of raw bytes and of an address.</summary>
    public static void MapFeedWork(this WebApplication app)
    {
        var feeds = app.MapGroup("/api/feeds")
            .RequireAuthorization()
            .AddEndpointFilter<NoNullsInLists>()
            .WithTags("Feeds");
        feeds
            .MapPost("/repair", RepairBytes)
            .ForSignedIn()
            .WithName("repairFeed")
            .WithSummary("Corrects the raw bytes of a feed, sent with the Content-Type it was served with.");
        feeds
            .MapGet("/repair", RepairAddress)
            .ForSignedIn()
            .WithName("repairFeedAddress")
            .WithSummary("Fetches and corrects a feed.");
        feeds
            .MapPost("/repair-text", RepairText)
            .ForSignedIn()
            .WithName("repairFeedText")
            .WithSummary("Corrects pasted text.");
        feeds
            .MapPost("/convert", ConvertBytes)
            .ForSignedIn()
            .WithName("convertFeed")
            .WithSummary("Gives the raw bytes of a feed in another format.");
        feeds
            .MapGet("/convert", ConvertAddress)
            .ForSignedIn()
            .WithName("convertFeedAddress")
            .WithSummary("Fetches a feed and gives it in another format.");
    }

    private static async Task<Ok<FeedRepairView>> RepairBytes(HttpRequest request, FeedCheckService checks) =>
        TypedResults.Ok(
            FeedCheckTranslator.RepairOf(
                checks.Repair(await FeedCheckEndpoints.BytesAsync(request), request.ContentType),
                TeamTexts.Rules
            )
        );

    private static async Task<Results<Ok<FeedRepairView>, ValidationProblem>> RepairAddress(
        string url,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        if (FeedCheckEndpoints.AddressOf(url) is not { } address)
            return FeedCheckEndpoints.NoAddress();
        var (fetched, problem) = await checks.FetchAsync(address, cancellation);
        return fetched is null
            ? FieldProblem.For("url", problem!)
            : TypedResults.Ok(
                FeedCheckTranslator.RepairOf(
                    checks.Repair(fetched.Bytes, fetched.ContentType, fetched.Address),
                    TeamTexts.Rules
                )
            );
    }

    private static Results<Ok<FeedRepairView>, ValidationProblem> RepairText(
        CheckTextRequest request,
        FeedCheckService checks
    ) =>
        string.IsNullOrWhiteSpace(request.Text)
            ? FieldProblem.For("text", "Paste the feed's text first, or open a file.")
            : TypedResults.Ok(
                FeedCheckTranslator.RepairOf(
                    checks.Repair(Encoding.UTF8.GetBytes(request.Text), request.ContentType),
                    TeamTexts.Rules
                )
            );

    private static async Task<Results<FileContentHttpResult, ValidationProblem>> ConvertBytes(
        HttpRequest request,
        string? to,
        FeedCheckService checks
    ) =>
        Converted(
            request.HttpContext,
            checks.Check(new GivenFeed(await FeedCheckEndpoints.BytesAsync(request), request.ContentType, null)),
            to
        );

    private static async Task<Results<FileContentHttpResult, ValidationProblem>> ConvertAddress(
        string url,
        string? to,
        HttpContext http,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        if (FeedCheckEndpoints.AddressOf(url) is not { } address)
            return FeedCheckEndpoints.NoAddress();
        var (fetched, problem) = await checks.FetchAsync(address, cancellation);
        return fetched is null
            ? FieldProblem.For("url", problem!)
            : Converted(http, checks.Check(new GivenFeed(fetched.Bytes, fetched.ContentType, fetched.Address)), to);
    }

    private static Results<FileContentHttpResult, ValidationProblem> Converted(
        HttpContext http,
        FeedCheckResult result,
        string? to
    )
    {
        if (FormatOf(to) is not { } format)
            return FieldProblem.For("to", "Choose rss, atom or json.");
        if (result.Feed is null)
            return FieldProblem.For("body", "This feed cannot be read; check it to see why.");
        var converted = FeedConversion.Convert(result, format);
        // One value for each thing the format could not carry, so that a script can tell whether anything was lost.
        foreach (var lost in converted.Lost)
            http.Response.Headers.Append(LostHeader, $"{lost.Count} {lost.Name}");
        return TypedResults.File(converted.Bytes, converted.ContentType);
    }

    private static FeedFormat? FormatOf(string? format) =>
        format?.ToLowerInvariant() switch
        {
            "rss" => FeedFormat.Rss,
            "atom" => FeedFormat.Atom,
            "json" or "jsonfeed" => FeedFormat.JsonFeed,
            _ => null,
        };
}

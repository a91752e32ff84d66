using System.Text;
using Antiphon.Core.Findings;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>/api/feeds/check, for the screen and for scripts.</summary>
internal static class FeedCheckEndpoints
{
    /// <summary>Maps the check of raw bytes, of an address and of pasted text.</summary>
    public static void MapFeedCheck(this WebApplication app)
    {
        var feeds = app.MapGroup("/api/feeds")
            .RequireAuthorization()
            .AddEndpointFilter<NoNullsInLists>()
            .WithTags("Feeds");
        feeds
            .MapPost("/check", CheckBytes)
            .ForSignedIn()
            .WithName("checkFeed")
            .WithSummary("Checks the raw bytes of a feed, sent with the Content-Type it was served with.");
        feeds
            .MapGet("/check", CheckAddress)
            .ForSignedIn()
            .WithName("checkFeedAddress")
            .WithSummary("Fetches and checks a feed.");
        feeds
            .MapPost("/check-text", CheckText)
            .ForSignedIn()
            .WithName("checkFeedText")
            .WithSummary("Checks pasted text and gives it back as source.");
    }

    private static async Task<Ok<FeedCheckView>> CheckBytes(HttpRequest request, FeedCheckService checks)
    {
        return TypedResults.Ok(
            FeedCheckTranslator.ViewOf(checks.Repair(await BytesAsync(request), request.ContentType), TeamTexts.Rules)
        );
    }

    /// <summary>The raw bytes of a request; the server bounds their number.</summary>
    internal static async Task<byte[]> BytesAsync(HttpRequest request)
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, request.HttpContext.RequestAborted);
        return body.ToArray();
    }

    private static async Task<Results<Ok<FeedCheckPage>, ValidationProblem>> CheckAddress(
        string url,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        if (AddressOf(url) is not { } address)
            return NoAddress();
        var (page, problem) = await checks.CheckAsync(address, TeamTexts.Rules, cancellation);
        return page is not null ? TypedResults.Ok(page) : FieldProblem.For("url", problem!);
    }

    private static Results<Ok<FeedCheckPage>, ValidationProblem> CheckText(
        CheckTextRequest request,
        FeedCheckService checks
    )
    {
        if (string.IsNullOrWhiteSpace(request.Text))
            return FieldProblem.For("text", "Paste the feed's text first, or open a file.");
        var bytes = Encoding.UTF8.GetBytes(request.Text);
        return TypedResults.Ok(
            FeedCheckService.PageOf(
                checks.Repair(bytes, request.ContentType),
                TeamTexts.Rules,
                null,
                request.ContentType,
                bytes.Length
            )
        );
    }

    /// <summary>The address somebody typed, https:// being added where it was left out; null when it is none.</summary>
    internal static Uri? AddressOf(string url) =>
        Uri.TryCreate(
            url.Contains("://", StringComparison.Ordinal) ? url.Trim() : "https://" + url.Trim(),
            UriKind.Absolute,
            out var address
        )
            ? address
            : null;

    /// <summary>What is said about an address that is none.</summary>
    internal static ValidationProblem NoAddress() =>
        FieldProblem.For("url", "This is no web address. Write it like https://www.site.example/feed.xml.");
}

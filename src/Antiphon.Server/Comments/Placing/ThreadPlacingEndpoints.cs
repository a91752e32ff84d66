using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments.Placing;

/// <summary>
/// /api/sites/{site}/threads/moves, /check and /{thread}/settings: where threads stand, and how a page takes comments.
/// </summary>
internal static class ThreadPlacingEndpoints
{
    private const int MostPages = 20;

    /// <summary>Maps them.</summary>
    public static void MapThreadPlacing(this RouteGroupBuilder threads)
    {
        threads
            .MapPost("/moves", Move)
            .Needs(SiteRight.Edit)
            .WithName("moveThreads")
            .WithSummary(
                "Moves and merges threads by a list or a rule. A trial says what would happen and changes nothing."
            );
        threads
            .MapPost("/check", Check)
            .Needs(SiteRight.Edit)
            .WithName("checkThreads")
            .WithSummary("Fetches pages and says what is wrong with the threads on them.");
        threads.MapGet("/{thread:long}/settings", GetSettings).Needs(SiteRight.See).WithName("getThreadSettings");
        threads
            .MapPut("/{thread:long}/settings", PutSettings)
            .Needs(SiteRight.Edit)
            .WithName("saveThreadSettings")
            .WithSummary("Sets the layer of a page that is no post.");
    }

    private static async Task<Results<Ok<List<ThreadMoveResult>>, ValidationProblem>> Move(
        long site,
        ThreadMovesRequest request,
        ThreadMoves threads,
        CancellationToken cancellation
    )
    {
        if (request.List is null && request.Rule is null)
            return FieldProblem.For("list", "Enter old and new addresses, one pair per line, or a rule.");
        if (request.Rule is { } rule && (!LinkResolver.IsWeb(rule.From) || !LinkResolver.IsWeb(rule.To)))
            return FieldProblem.For(
                LinkResolver.IsWeb(rule.From) ? "rule.to" : "rule.from",
                "Enter how the addresses begin, starting with https://."
            );
        var moves = request.Rule is { } whole
            ? await threads.OfRuleAsync(site, whole, cancellation)
            : ThreadMoves.OfList(request.List!);
        return TypedResults.Ok(await threads.MoveAsync(site, moves, request.IsTrial, cancellation));
    }

    private static async Task<Results<Ok<ThreadCheckView>, ValidationProblem>> Check(
        long site,
        ThreadCheckRequest request,
        AntiphonContext database,
        GuardedClient client,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        var addresses = request
            .Addresses.Select(text => text.Trim())
            .Where(text => text.Length > 0)
            .Distinct()
            .ToList();
        if (addresses.Count is 0 or > MostPages)
            return FieldProblem.For("addresses", $"Enter 1 to {MostPages} addresses of pages.");
        if (addresses.Find(text => !LinkResolver.IsWeb(text)) is { } wrong)
            return FieldProblem.For("addresses", $"“{wrong}” is not a full address. It starts with https://.");
        var key = await database
            .Sites.Where(row => row.Id == site)
            .Select(row => row.PublicKey)
            .SingleAsync(cancellation);
        var (pages, unreachable) = (new List<PlacedPage>(), new List<UnreachablePage>());
        foreach (var address in addresses)
        {
            var fetched = await client.GetPageAsync(new Uri(address), cancellation);
            if (fetched.Problem is { } problem)
                unreachable.Add(new UnreachablePage(address, FetchWords.For(problem, fetched.Detail)));
            else
                pages.Add(new PlacedPage(fetched.Address, fetched.Page!));
        }

        return TypedResults.Ok(
            new ThreadCheckView(
                [.. pages.Select(page => page.Address.AbsoluteUri)],
                unreachable,
                ThreadPlacement.Examine(pages, key, options.Value.AddressOf("embed/antiphon.js"))
            )
        );
    }

    private static async Task<Results<Ok<CommentSettings>, NotFound>> GetSettings(
        long site,
        long thread,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await database
            .Threads.AsNoTracking()
            .FirstOrDefaultAsync(
                commentThread => commentThread.Id == thread && commentThread.SiteId == site,
                cancellation
            )
            is { } found
            ? TypedResults.Ok(found.Settings)
            : TypedResults.NotFound();

    private static async Task<Results<Ok<CommentSettings>, NotFound, ValidationProblem>> PutSettings(
        long site,
        long thread,
        CommentSettings settings,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (
            await database.Threads.FirstOrDefaultAsync(
                commentThread => commentThread.Id == thread && commentThread.SiteId == site,
                cancellation
            )
            is not { } found
        )
            return TypedResults.NotFound();
        if (found.PostId is not null)
            return FieldProblem.For("thread", "This thread is about a post; set it in the post.");
        if (settings.Problem() is { } problem)
            return FieldProblem.For(problem.Setting, problem.Remedy);
        found.Settings = settings;
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(settings);
    }
}

/// <summary>Moves to be made: a list of old and new, a line each, or a rule.</summary>
internal sealed record ThreadMovesRequest(string? List, MoveRule? Rule, bool IsTrial);

/// <summary>Pages to look at.</summary>
internal sealed record ThreadCheckRequest(IReadOnlyList<string> Addresses);

/// <summary>What was found on pages.</summary>
/// <param name="Pages">Pages that were looked at.</param>
/// <param name="Unreachable">Pages that could not be fetched.</param>
/// <param name="Findings">What is wrong.</param>
internal sealed record ThreadCheckView(
    IReadOnlyList<string> Pages,
    IReadOnlyList<UnreachablePage> Unreachable,
    IReadOnlyList<ThreadFinding> Findings
);

/// <summary>A page that could not be fetched, and why.</summary>
internal sealed record UnreachablePage(string Address, string Problem);

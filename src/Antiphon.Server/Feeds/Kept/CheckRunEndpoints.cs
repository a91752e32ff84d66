using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>/api/sites/{site}/feeds/runs: several feeds checked at once.</summary>
internal static class CheckRunEndpoints
{
    private const int Listed = 10;

    /// <summary>Maps the runs of a site.</summary>
    public static void MapCheckRuns(this RouteGroupBuilder site)
    {
        var runs = site.MapGroup("/feeds/runs").WithTags("Feed checks");
        runs.MapGet("", List).Needs(SiteRight.See).WithName("listCheckRuns");
        runs.MapPost("", Start)
            .Needs(SiteRight.Edit)
            .WithName("startCheckRun")
            .WithSummary("Checks several feeds: an address in each line, or a list of subscriptions (OPML).");
        runs.MapPost("/{run:long}/documents", AddDocument)
            .Needs(SiteRight.Edit)
            .WithName("addToCheckRun")
            .WithSummary("Adds a file, sent as the body: a feed, or a list of addresses.");
        runs.MapGet("/{run:long}", Get).Needs(SiteRight.See).WithName("getCheckRun");
        runs.MapPost("/{run:long}/cancel", Cancel)
            .Needs(SiteRight.Edit)
            .WithName("cancelCheckRun")
            .WithSummary("Leaves alone what waits; what was checked stays.");
        runs.MapPost("/{run:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumeCheckRun");
        runs.MapPost("/{run:long}/again", Again)
            .Needs(SiteRight.Edit)
            .WithName("repeatCheckRun")
            .WithSummary("Checks the same feeds once more, as a run of its own.");
        runs.MapDelete("/{run:long}", Delete).Needs(SiteRight.Edit).WithName("deleteCheckRun");
        runs.MapGet("/{run:long}/report", Report)
            .Needs(SiteRight.See)
            .WithName("reportCheckRun")
            .WithSummary("What was found as a file: html, json, junit or sarif.");
    }

    private static async Task<Ok<List<CheckRunSummary>>> List(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok(
            await CheckRunViews.SummariesAsync(
                database.CheckRuns.Where(run => run.SiteId == site).OrderByDescending(run => run.Id).Take(Listed),
                cancellation
            )
        );

    private static async Task<Results<Ok<CheckRunSummary>, ValidationProblem>> Start(
        long site,
        CheckRunRequest request,
        CheckRunBegin begin,
        CancellationToken cancellation
    )
    {
        var (run, problem) = await begin.StartAsync(site, request, cancellation);
        return run is null ? FieldProblem.For("list", problem!) : TypedResults.Ok(run);
    }

    private static async Task<Results<Ok<AddedChecksView>, NotFound, ValidationProblem>> AddDocument(
        long site,
        long run,
        string name,
        HttpContext http,
        CheckRunBegin begin,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (await OfSite(database, site, run).FirstOrDefaultAsync(cancellation) is not { } found)
            return TypedResults.NotFound();
        var (added, problem) = await begin.AddAsync(found, name, await http.BodyAsync(), cancellation);
        return problem is not null ? FieldProblem.For("file", problem) : TypedResults.Ok(new AddedChecksView(added));
    }

    private static async Task<Results<Ok<CheckRunView>, NotFound>> Get(
        long site,
        long run,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await CheckRunViews.ReadAsync(OfSite(database, site, run), cancellation) is { } view
            ? TypedResults.Ok(view)
            : TypedResults.NotFound();

    private static async Task<Results<NoContent, NotFound>> Cancel(
        long site,
        long run,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        return
            await OfSite(database, site, run)
                .ExecuteUpdateAsync(change => change.SetProperty(row => row.CancelledAt, now), cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();
    }

    private static async Task<Results<NoContent, NotFound>> Resume(
        long site,
        long run,
        AntiphonContext database,
        CheckRunSignal signal,
        CancellationToken cancellation
    )
    {
        var resumed = await OfSite(database, site, run)
            .ExecuteUpdateAsync(
                change => change.SetProperty(row => row.CancelledAt, (DateTimeOffset?)null),
                cancellation
            );
        signal.Wake();
        return resumed > 0 ? TypedResults.NoContent() : TypedResults.NotFound();
    }

    private static async Task<Results<Ok<CheckRunSummary>, NotFound>> Again(
        long site,
        long run,
        CheckRunBegin begin,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await OfSite(database, site, run).AnyAsync(cancellation)
            ? TypedResults.Ok(await begin.RepeatAsync(site, run, cancellation))
            : TypedResults.NotFound();

    private static async Task<Results<NoContent, NotFound>> Delete(
        long site,
        long run,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        await OfSite(database, site, run).ExecuteDeleteAsync(cancellation) > 0
            ? TypedResults.NoContent()
            : TypedResults.NotFound();

    private static async Task<Results<FileContentHttpResult, NotFound, ValidationProblem>> Report(
        long site,
        long run,
        string? format,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (!await OfSite(database, site, run).AnyAsync(cancellation))
            return TypedResults.NotFound();
        var made = await database
            .KeptChecks.AsNoTracking()
            .Where(check => check.RunId == run && check.CheckedAt != null)
            .OrderBy(check => check.Id)
            .ToListAsync(cancellation);
        return CheckReports.Of(format, made.ConvertAll(KeptFindings.ReportOf));
    }

    private static IQueryable<CheckRun> OfSite(AntiphonContext database, long site, long run) =>
        database.CheckRuns.Where(row => row.Id == run && row.SiteId == site);
}

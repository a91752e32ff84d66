using Antiphon.Core.Sites;
using Antiphon.Core.Subscribers;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers;

/// <summary>/api/sites/{site}/segments: named groups of subscribers.</summary>
internal static class SegmentEndpoints
{
    private const int LongestName = 80;

    /// <summary>Maps the area.</summary>
    public static void MapSegments(this RouteGroupBuilder site)
    {
        var segments = site.MapGroup("/segments").WithTags("Readers");
        segments.MapGet("", List).Needs(SiteRight.SeeReaders).WithName("listSegments");
        segments.MapPost("", Add).Needs(SiteRight.Edit).WithName("addSegment");
        segments.MapPut("/{segment:long}", Change).Needs(SiteRight.Edit).WithName("changeSegment");
        segments.MapDelete("/{segment:long}", Remove).Needs(SiteRight.Edit).WithName("removeSegment");
        segments
            .MapPost("/size", Size)
            .Needs(SiteRight.SeeReaders)
            .WithName("sizeSegment")
            .WithSummary("How many would belong to a segment that need not be stored.");
    }

    private static async Task<Ok<List<SegmentView>>> List(
        long site,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var views = new List<SegmentView>();
        foreach (
            var segment in await database
                .Segments.AsNoTracking()
                .Where(row => row.SiteId == site)
                .OrderBy(row => row.Name)
                .ToListAsync(cancellation)
        )
            views.Add(await ViewAsync(segment, database, clock, cancellation));
        return TypedResults.Ok(views);
    }

    private static async Task<SegmentView> ViewAsync(
        Segment segment,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        new(
            segment.Id,
            segment.Name,
            segment.Rule,
            await CountAsync(segment.SiteId, segment.Rule, database, clock, cancellation),
            await database
                .Digests.Where(digest => digest.SegmentId == segment.Id && digest.ArchivedAt == null)
                .Select(digest => digest.Name)
                .ToListAsync(cancellation)
        );

    private static async Task<int> CountAsync(
        long site,
        SegmentRule rule,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var zone = await database.TimeZoneOfAsync(site, cancellation);
        return await database
            .Subscribers.Where(subscriber => subscriber.SiteId == site)
            .GettingMail(now)
            .In(rule, database, zone, now)
            .CountAsync(cancellation);
    }

    private static async Task<Results<Ok<SegmentView>, ValidationProblem>> Add(
        long site,
        SegmentRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await ProblemAsync(site, null, request, database, cancellation) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        var segment = new Segment
        {
            SiteId = site,
            Name = request.Name.Trim(),
            Rule = request.Rule,
        };
        database.Segments.Add(segment);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await ViewAsync(segment, database, clock, cancellation));
    }

    private static async Task<Results<Ok<SegmentView>, NotFound, ValidationProblem>> Change(
        long site,
        long segment,
        SegmentRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (
            await database.Segments.FirstOrDefaultAsync(row => row.Id == segment && row.SiteId == site, cancellation)
            is not { } found
        )
            return TypedResults.NotFound();
        if (await ProblemAsync(site, segment, request, database, cancellation) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        (found.Name, found.Rule) = (request.Name.Trim(), request.Rule);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(await ViewAsync(found, database, clock, cancellation));
    }

    private static async Task<(string Field, string Remedy)?> ProblemAsync(
        long site,
        long? segment,
        SegmentRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var name = request.Name?.Trim() ?? string.Empty;
        if (name.Length is 0 or > LongestName)
            return ("name", $"Enter a name of at most {LongestName} characters.");
        if (
            await database.Segments.AnyAsync(
                row => row.SiteId == site && row.Id != segment && row.Name == name,
                cancellation
            )
        )
            return ("name", "Another segment is called that.");
        return request.Rule.Problem();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Remove(
        long site,
        long segment,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        // Without its segment a digest would go to everybody.
        if (
            await database.Digests.FirstOrDefaultAsync(
                digest => digest.SegmentId == segment && digest.SiteId == site && digest.ArchivedAt == null,
                cancellation
            ) is
            { } user
        )
            return FieldProblem.For("segment", $"“{user.Name}” uses this segment. Change the digest first.");
        return
            await database
                .Segments.Where(row => row.Id == segment && row.SiteId == site)
                .ExecuteDeleteAsync(cancellation) == 0
            ? TypedResults.NotFound()
            : TypedResults.NoContent();
    }

    private static async Task<Results<Ok<SegmentSize>, ValidationProblem>> Size(
        long site,
        SegmentSizeRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        request.Rule.Problem() is { } problem
            ? FieldProblem.For(problem.Part, problem.Remedy)
            : TypedResults.Ok(new SegmentSize(await CountAsync(site, request.Rule, database, clock, cancellation)));
}

/// <summary>A segment as the team sees it.</summary>
/// <param name="Size">How many belong to it now and get mail.</param>
/// <param name="Digests">Names of the digests that go to it.</param>
internal sealed record SegmentView(long Id, string Name, SegmentRule Rule, int Size, IReadOnlyList<string> Digests);

/// <summary>A segment to be made or changed.</summary>
internal sealed record SegmentRequest(string Name, SegmentRule Rule);

/// <summary>A segment to be counted.</summary>
internal sealed record SegmentSizeRequest(SegmentRule Rule);

/// <summary>How many belong to a segment.</summary>
internal sealed record SegmentSize(int Size);

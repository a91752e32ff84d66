using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Server.Mailing.Planning;
using Antiphon.Server.Mailing.Sending;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Subscribers;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing;

/// <summary>/api/sites/{site}/channels/digests: which mails a site sends, and how they look.</summary>
internal static class DigestEndpoints
{
    private const int LongestName = 80;

    /// <summary>Maps the area.</summary>
    public static void MapDigests(this RouteGroupBuilder site)
    {
        var digests = site.MapGroup("/channels/digests").WithTags("Channels");
        site.MapGet("/posts/{post:long}/forecast", Forecast)
            .WithTags("Posts")
            .Needs(SiteRight.See)
            .WithName("forecastPublishing");
        digests.MapGet("", List).Needs(SiteRight.See).WithName("listDigests");
        digests.MapPost("", Add).Needs(SiteRight.Edit).WithName("addDigest");
        digests.MapPut("/{digest:long}", Change).Needs(SiteRight.Edit).WithName("changeDigest");
        digests
            .MapDelete("/{digest:long}", Remove)
            .Needs(SiteRight.Edit)
            .WithName("removeDigest")
            .WithSummary("Takes a digest off; what went out is kept.");
        digests.MapPost("/{digest:long}/pause", Pause).Needs(SiteRight.Edit).WithName("pauseDigest");
        digests.MapPost("/{digest:long}/resume", Resume).Needs(SiteRight.Edit).WithName("resumeDigest");
        digests
            .MapPost("/{digest:long}/send", Send)
            .Needs(SiteRight.Edit)
            .WithName("sendDigest")
            .WithSummary("Sends what is new now, whatever the clock says.");
        digests
            .MapGet("/{digest:long}/posts/{post:long}", WithPost)
            .Needs(SiteRight.See)
            .WithName("previewPostMail")
            .WithSummary("How a post looks in a digest, alone in it.");
        digests
            .MapPost("/preview", Preview)
            .Needs(SiteRight.SeeReaders)
            .WithName("previewDigest")
            .WithSummary("How a digest would look that need not be stored, with what to see to before.");
        digests
            .MapPost("/reach", Reach)
            .Needs(SiteRight.SeeReaders)
            .WithName("measureDigest")
            .WithSummary(
                "How many posts a digest would have brought in the last thirty days, by how they came to be here."
            );
        digests
            .MapPost("/check-links", CheckLinks)
            .Needs(SiteRight.Edit)
            .WithName("checkDigestLinks")
            .WithSummary("Opens every link and picture of a digest, and tells which fail.");
        digests
            .MapPost("/test", Test)
            .Needs(SiteRight.Edit)
            .WithName("testDigest")
            .WithSummary("Sends a digest to whoever asks.");
    }

    private static async Task<Results<Ok<PublishForecast>, NotFound>> Forecast(
        long site,
        long post,
        PostMailForecast forecast,
        CancellationToken cancellation
    ) =>
        await forecast.OfAsync(site, post, cancellation) is { } found
            ? TypedResults.Ok(found)
            : TypedResults.NotFound();

    private static async Task<Results<Ok<DigestPreview>, NotFound>> WithPost(
        long site,
        long digest,
        long post,
        DigestPreviews previews,
        CancellationToken cancellation
    ) =>
        await previews.WithPostAsync(site, digest, post, cancellation) is { } preview
            ? TypedResults.Ok(preview)
            : TypedResults.NotFound();

    private static async Task<Ok<List<DigestView>>> List(
        long site,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var views = new List<DigestView>();
        foreach (var digest in await Whole(site, database).OrderBy(row => row.Id).ToListAsync(cancellation))
            views.Add(await ViewAsync(digest, database, clock, cancellation));
        return TypedResults.Ok(views);
    }

    private static async Task<DigestView> ViewAsync(
        Digest digest,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        new(
            digest.Id,
            digest.Name,
            digest.Settings,
            digest.SegmentId,
            digest.IsUsual,
            digest.PausedAt,
            digest.NextAt,
            digest.CreatedAt,
            await database
                .Subscribers.Of(digest, database, digest.Site.TimeZone, clock.GetUtcNow())
                .CountAsync(cancellation),
            digest.Settings.Rhythm.Every == DigestEvery.Post
                ? 0
                : (await NewPosts.OfAsync(digest, database, clock.GetUtcNow(), cancellation)).Count
        );

    private static async Task<Results<Ok<DigestView>, ValidationProblem>> Add(
        long site,
        DigestRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await ProblemAsync(site, null, request, database, cancellation) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        var digest = new Digest { SiteId = site, CreatedAt = clock.GetUtcNow() };
        database.Digests.Add(digest);
        return TypedResults.Ok(await KeepAsync(digest, request, database, clock, cancellation));
    }

    private static async Task<Results<Ok<DigestView>, NotFound, ValidationProblem>> Change(
        long site,
        long digest,
        DigestRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await Whole(site, database).FirstOrDefaultAsync(row => row.Id == digest, cancellation) is not { } found)
            return TypedResults.NotFound();
        if (await ProblemAsync(site, digest, request, database, cancellation) is { } problem)
            return FieldProblem.For(problem.Field, problem.Remedy);
        return TypedResults.Ok(await KeepAsync(found, request, database, clock, cancellation));
    }

    private static async Task<DigestView> KeepAsync(
        Digest digest,
        DigestRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        digest.Site ??= await database.Sites.FirstAsync(row => row.Id == digest.SiteId, cancellation);
        (digest.Name, digest.Settings, digest.SegmentId, digest.IsUsual) = (
            request.Name.Trim(),
            request.Settings,
            request.SegmentId,
            request.IsUsual
        );
        digest.NextAt = DigestPlanner.NextOf(digest, clock.GetUtcNow());
        await database.SaveChangesAsync(cancellation);
        digest.Segment = await database.Segments.FirstOrDefaultAsync(
            segment => segment.Id == digest.SegmentId,
            cancellation
        );
        return await ViewAsync(digest, database, clock, cancellation);
    }

    private static async Task<(string Field, string Remedy)?> ProblemAsync(
        long site,
        long? digest,
        DigestRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var name = request.Name?.Trim() ?? string.Empty;
        if (name.Length is 0 or > LongestName)
            return ("name", $"Enter a name of at most {LongestName} characters; readers who may choose see it.");
        if (
            await database.Digests.AnyAsync(
                row => row.SiteId == site && row.Id != digest && row.ArchivedAt == null && row.Name == name,
                cancellation
            )
        )
            return ("name", "A digest with this name exists.");
        if (
            request.SegmentId is { } segment
            && !await database.Segments.AnyAsync(row => row.SiteId == site && row.Id == segment, cancellation)
        )
            return ("segmentId", "This segment no longer exists. Choose another.");
        return request.Settings.Problem();
    }

    private static async Task<Results<NoContent, NotFound>> Remove(
        long site,
        long digest,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        return Done(
            await database
                .Digests.Where(row => row.SiteId == site && row.Id == digest && row.ArchivedAt == null)
                .ExecuteUpdateAsync(
                    set =>
                        set.SetProperty(row => row.ArchivedAt, now)
                            .SetProperty(row => row.NextAt, (DateTimeOffset?)null)
                            .SetProperty(row => row.SegmentId, (long?)null),
                    cancellation
                )
        );
    }

    private static async Task<Results<NoContent, NotFound>> Pause(
        long site,
        long digest,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        return Done(
            await database
                .Digests.Where(row => row.SiteId == site && row.Id == digest && row.ArchivedAt == null)
                .ExecuteUpdateAsync(
                    set =>
                        set.SetProperty(row => row.PausedAt, now).SetProperty(row => row.NextAt, (DateTimeOffset?)null),
                    cancellation
                )
        );
    }

    // What a pause let pass is not made up for; its posts come with the next edition.
    private static async Task<Results<NoContent, NotFound>> Resume(
        long site,
        long digest,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await Whole(site, database).FirstOrDefaultAsync(row => row.Id == digest, cancellation) is not { } found)
            return TypedResults.NotFound();
        found.PausedAt = null;
        found.NextAt = DigestPlanner.NextOf(found, clock.GetUtcNow());
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotFound, ValidationProblem>> Send(
        long site,
        long digest,
        AntiphonContext database,
        DigestPlanner planner,
        GatheringSignal signal,
        CancellationToken cancellation
    )
    {
        if (await Whole(site, database).FirstOrDefaultAsync(row => row.Id == digest, cancellation) is not { } found)
            return TypedResults.NotFound();
        if (await planner.PlanNowAsync(found, cancellation) is null)
            return FieldProblem.For("posts", "No new posts to send.");
        signal.Wake();
        return TypedResults.NoContent();
    }

    private static async Task<Results<Ok<DigestPreview>, ValidationProblem>> Preview(
        long site,
        long? digest,
        DigestRequest request,
        DigestPreviews previews,
        CancellationToken cancellation
    )
    {
        if (request.Settings.Problem() is { } problem)
            return FieldProblem.For(problem.Setting, problem.Remedy);
        return await previews.OfAsync(site, digest, request, cancellation) is { } preview
            ? TypedResults.Ok(preview)
            : NothingYet();
    }

    private static async Task<Ok<DigestReachView>> Reach(
        long site,
        DigestRequest request,
        DigestReach reach,
        CancellationToken cancellation
    ) => TypedResults.Ok(await reach.OfAsync(site, request, cancellation));

    private static async Task<Results<Ok<List<CheckFindingView>>, ValidationProblem>> CheckLinks(
        long site,
        long? digest,
        DigestRequest request,
        DigestPreviews previews,
        CancellationToken cancellation
    )
    {
        if (request.Settings.Problem() is { } problem)
            return FieldProblem.For(problem.Setting, problem.Remedy);
        return await previews.BrokenLinksAsync(site, digest, request, cancellation) is { } broken
            ? TypedResults.Ok(broken)
            : NothingYet();
    }

    private static async Task<Results<Ok<TestSent>, ValidationProblem>> Test(
        long site,
        long? digest,
        DigestRequest request,
        HttpContext http,
        DigestPreviews previews,
        CancellationToken cancellation
    )
    {
        if (request.Settings.Problem() is { } problem)
            return FieldProblem.For(problem.Setting, problem.Remedy);
        var (mail, refusal) = await previews.TestAsync(site, digest, request, http.Member().PersonId, cancellation);
        return mail is null ? FieldProblem.For("test", refusal!) : TypedResults.Ok(new TestSent(mail));
    }

    private static ValidationProblem NothingYet() => FieldProblem.For("posts", DigestPreviews.NothingYet);

    private static Results<NoContent, NotFound> Done(int changed) =>
        changed == 0 ? TypedResults.NotFound() : TypedResults.NoContent();

    private static IQueryable<Digest> Whole(long site, AntiphonContext database) =>
        database
            .Digests.Include(digest => digest.Site)
            .Include(digest => digest.Segment)
            .Where(digest => digest.SiteId == site && digest.ArchivedAt == null);
}

using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Order;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
using Antiphon.Server.Sites;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments;

/// <summary>/api/sites/{site}/comments and /threads.</summary>
internal static class CommentEndpoints
{
    private const int PageSize = 50;

    /// <summary>Maps the area.</summary>
    public static void MapComments(this RouteGroupBuilder site)
    {
        var comments = site.MapGroup("/comments").WithTags("Comments");
        comments.MapGet("", ListComments).WithName("listComments");
        comments.MapPost("/{comment:long}/decision", Decide).Needs(SiteRole.Moderator).WithName("decideComment");
        comments.MapPost("/{comment:long}/answer", Answer).Needs(SiteRole.Moderator).Validate<AnswerRequest>().WithName("answerComment");
        comments.MapGet("/{comment:long}/conversation", GetConversation).WithName("getConversation");
        comments.MapManyDecisions();
        comments.MapFilter();
        comments.MapCommentSettings();
        var threads = site.MapGroup("/threads").WithTags("Comments");
        threads.MapGet("", ListThreads).WithName("listThreads");
        threads.MapPost("/snippet", MakeSnippet).Validate<ThreadSnippetRequest>().WithName("makeThreadSnippet");
    }

    private static async Task<Ok<QueuePage>> ListComments(long site, AntiphonContext database, HttpContext http, TimeProvider clock, Spelled<CommentStanding>? standing, long? thread, string? search, long? after)
    {
        var wanted = standing?.Value ?? CommentStanding.Waiting;
        var found = database.Comments.AsNoTracking().Where(comment => comment.SiteId == site && comment.Standing == wanted);
        if (thread is not null) found = found.Where(comment => comment.ThreadId == thread);
        if (!string.IsNullOrWhiteSpace(search)) found = found.Where(comment => EF.Functions.Like(comment.Text, $"%{search.Trim()}%") || EF.Functions.Like(comment.Author, $"%{search.Trim()}%"));
        // What waits longest comes first; everything decided is looked up from the newest. Ids grow with time, so they serve as the order and as the cursor.
        var isQueue = wanted == CommentStanding.Waiting;
        if (after is not null) found = isQueue ? found.Where(comment => comment.Id > after) : found.Where(comment => comment.Id < after);
        found = isQueue ? found.OrderBy(comment => comment.Id) : found.OrderByDescending(comment => comment.Id);
        // What readers reported stands before everything else that waits, once, on the first page.
        var reported = isQueue && after is null ? await Row(found.Where(comment => comment.Reports > comment.ReportsKept).Take(PageSize)).ToListAsync() : [];
        if (isQueue) found = found.Where(comment => comment.Reports <= comment.ReportsKept);
        var rows = await Row(found.Take(PageSize + 1)).ToListAsync();
        var shown = reported.Concat(rows.Take(PageSize)).Select(row => row with { Start = Shortened.ToLength(row.Start.ReplaceLineEndings(" "), 140) }).ToList();
        var next = rows.Count > PageSize ? rows[PageSize - 1].Id : (long?)null;
        return TypedResults.Ok(new QueuePage(shown, next, await CountAsync(site, database), await DecidedTodayAsync(site, http.Member().PersonId, database, clock)));
    }

    private static IQueryable<QueuedComment> Row(IQueryable<Comment> comments) => comments.Select(comment => new QueuedComment(
        comment.Id, comment.Author, comment.Text, comment.Standing, comment.WaitReason, comment.CreatedAt, comment.ThreadId, comment.Thread.Title, comment.Reports - comment.ReportsKept));

    private static async Task<StandingCounts> CountAsync(long site, AntiphonContext database)
    {
        var counts = await database.Comments.Where(comment => comment.SiteId == site).GroupBy(comment => comment.Standing)
            .Select(group => new { group.Key, Count = group.Count() }).ToDictionaryAsync(group => group.Key, group => group.Count);
        return Counts(counts);
    }

    private static StandingCounts Counts(Dictionary<CommentStanding, int> counts)
    {
        int Of(CommentStanding standing) => counts.GetValueOrDefault(standing);
        return new StandingCounts(Of(CommentStanding.Waiting), Of(CommentStanding.Public), Of(CommentStanding.Hidden), Of(CommentStanding.Spam), Of(CommentStanding.Deleted));
    }

    private static async Task<int> DecidedTodayAsync(long site, long person, AntiphonContext database, TimeProvider clock)
    {
        var zone = await database.Sites.Where(one => one.Id == site).Select(one => one.TimeZone).SingleAsync();
        var now = SiteCulture.Local(clock.GetUtcNow(), zone);
        var midnight = now - now.TimeOfDay;
        return await database.Comments.CountAsync(comment => comment.SiteId == site && comment.DecidedById == person && comment.DecidedAt >= midnight);
    }

    private static async Task<Results<Ok<DecisionView>, NotFound, ProblemHttpResult>> Decide(long site, long comment, DecisionRequest request, HttpContext http, AntiphonContext database, SiteFilters filters, TimeProvider clock)
    {
        var now = clock.GetUtcNow();
        var person = http.Member().PersonId;
        // The condition on what the moderator saw stands in the statement itself: two decisions at once cannot both win.
        var changed = await database.Comments
            .Where(one => one.Id == comment && one.SiteId == site && one.Standing == request.Seen && one.Standing != CommentStanding.Deleted)
            .ExecuteUpdateAsync(set => set.SetProperty(one => one.Standing, request.Standing).SetProperty(one => one.DecidedAt, now).SetProperty(one => one.DecidedById, person)
                .SetProperty(one => one.ReportsKept, one => request.Standing == CommentStanding.Public ? one.Reports : one.ReportsKept));
        if (changed > 0) filters.Note(site);
        if (changed > 0) return TypedResults.Ok(new DecisionView(comment, request.Standing, request.Seen));
        var standing = await database.Comments.Where(one => one.Id == comment && one.SiteId == site).Select(one => (CommentStanding?)one.Standing).FirstOrDefaultAsync();
        if (standing is null) return TypedResults.NotFound();
        return TypedResults.Problem("Look at it again before deciding.", title: $"Somebody decided in the meantime: the comment is {standing.ToString()!.ToLowerInvariant()} now.", statusCode: StatusCodes.Status409Conflict, type: "decided-meanwhile");
    }

    private static async Task<Results<Ok<ThreadComment>, NotFound>> Answer(long site, long comment, AnswerRequest request, HttpContext http, AntiphonContext database, Core.Sites.IKeySource keys, TimeProvider clock)
    {
        var parent = await database.Comments.SingleOrDefaultAsync(one => one.Id == comment && one.SiteId == site);
        if (parent is null) return TypedResults.NotFound();
        var person = http.Member().PersonId;
        var writer = await database.Users.SingleAsync(one => one.Id == person);
        var now = clock.GetUtcNow();
        var answer = new Comment
        {
            Key = keys.NewKey(),
            SiteId = site,
            ThreadId = parent.ThreadId,
            ParentId = parent.Id,
            Author = writer.DisplayName,
            IsTeam = true,
            Text = request.Text.Trim(),
            Html = CommentBody.ToHtml(request.Text),
            Standing = CommentStanding.Public,
            CreatedAt = now,
            DecidedAt = now,
            DecidedById = person,
        };
        database.Comments.Add(answer);
        // An answer to what nobody sees would hang in the air.
        if (parent.Standing == CommentStanding.Waiting) (parent.Standing, parent.DecidedAt, parent.DecidedById) = (CommentStanding.Public, now, person);
        await database.SaveChangesAsync();
        return TypedResults.Ok(View(answer, 1, 0));
    }

    private static async Task<Results<Ok<ConversationView>, NotFound>> GetConversation(long site, long comment, AntiphonContext database, SiteFilters filters, CancellationToken cancellation)
    {
        var thread = await database.Threads.AsNoTracking().Include(one => one.Post!.Blog)
            .FirstOrDefaultAsync(one => one.SiteId == site && one.Comments.Any(inner => inner.Id == comment), cancellation);
        if (thread is null) return TypedResults.NotFound();
        var rows = await database.Comments.AsNoTracking()
            .Where(one => one.ThreadId == thread.Id && (one.Id == comment || one.Standing == CommentStanding.Public || one.Standing == CommentStanding.Waiting)).ToListAsync(cancellation);
        var mails = rows.Select(row => row.Mail).OfType<string>().Distinct().ToList();
        var published = await database.Comments.Where(one => one.SiteId == site && one.Standing == CommentStanding.Public && mails.Contains(one.Mail!))
            .GroupBy(one => one.Mail!).Select(group => new { group.Key, Count = group.Count() }).ToDictionaryAsync(group => group.Key, group => group.Count, cancellation);
        var placed = ThreadTree.Arrange(rows, row => new Voted(row.Id, row.ParentId, row.CreatedAt, row.Up, row.Down))
            .Select(one => View(one.Comment, one.Depth, one.Comment.Mail is { } mail ? published.GetValueOrDefault(mail) : 0)).ToList();
        return TypedResults.Ok(new ConversationView(thread.Id, thread.Title, thread.Identifier, thread.Address, thread.Post?.Blog.Name, thread.Post?.PublishedAt, placed, await CaseAsync(rows.Single(row => row.Id == comment), database, filters, cancellation)));
    }

    private static async Task<CaseView> CaseAsync(Comment comment, AntiphonContext database, SiteFilters filters, CancellationToken cancellation)
    {
        var filter = await filters.OfAsync(comment.SiteId, cancellation);
        var told = filter.Explain(DecidedComments.TraitsOf(comment));
        var reports = await database.CommentReports.Where(one => one.CommentId == comment.Id).OrderByDescending(one => one.Id).Take(20).Select(one => new ReportView(one.Reason, one.Words, one.MadeAt)).ToListAsync(cancellation);
        return new CaseView(comment.Trace, filter.IsSure, told.Score, told.For, told.Against, reports, comment.ReportsKept, await WriterAsync(comment, database, cancellation));
    }

    private static async Task<StandingCounts> WriterAsync(Comment comment, AntiphonContext database, CancellationToken cancellation) =>
        Counts(await database.Comments.OfWriter(comment).GroupBy(one => one.Standing).Select(group => new { group.Key, Count = group.Count() }).ToDictionaryAsync(group => group.Key, group => group.Count, cancellation));

    private static async Task<Ok<List<ThreadView>>> ListThreads(long site, AntiphonContext database) =>
        TypedResults.Ok(await database.Threads.Where(thread => thread.SiteId == site).OrderByDescending(thread => thread.Comments.Max(comment => (DateTimeOffset?)comment.CreatedAt) ?? thread.CreatedAt).Take(200)
            .Select(thread => new ThreadView(
                thread.Id, thread.Identifier, thread.Title, thread.Address, thread.Comments.Count(comment => comment.Standing == CommentStanding.Public),
                thread.Comments.Count(comment => comment.Standing == CommentStanding.Waiting), thread.Comments.Max(comment => (DateTimeOffset?)comment.CreatedAt)))
            .ToListAsync());

    private static async Task<Ok<ThreadSnippetView>> MakeSnippet(long site, ThreadSnippetRequest request, AntiphonContext database, IOptions<AntiphonOptions> options)
    {
        var key = await database.Sites.Where(one => one.Id == site).Select(one => one.PublicKey).SingleAsync();
        return TypedResults.Ok(ThreadSnippet.Make(options.Value, key, request));
    }

    private static ThreadComment View(Comment comment, int depth, int publishedBefore) => new(
        comment.Id, comment.ParentId, comment.Author, comment.Mail, comment.IsTeam, comment.Html, comment.Standing, comment.WaitReason, comment.CreatedAt, depth, publishedBefore, comment.Up, comment.Down);
}

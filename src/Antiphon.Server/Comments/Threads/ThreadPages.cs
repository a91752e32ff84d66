using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Mentions;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Pictures;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Threads;

/// <summary>
/// Reads a thread page by page: so many comments of the top level in an order, each with what stands below it. What a
/// page costs does not grow with the thread.
/// </summary>
internal sealed class ThreadPages(AntiphonContext database, PictureLibrary library)
{
    /// <summary>Most answers shown below one comment of the top level; the others open from a link.</summary>
    public const int MostAnswers = 100;

    /// <summary>A page of public comments.</summary>
    /// <param name="thread">The thread, or null while nobody has written.</param>
    /// <param name="view">Which part of it.</param>
    /// <param name="cancellation">Ends it.</param>
    public async Task<ThreadPage> ReadAsync(CommentThread? thread, ThreadSlice view, CancellationToken cancellation)
    {
        if (thread is null)
            return ThreadPage.Empty;
        var linked = view.At is null
            ? null
            : await database
                .Comments.AsNoTracking()
                .Where(comment =>
                    comment.ThreadId == thread.Id
                    && comment.Key == view.At
                    && comment.Standing == CommentStanding.Public
                )
                .Select(comment => (long?)(comment.RootId ?? comment.Id))
                .FirstOrDefaultAsync(cancellation);
        var top = Rows.Where(comment => comment.ThreadId == thread.Id && comment.RootId == null && comment.IsShown);
        var after = view.After is null
            ? null
            : await top.FirstOrDefaultAsync(comment => comment.Key == view.After, cancellation);
        var roots = await Ordered(After(top, view.Order, after), view.Order)
            .Take(view.Most + 1)
            .ToListAsync(cancellation);
        var next = roots.Count > view.Most ? roots[view.Most - 1].Key : null;
        roots = roots[..Math.Min(roots.Count, view.Most)];
        // What a permanent link leads to comes first where it would not be on the page.
        if (linked is { } root && !roots.Exists(comment => comment.Id == root))
            roots.InsertRange(0, await top.Where(comment => comment.Id == root).ToListAsync(cancellation));
        var comments = await WithFacesAsync(
            thread.SiteId,
            await WithAnswersAsync(roots, view, linked, cancellation),
            cancellation
        );
        return new ThreadPage(comments, thread.PublicCount, next, after is not null);
    }

    private IQueryable<Comment> Rows => database.Comments.AsNoTracking().Include(comment => comment.Picture);

    private async Task<IReadOnlyList<ReaderComment>> WithAnswersAsync(
        List<Comment> roots,
        ThreadSlice view,
        long? linked,
        CancellationToken cancellation
    )
    {
        var small = roots.Where(root => root.Answers is > 0 and <= MostAnswers).Select(root => (long?)root.Id).ToList();
        var answers =
            small.Count == 0
                ? []
                : await Rows.Where(comment => small.Contains(comment.RootId)).ToListAsync(cancellation);
        foreach (var root in roots.Where(root => root.Answers > MostAnswers))
        {
            var below = Rows.Where(comment => comment.RootId == root.Id).OrderBy(comment => comment.Id);
            answers.AddRange(await (root.Id == linked ? below : below.Take(MostAnswers)).ToListAsync(cancellation));
        }

        var groups = answers.ToLookup(comment => comment.RootId);
        return [.. roots.SelectMany(root => Group(root, [root, .. groups[root.Id]], view.Order))];
    }

    // Whoever writes for the site has a picture already; nobody else gives one.
    private async Task<IReadOnlyList<ReaderComment>> WithFacesAsync(
        long site,
        IReadOnlyList<ReaderComment> comments,
        CancellationToken cancellation
    )
    {
        var names = comments.Where(comment => comment.IsTeam).Select(comment => comment.Author).Distinct().ToList();
        if (names.Count == 0)
            return comments;
        var faces = await database
            .Authors.Where(author =>
                author.SiteId == site && author.PictureAddress != null && names.Contains(author.Name)
            )
            .ToDictionaryAsync(author => author.Name, author => author.PictureAddress, cancellation);
        return
        [
            .. comments.Select(comment =>
                comment.IsTeam ? comment with { Face = faces.GetValueOrDefault(comment.Author) } : comment
            ),
        ];
    }

    private IEnumerable<ReaderComment> Group(Comment root, List<Comment> rows, CommentOrder order)
    {
        var names = rows.ToDictionary(row => row.Id, row => row.Standing == CommentStanding.Public ? row.Author : null);
        var shown = ShownBranches.Of(rows, Votes, row => row.Standing == CommentStanding.Public);
        var left = root.Answers - shown.Count(row => row.Id != root.Id && row.Standing == CommentStanding.Public);
        return ThreadTree
            .Arrange(shown, Votes, order)
            .Select(
                (placed, at) =>
                    View(
                        placed.Comment,
                        placed.Depth,
                        placed.Comment.ParentId is { } parent ? names.GetValueOrDefault(parent) : null
                    ) with
                    {
                        AnswersLeft = at == 0 && root.Answers > MostAnswers ? left : 0,
                    }
            );
    }

    private static Voted Votes(Comment row) => new(row.Id, row.ParentId, row.CreatedAt, row.Up, row.Down);

    private ReaderComment View(Comment row, int depth, string? answered) =>
        row.Standing == CommentStanding.Public
            ? new ReaderComment(row.Key, row.Author, row.IsTeam, row.CreatedAt, row.Html, depth, row.Up, row.Down)
            {
                Answers = answered,
                EditedAt = row.EditedAt,
                IsEditedByTeam = row.IsEditedByTeam,
                Rating = row.Rating,
                Reactions = row.Reactions,
                Picture = PictureOf(row),
                From = FromOf(row),
            }
            : new ReaderComment(row.Key, string.Empty, false, row.CreatedAt, string.Empty, depth, 0, 0)
            {
                IsGone = true,
            };

    private ReaderPicture? PictureOf(Comment row) =>
        row.Picture is { } picture
            ? new ReaderPicture(
                library.AddressOf(picture, ReaderPicture.UsualWidth),
                library.AddressOf(picture, ReaderPicture.WholeWidth),
                picture.Width,
                picture.Height,
                picture.Alt
            )
            : null;

    private static ReaderMention? FromOf(Comment row) =>
        row.Mention is { } mention
            ? new ReaderMention(mention.Kind, mention.Source, mention.Host, mention.Title)
            : null;

    private static IQueryable<Comment> Ordered(IQueryable<Comment> top, CommentOrder order) =>
        order switch
        {
            CommentOrder.Newest => top.OrderByDescending(comment => comment.CreatedAt)
                .ThenByDescending(comment => comment.Id),
            CommentOrder.Best => top.OrderByDescending(comment => comment.Best).ThenBy(comment => comment.Id),
            CommentOrder.MostLiked => top.OrderByDescending(comment => comment.Up).ThenBy(comment => comment.Id),
            CommentOrder.LeastLiked => top.OrderByDescending(comment => comment.Down).ThenBy(comment => comment.Id),
            CommentOrder.MostAnswered => top.OrderByDescending(comment => comment.Answers)
                .ThenBy(comment => comment.Id),
            _ => top.OrderBy(comment => comment.CreatedAt).ThenBy(comment => comment.Id),
        };

    private static IQueryable<Comment> After(IQueryable<Comment> top, CommentOrder order, Comment? last)
    {
        if (last is null)
            return top;
        var (id, at, best, up, down, answers) = (last.Id, last.CreatedAt, last.Best, last.Up, last.Down, last.Answers);
        return order switch
        {
            CommentOrder.Newest => top.Where(comment =>
                comment.CreatedAt < at || (comment.CreatedAt == at && comment.Id < id)
            ),
            CommentOrder.Best => top.Where(comment => comment.Best < best || (comment.Best == best && comment.Id > id)),
            CommentOrder.MostLiked => top.Where(comment => comment.Up < up || (comment.Up == up && comment.Id > id)),
            CommentOrder.LeastLiked => top.Where(comment =>
                comment.Down < down || (comment.Down == down && comment.Id > id)
            ),
            CommentOrder.MostAnswered => top.Where(comment =>
                comment.Answers < answers || (comment.Answers == answers && comment.Id > id)
            ),
            _ => top.Where(comment => comment.CreatedAt > at || (comment.CreatedAt == at && comment.Id > id)),
        };
    }
}

/// <summary>Which part of a thread is wanted.</summary>
/// <param name="Order">Order of the comments.</param>
/// <param name="Most">Most comments at the top level.</param>
/// <param name="After">Key of the comment at the top level after which it begins; null for the start.</param>
/// <param name="At">Key of a comment that must be on the page; null for none.</param>
internal sealed record ThreadSlice(CommentOrder Order, int Most, string? After = null, string? At = null);

/// <summary>A part of a thread.</summary>
/// <param name="Comments">In reading order.</param>
/// <param name="Count">How many public comments the whole thread has.</param>
/// <param name="Next">Key after which the next part begins; null at the end.</param>
/// <param name="IsLater">Whether it is not the start.</param>
internal sealed record ThreadPage(IReadOnlyList<ReaderComment> Comments, int Count, string? Next, bool IsLater)
{
    /// <summary>A thread nobody has written in.</summary>
    public static ThreadPage Empty { get; } = new([], 0, null, false);

    /// <summary>
    /// Ratings given with public comments, where the thread asks for them: how often 1, 2, 3, 4 and 5.
    /// </summary>
    public IReadOnlyList<int> Ratings { get; init; } = [];

    /// <summary>Reactions to what the thread is about.</summary>
    public IReadOnlyDictionary<string, int> Reactions { get; init; } = new Dictionary<string, int>();
}

/// <summary>A comment as readers get it; nothing of the writer but the name leaves the server.</summary>
internal sealed record ReaderComment(
    string Id,
    string Author,
    bool IsTeam,
    DateTimeOffset Published,
    string Html,
    int Depth,
    int Up,
    int Down
)
{
    /// <summary>Name of the writer it answers, or null.</summary>
    public string? Answers { get; init; }

    /// <summary>Whether it is not shown and only keeps its place.</summary>
    public bool IsGone { get; init; }

    /// <summary>When its text was changed, or null.</summary>
    public DateTimeOffset? EditedAt { get; init; }

    /// <summary>Whether the team changed it last.</summary>
    public bool IsEditedByTeam { get; init; }

    /// <summary>The rating given with it, or null.</summary>
    public int? Rating { get; init; }

    /// <summary>Reactions by emoji.</summary>
    public IReadOnlyDictionary<string, int> Reactions { get; init; } = new Dictionary<string, int>();

    /// <summary>Address of the writer's own picture, which only authors of the site have; or null.</summary>
    public string? Face { get; init; }

    /// <summary>Picture sent with it, or null.</summary>
    public ReaderPicture? Picture { get; init; }

    /// <summary>The page of another site it stands on, or null for what was written here.</summary>
    public ReaderMention? From { get; init; }

    /// <summary>Answers below it that are not on the page.</summary>
    public int AnswersLeft { get; init; }
}

/// <summary>A picture with a comment as readers get it.</summary>
/// <param name="Address">Address of the form shown.</param>
/// <param name="Whole">Address of the large form.</param>
/// <param name="Width">Width of the whole in pixels.</param>
/// <param name="Height">Height of the whole.</param>
/// <param name="Alt">What it shows; empty where nothing was said.</param>
internal sealed record ReaderPicture(string Address, string Whole, int Width, int Height, string Alt)
{
    /// <summary>Width of the form shown.</summary>
    public const int UsualWidth = 640;

    /// <summary>Width of the large form.</summary>
    public const int WholeWidth = 1920;
}

/// <summary>The page of another site a mention stands on.</summary>
/// <param name="Kind">What it does with the post.</param>
/// <param name="Address">Its address.</param>
/// <param name="Host">Its host.</param>
/// <param name="Title">Its title, or null.</param>
internal sealed record ReaderMention(MentionKind Kind, string Address, string Host, string? Title);

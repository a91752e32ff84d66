using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Filtering;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>
/// /api/sites/{site}/comments/settings and /rules: how comments are taken, layer by layer, and the rules that decide
/// them.
/// </summary>
internal static class CommentSettingsEndpoints
{
    private const string StoredOff = "%\"commentsOff\":true%";
    private const string StoredOn = "%\"comments\":{\"isOn\":true%";
    private const int MostRules = 50;
    private const int TriedComments = 1000;

    /// <summary>Maps them.</summary>
    public static void MapCommentSettings(this RouteGroupBuilder comments)
    {
        comments.MapGet("/settings", GetSettings).Needs(SiteRight.See).WithName("getCommentSettings");
        comments
            .MapPut("/settings", PutSettings)
            .Needs(SiteRight.Edit)
            .WithName("saveCommentSettings")
            .WithSummary("Sets the layer of the site, or of one blog.");
        comments.MapGet("/rules", GetRules).Needs(SiteRight.See).WithName("getCommentRules");
        comments.MapPut("/rules", PutRules).Needs(SiteRight.Edit).WithName("saveCommentRules");
        comments
            .MapPost("/rules/trial", TryRules)
            .Needs(SiteRight.Moderate)
            .WithName("tryCommentRules")
            .WithSummary("What rules would have done with the last thousand comments.");
    }

    private static async Task<Ok<CommentSettingsView>> GetSettings(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) => TypedResults.Ok(await ViewAsync(site, database, cancellation));

    private static async Task<Results<Ok<CommentSettingsView>, NotFound, ValidationProblem>> PutSettings(
        long site,
        LayerRequest request,
        AntiphonContext database,
        SiteFilters filters,
        CancellationToken cancellation
    )
    {
        if (request.Settings.Problem() is { } problem)
            return FieldProblem.For($"settings.{problem.Setting}", problem.Remedy);
        if (request.BlogId is { } blog)
        {
            if (
                await database.Blogs.FirstOrDefaultAsync(row => row.Id == blog && row.SiteId == site, cancellation)
                is not { } found
            )
                return TypedResults.NotFound();
            found.CommentSettings = request.Settings;
        }
        else
            (await database.Sites.SingleAsync(row => row.Id == site, cancellation)).CommentSettings = request.Settings;

        var isSharingChanged = database
            .ChangeTracker.Entries<Site>()
            .Any(entry =>
                entry.Property(row => row.CommentSettings).OriginalValue.SharesLearning
                != entry.Entity.CommentSettings.SharesLearning
            );
        await database.SaveChangesAsync(cancellation);
        if (isSharingChanged)
            filters.Forget(site);
        return TypedResults.Ok(await ViewAsync(site, database, cancellation));
    }

    private static async Task<CommentSettingsView> ViewAsync(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var owner = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == site, cancellation);
        var blogs = await database
            .Blogs.AsNoTracking()
            .Where(blog => blog.SiteId == site)
            .OrderBy(blog => blog.Id)
            .ToListAsync(cancellation);
        // Told by how details are stored, so that the database counts them however many there are.
        var layers = await database
            .Posts.Where(post => post.SiteId == site)
            .GroupBy(post => post.BlogId)
            .Select(group => new
            {
                group.Key,
                All = group.Count(),
                Off = group.Count(post => EF.Functions.Like((string)(object)post.Details, StoredOff)),
                On = group.Count(post =>
                    !EF.Functions.Like((string)(object)post.Details, StoredOff)
                    && EF.Functions.Like((string)(object)post.Details, StoredOn)
                ),
            })
            .ToDictionaryAsync(group => group.Key, group => (group.All, group.Off, group.On), cancellation);
        return new CommentSettingsView(
            CommentSettings.Usual,
            owner.CommentSettings,
            [
                .. blogs.Select(blog => new BlogLayer(
                    blog.Id,
                    blog.Name,
                    blog.CommentSettings,
                    EffectiveSettings.Of(owner.CommentSettings, blog.CommentSettings),
                    layers.GetValueOrDefault(blog.Id).All,
                    layers.GetValueOrDefault(blog.Id).Off,
                    layers.GetValueOrDefault(blog.Id).On
                )),
            ]
        );
    }

    private static async Task<Ok<IReadOnlyList<CommentRule>>> GetRules(
        long site,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        TypedResults.Ok<IReadOnlyList<CommentRule>>(
            await database.Sites.Where(row => row.Id == site).Select(row => row.CommentRules).SingleAsync(cancellation)
        );

    private static async Task<Results<Ok<IReadOnlyList<CommentRule>>, ValidationProblem>> PutRules(
        long site,
        RulesRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (Problem(request.Rules) is { } problem)
            return problem;
        if (await UnknownBlogAsync(site, request.Rules, database, cancellation) is { } unknown)
            return unknown;
        var owner = await database.Sites.SingleAsync(row => row.Id == site, cancellation);
        owner.CommentRules = [.. request.Rules];
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok<IReadOnlyList<CommentRule>>(owner.CommentRules);
    }

    private static ValidationProblem? Problem(IReadOnlyList<CommentRule> rules)
    {
        if (rules.Count > MostRules)
            return FieldProblem.For("rules", $"Use at most {MostRules} rules.");
        for (var number = 0; number < rules.Count; number++)
        {
            if (!rules[number].IsWhole)
                return FieldProblem.For(
                    $"rules[{number}]",
                    rules[number].Condition == RuleCondition.Words
                        ? "Enter at least one word."
                        : "Enter a number above 0, for scores up to 100."
                );
            if (rules[number].Words.Count > 500 || rules[number].Words.Any(word => word.Length > 200))
                return FieldProblem.For($"rules[{number}]", "Use at most 500 words of 200 characters.");
        }

        return null;
    }

    private static async Task<ValidationProblem?> UnknownBlogAsync(
        long site,
        IReadOnlyList<CommentRule> rules,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (rules.All(rule => rule.Blogs is not { Count: > 0 }))
            return null;
        var blogs = await database
            .Blogs.Where(blog => blog.SiteId == site)
            .Select(blog => blog.Id)
            .ToListAsync(cancellation);
        var number = rules.ToList().FindIndex(rule => rule.Blogs?.Except(blogs).Any() == true);
        return number < 0 ? null : FieldProblem.For($"rules[{number}]", "Choose blogs of this site.");
    }

    private static async Task<Results<Ok<RulesTrial>, ValidationProblem>> TryRules(
        long site,
        RulesRequest request,
        AntiphonContext database,
        SiteFilters filters,
        CancellationToken cancellation
    )
    {
        if (Problem(request.Rules) is { } problem)
            return problem;
        var settings = EffectiveSettings.Of(
            await database
                .Sites.Where(row => row.Id == site)
                .Select(row => row.CommentSettings)
                .SingleAsync(cancellation)
        );
        var rows = await database
            .Comments.AsNoTracking()
            .Where(comment => comment.SiteId == site && !comment.IsTeam && comment.Standing != CommentStanding.Deleted)
            .OrderByDescending(comment => comment.Id)
            .Take(TriedComments)
            .Select(comment => new
            {
                Comment = comment,
                comment.Thread.Title,
                Blog = (long?)comment.Thread.Post!.BlogId,
            })
            .ToListAsync(cancellation);
        var filter = await filters.OfAsync(site, cancellation);
        var deciding = rows.Select(row => row.Blog ?? 0)
            .Distinct()
            .ToDictionary(
                blog => blog,
                blog => new CommentDeciding(
                    [.. request.Rules.Where(rule => rule.HoldsIn(blog == 0 ? null : blog))],
                    settings
                )
            );
        var known = PublishedBefore([.. rows.Select(row => row.Comment)]);
        var tried = rows.Select(row =>
                (
                    row.Comment,
                    row.Title,
                    Trace: deciding[row.Blog ?? 0].Decide(FactsOf(row.Comment, known[row.Comment.Id], filter))
                )
            )
            .ToList();
        var counts = Enum.GetValues<CommentAct>()
            .ToDictionary(act => act, act => tried.Count(pair => pair.Trace.Act == act));
        var changed = tried.Where(pair => Differs(pair.Comment, pair.Trace.Act)).ToList();
        return TypedResults.Ok(
            new RulesTrial(
                tried.Count,
                counts[CommentAct.Publish],
                counts[CommentAct.Wait],
                counts[CommentAct.Spam],
                counts[CommentAct.Refuse],
                changed.Count,
                [
                    .. changed
                        .Take(50)
                        .Select(pair => new TriedComment(
                            pair.Comment.Id,
                            pair.Comment.Author,
                            Shortened.ToLength(pair.Comment.Text.ReplaceLineEndings(" "), 140),
                            pair.Title,
                            pair.Comment.Standing,
                            pair.Trace
                        )),
                ]
            )
        );
    }

    private static CommentFacts FactsOf(Comment comment, int publishedBefore, SpamFilter filter) =>
        new(
            $"{comment.Author}\n{comment.Mail}\n{comment.Text}",
            CommentLinks.Count(comment.Text),
            publishedBefore,
            filter.IsSure ? filter.Score(DecidedComments.TraitsOf(comment)) : null,
            comment.Trace?.Facts.SameText ?? 1,
            comment.Trace?.Facts.SecondsToWrite,
            comment.Trace?.Facts.FromSamePlace ?? 1,
            comment.Trace?.Facts.IsTrapped ?? false
        );

    // Within what is tried: how many of the writer's comments before this one are public now.
    private static Dictionary<long, int> PublishedBefore(List<Comment> comments)
    {
        var seen = new Dictionary<string, int>();
        var before = new Dictionary<long, int>();
        foreach (var comment in comments.OrderBy(row => row.Id))
        {
            before[comment.Id] = comment.Mail is null ? 0 : seen.GetValueOrDefault(comment.Mail);
            if (comment.Mail is not null && comment.Standing == CommentStanding.Public)
                seen[comment.Mail] = seen.GetValueOrDefault(comment.Mail) + 1;
        }

        return before;
    }

    private static bool Differs(Comment comment, CommentAct act) =>
        act switch
        {
            CommentAct.Publish => comment.Standing is CommentStanding.Spam or CommentStanding.Hidden,
            CommentAct.Spam or CommentAct.Refuse => comment.Standing
                is CommentStanding.Public
                    or CommentStanding.Hidden,
            _ => false,
        };
}

/// <summary>The layers of a site.</summary>
/// <param name="Usual">What holds where no layer says anything.</param>
/// <param name="Site">The layer of the site.</param>
/// <param name="Blogs">The layers of its blogs.</param>
internal sealed record CommentSettingsView(CommentSettings Usual, CommentSettings Site, IReadOnlyList<BlogLayer> Blogs);

/// <summary>The layer of a blog.</summary>
/// <param name="Id">Key of the blog.</param>
/// <param name="Name">Its name.</param>
/// <param name="Settings">What the blog says itself.</param>
/// <param name="Effective">What holds for its posts that say nothing.</param>
/// <param name="Posts">How many posts it has.</param>
/// <param name="PostsOff">Posts that say themselves that comments are off.</param>
/// <param name="PostsOn">Posts that say themselves that they are on.</param>
internal sealed record BlogLayer(
    long Id,
    string Name,
    CommentSettings Settings,
    EffectiveSettings Effective,
    int Posts,
    int PostsOff,
    int PostsOn
);

/// <summary>A layer to be set.</summary>
/// <param name="BlogId">The blog, or null for the site.</param>
/// <param name="Settings">What it says; null values are as the layer outside says.</param>
internal sealed record LayerRequest(long? BlogId, CommentSettings Settings);

/// <summary>Rules in order.</summary>
internal sealed record RulesRequest(IReadOnlyList<CommentRule> Rules);

/// <summary>What rules would have done.</summary>
/// <param name="Tried">Comments tried.</param>
/// <param name="Published">Would have been public at once.</param>
/// <param name="Waiting">Would have waited.</param>
/// <param name="Spam">Would have been put aside.</param>
/// <param name="Refused">Would not have been taken.</param>
/// <param name="Against">How many of them a person has decided otherwise.</param>
/// <param name="Examples">Some of those.</param>
internal sealed record RulesTrial(
    int Tried,
    int Published,
    int Waiting,
    int Spam,
    int Refused,
    int Against,
    IReadOnlyList<TriedComment> Examples
);

/// <summary>A comment rules would have sent elsewhere than a person did.</summary>
internal sealed record TriedComment(
    long Id,
    string Author,
    string Start,
    string ThreadTitle,
    CommentStanding Standing,
    CommentTrace Trace
);

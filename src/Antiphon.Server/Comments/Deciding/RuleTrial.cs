using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Server.Comments.Filtering;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Deciding;

/// <summary>Tries rules on the comments there are, against what people decided.</summary>
internal static class RuleTrial
{
    private const int TriedComments = 1000;
    private const int MostExamples = 50;

    /// <summary>What the rules would have done with the last comments of a site.</summary>
    public static async Task<RulesTrial> RunAsync(
        long site,
        IReadOnlyList<CommentRule> rules,
        AntiphonContext database,
        SiteFilters filters,
        CancellationToken cancellation
    )
    {
        var settings = EffectiveSettings.Of(
            await database
                .Sites.Where(row => row.Id == site)
                .Select(row => row.CommentSettings)
                .SingleAsync(cancellation)
        );
        var written = await database
            .Comments.AsNoTracking()
            .Where(comment => comment.SiteId == site && !comment.IsTeam && comment.Standing != CommentStanding.Deleted)
            .OrderByDescending(comment => comment.Id)
            .Take(TriedComments)
            .Select(comment => new Written(comment, comment.Thread.Title, (long?)comment.Thread.Post!.BlogId))
            .ToListAsync(cancellation);
        var filter = await filters.OfAsync(site, cancellation);
        var known = PublishedBefore([.. written.Select(row => row.Comment)]);
        var tried = written
            .GroupBy(row => row.Blog)
            .SelectMany(group =>
            {
                var deciding = new CommentDeciding([.. rules.Where(rule => rule.HoldsIn(group.Key))], settings);
                return group.Select(row =>
                    (Written: row, Trace: deciding.Decide(FactsOf(row.Comment, known[row.Comment.Id], filter)))
                );
            })
            .ToList();
        return Summed(tried);
    }

    private static RulesTrial Summed(List<(Written Written, CommentTrace Trace)> tried)
    {
        int Count(CommentAct act) => tried.Count(pair => pair.Trace.Act == act);
        var changed = tried
            .Where(pair => Differs(pair.Written.Comment, pair.Trace.Act))
            .OrderByDescending(pair => pair.Written.Comment.Id)
            .ToList();
        return new RulesTrial(
            tried.Count,
            Count(CommentAct.Publish),
            Count(CommentAct.Wait),
            Count(CommentAct.Spam),
            Count(CommentAct.Refuse),
            changed.Count,
            [.. changed.Take(MostExamples).Select(pair => ExampleOf(pair.Written, pair.Trace))]
        );
    }

    private static TriedComment ExampleOf(Written written, CommentTrace trace) =>
        new(
            written.Comment.Id,
            written.Comment.Author,
            Shortened.ToLength(written.Comment.Text.ReplaceLineEndings(" "), 140),
            written.Thread,
            written.Comment.Standing,
            trace
        );

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

    private sealed record Written(Comment Comment, string Thread, long? Blog);
}

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

using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Comments.Threads;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Commenters;

/// <summary>
/// What writers do with their own comments: change them for a while on the device they wrote them on, and take them
/// back.
/// </summary>
internal sealed class OwnComments(
    AntiphonContext database,
    ThreadReader threads,
    CommentFactsReader facts,
    CommentErasing erasing,
    DeedRecord deeds,
    TimeProvider clock
)
{
    private static readonly Doer Writer = new(null, string.Empty, DeedWay.Page);

    /// <summary>
    /// Changes the text; what was public is decided anew, as a harmless text is easily changed into another.
    /// </summary>
    public async Task<OwnOutcome> ChangeAsync(
        Site site,
        string key,
        string ownerKey,
        string text,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(site, key, ownerKey, cancellation) is not { } row)
            return OwnOutcome.Unknown;
        var rules = await threads.RulesAsync(site, row.Thread, cancellation);
        var now = clock.GetUtcNow();
        if (row.CreatedAt.AddMinutes(rules.Settings.EditMinutes) <= now)
            return OwnOutcome.TooLate;
        deeds.Add(row, DeedKind.Edited, row.Text, text.Trim(), Writer);
        (row.Text, row.Html, row.EditedAt, row.IsEditedByTeam) = (text.Trim(), CommentBody.ToHtml(text), now, false);
        var known = await facts.ReadAsync(row, false, row.Trace?.Facts.SecondsToWrite, cancellation);
        var trace = rules.Deciding.Decide(known);
        // What a person published stays so unless the new text is worse than waiting; what waits or was put aside never
        // becomes public by a change.
        if (
            row.Standing == CommentStanding.Public
            && (
                trace.Act is CommentAct.Spam or CommentAct.Refuse
                || (row.DecidedById is null && trace.Act == CommentAct.Wait)
            )
        )
            (row.Trace, row.Standing) = (trace, CommentStanding.Waiting);
        await database.SaveChangesAsync(cancellation);
        return row.Standing == CommentStanding.Public ? OwnOutcome.Done : OwnOutcome.Waits;
    }

    /// <summary>Whether it is public by now.</summary>
    public async Task<OwnOutcome> LookAsync(Site site, string key, string ownerKey, CancellationToken cancellation) =>
        (await FindAsync(site, key, ownerKey, cancellation))?.Standing switch
        {
            null => OwnOutcome.Unknown,
            CommentStanding.Public => OwnOutcome.Done,
            _ => OwnOutcome.Waits,
        };

    /// <summary>Takes a comment back for good; its place in the thread stays.</summary>
    public async Task<OwnOutcome> WithdrawAsync(Site site, string key, string ownerKey, CancellationToken cancellation)
    {
        if (await FindAsync(site, key, ownerKey, cancellation) is not { } row)
            return OwnOutcome.Unknown;
        deeds.Add(row, DeedKind.Withdrawn, row.Standing.ToString(), null, Writer);
        await erasing.EraseAsync([row], Writer, cancellation);
        return OwnOutcome.Done;
    }

    private Task<Comment?> FindAsync(Site site, string key, string ownerKey, CancellationToken cancellation) =>
        database
            .Comments.Include(comment => comment.Thread)
            .FirstOrDefaultAsync(
                comment =>
                    comment.SiteId == site.Id
                    && comment.Key == key
                    && comment.OwnerKey == ownerKey
                    && comment.Standing != CommentStanding.Deleted,
                cancellation
            );
}

/// <summary>What became of a writer's wish for their own comment.</summary>
internal enum OwnOutcome
{
    /// <summary>Done.</summary>
    Done,

    /// <summary>Done, and a person looks at it before it is public.</summary>
    Waits,

    /// <summary>The time for changes has passed.</summary>
    TooLate,

    /// <summary>This device wrote no such comment.</summary>
    Unknown,
}

using Antiphon.Core.Channels;
using Antiphon.Core.Comments;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Commenters;
using Antiphon.Data.Sites;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments.Following;

/// <summary>
/// Tells readers by mail of what they follow: a thread, or answers to what they wrote. Their own comment they are told
/// of when it is published after it waited.
/// </summary>
internal sealed class CommenterNotifier(
    AntiphonContext database,
    LetterBox letters,
    ISiteEvents events,
    IKeySource keys,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    private const int ShownLength = 600;

    /// <summary>Writes the mails about a comment that is public now, once. The caller saves.</summary>
    public async Task TellAsync(Comment comment, CancellationToken cancellation)
    {
        if (comment.ToldAt is not null)
            return;
        comment.ToldAt = clock.GetUtcNow();
        var thread = comment.Thread
            ?? await database.Threads.FirstAsync(commentThread => commentThread.Id == comment.ThreadId, cancellation);
        await events.NoteAsync(
            comment.SiteId,
            ChannelEvent.CommentPublished,
            () => CommentEvent.Of(comment, thread),
            cancellation
        );
        var follows = await database
            .ThreadFollows.AsNoTracking()
            .Include(threadFollow => threadFollow.Site)
            .Include(threadFollow => threadFollow.Thread)
            .Where(threadFollow =>
                threadFollow.ThreadId == comment.ThreadId
                && database.ConfirmedCommenters.Any(reader =>
                    reader.SiteId == threadFollow.SiteId && reader.Mail == threadFollow.Mail
                )
            )
            .ToListAsync(cancellation);
        if (follows.Count == 0)
            return;
        var answered = comment.ParentId is { } parent
            ? await database
                .Comments.Where(row => row.Id == parent)
                .Select(row => row.Mail)
                .FirstOrDefaultAsync(cancellation)
            : null;
        foreach (var follow in follows)
        {
            var isOwn = follow.Mail == comment.Mail;
            if (
                isOwn
                    ? comment.Standing == CommentStanding.Public && comment.DecidedAt is not null
                    : !follow.OnlyAnswers || follow.Mail == answered
            )
                Post(follow, comment, isOwn, follow.Mail == answered);
        }
    }

    /// <summary>
    /// Has a reader follow a thread by mail; saved by the caller. Nothing is sent before the address is confirmed.
    /// </summary>
    public async Task FollowAsync(CommentThread thread, string mail, bool onlyAnswers, CancellationToken cancellation)
    {
        var follow = await database.ThreadFollows.FirstOrDefaultAsync(
            threadFollow => threadFollow.ThreadId == thread.Id && threadFollow.Mail == mail,
            cancellation
        );
        if (follow is null)
            database.ThreadFollows.Add(
                follow = new ThreadFollow
                {
                    SiteId = thread.SiteId,
                    ThreadId = thread.Id,
                    Mail = mail,
                    Key = keys.NewKey(40),
                    MadeAt = clock.GetUtcNow(),
                }
            );
        follow.OnlyAnswers = onlyAnswers;
    }

    private void Post(ThreadFollow follow, Comment comment, bool isOwn, bool isAnswer)
    {
        var texts = CommenterMailTexts.For(follow.Site.Language);
        var stop = options.Value.AddressOf($"follow/{follow.Key}");
        var title =
            isOwn ? texts.Published
            : isAnswer ? texts.Answered
            : texts.Said;
        var subject = title
            .With(
                ("name", Shortened.ToLength(comment.Author, 60)),
                ("title", Shortened.ToLength(follow.Thread.Title, 80))
            )
            .ReplaceLineEndings(" ");
        var text =
            $"{subject}\n\n{Shortened.ToLength(comment.Text, ShownLength)}\n\n{AddressOf(follow.Thread, comment, follow.Site)}\n\n{texts.Stop}\n{stop}\n";
        letters.Post(database, follow.SiteId, follow.Mail, subject, text, stopAddress: stop);
    }

    private string AddressOf(CommentThread thread, Comment comment, Site site) =>
        thread.Address is { } address
            ? $"{address.Split('#')[0]}#comment-{comment.Key}"
            : options.Value.AddressOf(
                $"{ThreadSnippet.PagePath(site.PublicKey, thread.Identifier, string.Empty, thread.Title)}&at={comment.Key}#comment-{comment.Key}"
            );
}

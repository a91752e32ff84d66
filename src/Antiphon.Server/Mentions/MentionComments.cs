using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Moderation;
using Antiphon.Core.Mentions;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Mentions;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Following;
using Antiphon.Server.Comments.Moderation;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mentions;

/// <summary>
/// Keeps each mention as a comment of the post's thread, so that the same rules, the same filter and the same people
/// decide about it.
/// </summary>
internal sealed class MentionComments(
    AntiphonContext database,
    ThreadReader threads,
    CommentFactsReader facts,
    CommenterNotifier notifier,
    DeedRecord deeds,
    PostAddresses addresses,
    CommenterKeys readers,
    IKeySource keys,
    TimeProvider clock
)
{
    private static readonly Doer Sender = new(null, string.Empty, DeedWay.Page);

    /// <summary>Makes the comment, or follows a change of the page; the caller saves.</summary>
    public async Task KeepAsync(Mention mention, MentionPage page, CancellationToken cancellation)
    {
        var comment = await database.Comments.FirstOrDefaultAsync(row => row.MentionId == mention.Id, cancellation);
        var text = page.Text.Length > 0 ? page.Text : page.Title ?? WordsFor(mention.Kind);
        if (comment is null)
            await AddAsync(mention, page.Author, text, cancellation);
        else if (comment.Text != text || comment.Standing == CommentStanding.Deleted)
            await ChangeAsync(comment, mention, page.Author, text, cancellation);
    }

    /// <summary>
    /// Takes the comment away with the link; one a person has decided to be spam stays what it is. The caller saves.
    /// </summary>
    public async Task RemoveAsync(Mention mention, CancellationToken cancellation)
    {
        var comment = await database.Comments.FirstOrDefaultAsync(
            row =>
                row.MentionId == mention.Id
                && row.Standing != CommentStanding.Deleted
                && row.Standing != CommentStanding.Spam,
            cancellation
        );
        if (comment is null)
            return;
        deeds.Add(comment, DeedKind.Withdrawn, comment.Standing.ToString(), null, Sender);
        (comment.Standing, comment.DecidedAt, comment.DecidedById) = (CommentStanding.Deleted, clock.GetUtcNow(), null);
    }

    private async Task AddAsync(Mention mention, string author, string text, CancellationToken cancellation)
    {
        var thread = await ThreadAsync(mention, cancellation);
        var comment = new Comment
        {
            Key = keys.NewKey(),
            SiteId = mention.SiteId,
            Thread = thread,
            ThreadId = thread.Id,
            Mention = mention,
            MentionId = mention.Id,
            CreatedAt = clock.GetUtcNow(),
        };
        Say(comment, author, text);
        await DecideAsync(comment, mention, thread, cancellation);
        comment.Standing = comment.Trace!.Standing;
        database.Comments.Add(comment);
        if (comment.Standing == CommentStanding.Public)
        {
            await database.SaveChangesAsync(cancellation);
            await notifier.TellAsync(comment, cancellation);
        }
    }

    // A page that changed is another page: it is decided anew, but never becomes public by itself where people decided
    // otherwise.
    private async Task ChangeAsync(
        Comment comment,
        Mention mention,
        string author,
        string text,
        CancellationToken cancellation
    )
    {
        var was = comment.Standing;
        deeds.Add(comment, DeedKind.Edited, comment.Text, text, Sender);
        comment.Mention = mention;
        Say(comment, author, text);
        comment.EditedAt = clock.GetUtcNow();
        await DecideAsync(comment, mention, await ThreadAsync(mention, cancellation), cancellation);
        var isWorse =
            comment.Trace!.Act is CommentAct.Spam or CommentAct.Refuse
            || (comment.DecidedById is null && comment.Trace.Act == CommentAct.Wait);
        if (was == CommentStanding.Deleted || (was == CommentStanding.Public && isWorse))
            comment.Standing = comment.Trace.Act == CommentAct.Spam ? CommentStanding.Spam : CommentStanding.Waiting;
    }

    private void Say(Comment comment, string author, string text) =>
        (comment.Author, comment.Text, comment.Html, comment.TextKey) = (
            author,
            text,
            PlainParagraphs(text),
            readers.OfText(text)
        );

    private async Task DecideAsync(
        Comment comment,
        Mention mention,
        CommentThread thread,
        CancellationToken cancellation
    )
    {
        var rules = await threads.RulesAsync(mention.Site, thread, cancellation);
        var known = await facts.ReadAsync(comment, false, null, cancellation);
        comment.Trace = rules.Deciding.Decide(known);
        comment.WaitReason = WaitDecision.ReasonFor(comment.Text, known.PublishedBefore);
    }

    private async Task<CommentThread> ThreadAsync(Mention mention, CancellationToken cancellation)
    {
        var (identifier, address) = (PostThreads.IdentifierOf(mention.Post), addresses.Of(mention.Post));
        if (await threads.FindAsync(mention.Site, identifier, address, cancellation) is { } thread)
            return thread;
        thread = PostThreads.Of(mention.Post, address, clock.GetUtcNow());
        database.Threads.Add(thread);
        await database.SaveChangesAsync(cancellation);
        return thread;
    }

    // Signs of Markdown mean nothing in what somebody wrote elsewhere.
    private static string PlainParagraphs(string text) =>
        string.Concat(
            text.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
                .Select(line => $"<p>{Encoded.Html(line)}</p>")
        );

    private static string WordsFor(MentionKind kind) =>
        kind switch
        {
            MentionKind.Like => "Likes this.",
            MentionKind.Repost => "Reposted this.",
            _ => "Links here.",
        };
}

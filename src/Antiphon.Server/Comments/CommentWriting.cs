using Antiphon.Core.Comments;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Embed;
using Antiphon.Server.Mail;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Takes comments from readers. Everything accepted waits for a person.</summary>
internal sealed class CommentWriting(AntiphonContext database, ThreadReader threads, IKeySource keys, TimeProvider clock)
{
    /// <summary>Stores a comment as Waiting, or says by field what to correct; opens the thread when it is its first.</summary>
    public async Task<IReadOnlyDictionary<string, string>> WriteAsync(Site site, CommentSubmission submission, CancellationToken cancellation)
    {
        var problems = Examine(site, submission);
        if (problems.Count > 0) return problems;
        var thread = await threads.FindAsync(site, submission.Identifier, submission.Address, cancellation) ?? await OpenAsync(site, submission, cancellation);
        if (!await threads.IsOpenAsync(thread, cancellation)) return new Dictionary<string, string> { ["text"] = EmbedTexts.For(site.Language).Closed };
        var key = submission.Key.Length is > 0 and <= 64 ? submission.Key : null;
        if (key is not null && await database.Comments.AnyAsync(comment => comment.ThreadId == thread.Id && comment.SubmissionKey == key, cancellation)) return problems;
        database.Comments.Add(await MakeAsync(site, thread, submission, key, cancellation));
        await database.SaveChangesAsync(cancellation);
        return problems;
    }

    private static Dictionary<string, string> Examine(Site site, CommentSubmission submission)
    {
        var texts = EmbedTexts.For(site.Language);
        var problems = new Dictionary<string, string>();
        var mail = submission.Mail.Trim();
        if (string.IsNullOrWhiteSpace(submission.Name) || submission.Name.Length > 100) problems["name"] = texts.NameMissing;
        if (string.IsNullOrWhiteSpace(submission.Text)) problems["text"] = texts.CommentMissing;
        else if (submission.Text.Length > CommentBody.MaxLength) problems["text"] = texts.TooLong;
        if (mail.Length > 0 && !MailAddresses.IsOne(mail)) problems["mail"] = texts.MailWrong;
        if (string.IsNullOrWhiteSpace(submission.Identifier) && FoldedAddress.Of(submission.Address) is null) problems["id"] = "The snippet names no thread: give it an identifier or the page's address.";
        if (submission.Identifier.Length > 500) problems["id"] = "Keep the thread's identifier under 500 characters.";
        return problems;
    }

    private async Task<CommentThread> OpenAsync(Site site, CommentSubmission submission, CancellationToken cancellation)
    {
        var isAllowed = AllowedAddresses.Allows(site.AllowedAddresses, submission.Address);
        var folded = isAllowed ? FoldedAddress.Of(submission.Address) : null;
        var title = Shortened.ToLength(submission.Title.Trim(), 300);
        var thread = new CommentThread
        {
            SiteId = site.Id,
            Identifier = string.IsNullOrWhiteSpace(submission.Identifier) ? folded! : submission.Identifier.Trim(),
            Address = isAllowed ? submission.Address : null,
            FoldedAddress = folded,
            Title = title.Length > 0 ? title : folded ?? submission.Identifier,
            CreatedAt = clock.GetUtcNow(),
        };
        if (string.IsNullOrWhiteSpace(thread.Identifier)) thread.Identifier = FoldedAddress.Of(submission.Address) ?? keys.NewKey();
        database.Threads.Add(thread);
        try
        {
            await database.SaveChangesAsync(cancellation);
            return thread;
        }
        catch (DbUpdateException)
        {
            // Two first comments at once: the other one opened the thread.
            database.Entry(thread).State = EntityState.Detached;
            return await database.Threads.SingleAsync(one => one.SiteId == site.Id && one.Identifier == thread.Identifier, cancellation);
        }
    }

    private async Task<Comment> MakeAsync(Site site, CommentThread thread, CommentSubmission submission, string? key, CancellationToken cancellation)
    {
        var mail = submission.Mail.Trim().ToLowerInvariant();
        var before = mail.Length == 0 ? 0 : await database.Comments.CountAsync(one => one.SiteId == site.Id && one.Mail == mail && one.Standing == CommentStanding.Public, cancellation);
        return new Comment
        {
            Key = keys.NewKey(),
            SiteId = site.Id,
            ThreadId = thread.Id,
            Author = submission.Name.Trim(),
            Mail = mail.Length == 0 ? null : mail,
            Text = submission.Text.Trim(),
            Html = CommentBody.ToHtml(submission.Text),
            // Only programs see the trap; what they send is kept where a person can still find it.
            Standing = submission.Trap.Length > 0 ? CommentStanding.Spam : CommentStanding.Waiting,
            WaitReason = WaitDecision.ReasonFor(submission.Text, before),
            CreatedAt = clock.GetUtcNow(),
            SubmissionKey = key,
        };
    }
}

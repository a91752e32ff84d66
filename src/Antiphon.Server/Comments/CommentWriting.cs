using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Embed;
using Antiphon.Server.Mail;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Takes comments from readers, and has the site's rules decide where they go.</summary>
internal sealed class CommentWriting(AntiphonContext database, ThreadReader threads, CommentFactsReader facts, ReaderKeys readers, IKeySource keys, TimeProvider clock)
{
    /// <summary>Stores a comment where the rules send it, or says by field what to correct; opens the thread when it is its first.</summary>
    public async Task<Written> WriteAsync(Site site, CommentSubmission submission, CancellationToken cancellation)
    {
        var problems = Examine(site, submission);
        if (problems.Count > 0) return Written.Not(problems);
        var thread = await threads.FindAsync(site, submission.Identifier, submission.Address, cancellation) ?? await OpenAsync(site, submission, cancellation);
        var rules = await threads.RulesAsync(site, thread, cancellation);
        if (!rules.IsOpen) return Written.Not("text", EmbedTexts.For(site.Language).Closed);
        if (rules.Settings.NeedsMail && submission.Mail.Trim().Length == 0) return Written.Not("mail", ThreadTexts.For(site.Language).MailMissing);
        if (KeyOf(submission) is { } key && await database.Comments.FirstOrDefaultAsync(one => one.ThreadId == thread.Id && one.SubmissionKey == key, cancellation) is { } before) return new Written([], before.Standing);
        var comment = await MakeAsync(site, thread, submission, rules.Settings, cancellation);
        if (comment.Trace!.Act == CommentAct.Refuse) return Written.Not("text", comment.Trace.Rule?.Message ?? ThreadTexts.For(site.Language).Refused);
        database.Comments.Add(comment);
        await database.SaveChangesAsync(cancellation);
        return new Written([], comment.Standing);
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

    private static string? KeyOf(CommentSubmission submission) => submission.Key.Length is > 0 and <= 64 ? submission.Key : null;

    private async Task<Comment> MakeAsync(Site site, CommentThread thread, CommentSubmission submission, EffectiveSettings settings, CancellationToken cancellation)
    {
        var mail = submission.Mail.Trim().ToLowerInvariant();
        var answers = string.IsNullOrEmpty(submission.Answers)
            ? null
            : await database.Comments.Where(one => one.ThreadId == thread.Id && one.Key == submission.Answers && one.Standing == CommentStanding.Public).Select(one => (long?)one.Id).FirstOrDefaultAsync(cancellation);
        var comment = new Comment
        {
            Key = keys.NewKey(),
            SiteId = site.Id,
            ThreadId = thread.Id,
            ParentId = answers,
            Author = submission.Name.Trim(),
            Mail = mail.Length == 0 ? null : mail,
            Text = submission.Text.Trim(),
            Html = CommentBody.ToHtml(submission.Text),
            TextKey = readers.OfText(submission.Text),
            PlaceKey = submission.PlaceKey,
            CreatedAt = clock.GetUtcNow(),
            SubmissionKey = KeyOf(submission),
        };
        // Only programs see the trap; what they send is kept where a person can still find it.
        var known = await facts.ReadAsync(comment, submission.Trap.Length > 0, submission.SecondsToWrite, cancellation);
        comment.Trace = new CommentDeciding(site.CommentRules, settings.Approval, settings.PublishBelow, settings.SpamFrom).Decide(known);
        comment.Standing = comment.Trace.Act switch
        {
            CommentAct.Publish => CommentStanding.Public,
            CommentAct.Spam => CommentStanding.Spam,
            _ => CommentStanding.Waiting,
        };
        comment.WaitReason = WaitDecision.ReasonFor(submission.Text, known.PublishedBefore);
        return comment;
    }
}

/// <summary>What became of a comment that was sent.</summary>
/// <param name="Problems">What to correct, by field; empty when it was taken.</param>
/// <param name="Standing">Where it stands; without meaning when it was not taken.</param>
internal sealed record Written(Dictionary<string, string> Problems, CommentStanding Standing)
{
    /// <summary>Not taken, for several reasons.</summary>
    public static Written Not(Dictionary<string, string> problems) => new(problems, default);

    /// <summary>Not taken, for one reason.</summary>
    public static Written Not(string field, string problem) => Not(new Dictionary<string, string> { [field] = problem });
}

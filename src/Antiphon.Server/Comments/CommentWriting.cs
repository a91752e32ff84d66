using System.Globalization;
using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Commenters;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Commenters;
using Antiphon.Server.Comments.Following;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Pictures;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Takes comments from readers, and has the site's rules decide where they go.</summary>
internal sealed class CommentWriting(
    AntiphonContext database,
    ThreadReader threads,
    ThreadOpening opening,
    CommentFactsReader facts,
    CommenterConfirmation confirming,
    CommenterNotifier notifier,
    CommentPictures pictures,
    CommenterKeys readers,
    IKeySource keys,
    TimeProvider clock
)
{
    private const int LongestName = 100;

    /// <summary>
    /// Stores a comment where the rules send it, or says by field what to correct; opens the thread when it is its
    /// first.
    /// </summary>
    public async Task<Written> WriteAsync(Site site, CommentSubmission submission, CancellationToken cancellation)
    {
        if (ThreadProblem(submission) is { } missing)
            return Written.Not("id", missing);
        var found = await threads.FindAsync(site, submission.Identifier, submission.Address, cancellation);
        var rules = await threads.RulesAsync(site, found, cancellation);
        var language = rules.Settings.Language.Length > 0 ? rules.Settings.Language : site.Language;
        if (!rules.Settings.AllowsPictures)
            submission = submission with { Picture = null };
        var problems = Examine(submission, rules.Settings, language);
        var picture = pictures.Examine(submission.Picture);
        if (submission.Picture is not null && picture is null)
            problems["picture"] = ReaderTexts.For(language).PictureWrong;
        if (problems.Count > 0)
            return Written.Not(problems);
        if (!rules.IsOpen)
            return Written.Not("text", EmbedTexts.For(language).Closed);
        if (await NotAmongWritersAsync(site, submission, rules.Settings, language, cancellation) is { } refused)
            return Written.Not("mail", refused);
        var thread = found
            ?? await opening.OpenAsync(site, submission.Identifier, submission.Address, submission.Title, cancellation);
        if (await SentBeforeAsync(thread, KeyOf(submission), cancellation) is { } before)
            return Written.As(before);
        var comment = await MakeAsync(site, thread, submission, rules, language, cancellation);
        if (comment.Trace!.Act == CommentAct.Refuse)
            return Written.Not("text", comment.Trace.Rule?.Message ?? ThreadTexts.For(language).Refused);
        if (await StoreAsync(site, thread, comment, submission, picture, cancellation) is { } stored)
            return Written.As(stored);
        return Written.As(comment) with { MustConfirm = comment.Trace.Step == DecidingStep.Unconfirmed };
    }

    private static string? ThreadProblem(CommentSubmission submission)
    {
        if (string.IsNullOrWhiteSpace(submission.Identifier) && FoldedAddress.Of(submission.Address) is null)
            return "The snippet names no thread: give it an identifier or the page's address.";
        return submission.Identifier.Length > 500 ? "Use at most 500 characters." : null;
    }

    private static Dictionary<string, string> Examine(
        CommentSubmission submission,
        EffectiveSettings settings,
        string language
    )
    {
        var (texts, reader) = (EmbedTexts.For(language), ReaderTexts.For(language));
        var problems = new Dictionary<string, string>();
        var mail = submission.Mail.Trim();
        if (
            (string.IsNullOrWhiteSpace(submission.Name) && !settings.AllowsAnonymous)
            || submission.Name.Length > LongestName
        )
            problems["name"] = texts.NameMissing;
        if (string.IsNullOrWhiteSpace(submission.Text))
            problems["text"] = texts.CommentMissing;
        else if (submission.Text.Length > CommentBody.MaxLength)
            problems["text"] = texts.TooLong;
        if (mail.Length > 0 && !MailAddresses.IsOne(mail))
            problems["mail"] = texts.MailWrong;
        else if (mail.Length == 0 && settings.AsksMail)
            problems["mail"] = ThreadTexts.For(language).MailMissing;
        else if (mail.Length == 0 && submission.Follow.Length > 0)
            problems["mail"] = reader.MailForFollowing;
        // An answer is about the comment it answers, not about the thing itself.
        if (settings.AsksRating && string.IsNullOrEmpty(submission.Answers) && RatingOf(submission) is null)
            problems["rating"] = reader.RatingMissing;
        return problems;
    }

    private async Task<string?> NotAmongWritersAsync(
        Site site,
        CommentSubmission submission,
        EffectiveSettings settings,
        string language,
        CancellationToken cancellation
    )
    {
        var mail = submission.Mail.Trim().ToLowerInvariant();
        return settings.Writers switch
        {
            CommentWriters.Named
                when !settings.NamedReaders.Any(text =>
                    string.Equals(text.Trim(), mail, StringComparison.OrdinalIgnoreCase)
                ) => ReaderTexts.For(language).ForNamed,
            CommentWriters.Subscribers
                when !await database.Subscribers.AnyAsync(
                    subscriber =>
                        subscriber.SiteId == site.Id && subscriber.Mail.ToLower() == mail && subscriber.LeftAt == null,
                    cancellation
                ) => ReaderTexts.For(language).ForSubscribers,
            _ => null,
        };
    }

    private static string? KeyOf(CommentSubmission submission) =>
        submission.Key.Length is > 0 and <= 64 ? submission.Key : null;

    private static int? RatingOf(CommentSubmission submission) =>
        int.TryParse(submission.Rating, NumberStyles.None, CultureInfo.InvariantCulture, out var rating)
        && rating is >= 1 and <= 5
            ? rating
            : null;

    private async Task<Comment> MakeAsync(
        Site site,
        CommentThread thread,
        CommentSubmission submission,
        ThreadRules rules,
        string language,
        CancellationToken cancellation
    )
    {
        var mail = Trimmed.OrNull(submission.Mail)?.ToLowerInvariant();
        var answered = string.IsNullOrEmpty(submission.Answers)
            ? null
            : await database
                .Comments.AsNoTracking()
                .FirstOrDefaultAsync(
                    row =>
                        row.ThreadId == thread.Id
                        && row.Key == submission.Answers
                        && row.Standing == CommentStanding.Public,
                    cancellation
                );
        var comment = new Comment
        {
            Key = keys.NewKey(),
            SiteId = site.Id,
            ThreadId = thread.Id,
            ParentId = answered?.Id,
            RootId = answered?.RootId ?? answered?.Id,
            Author = Trimmed.OrNull(submission.Name) ?? ReaderTexts.For(language).Anonymous,
            Mail = mail,
            IsConfirmed =
                mail is not null
                && submission.OwnerKey is { } device
                && await database.IsProvenAsync(site.Id, mail, device, cancellation),
            Text = submission.Text.Trim(),
            Html = CommentBody.ToHtml(submission.Text),
            TextKey = readers.OfText(submission.Text),
            PlaceKey = submission.PlaceKey,
            NetworkKey = submission.NetworkKey,
            OwnerKey = submission.OwnerKey,
            Rating = rules.Settings.AsksRating && answered is null ? RatingOf(submission) : null,
            CreatedAt = clock.GetUtcNow(),
            SubmissionKey = KeyOf(submission),
        };
        await DecideAsync(comment, submission, rules, cancellation);
        return comment;
    }

    private async Task DecideAsync(
        Comment comment,
        CommentSubmission submission,
        ThreadRules rules,
        CancellationToken cancellation
    )
    {
        // Only programs see the trap; what they send is kept where a person can still find it.
        var known = await facts.ReadAsync(
            comment,
            submission.Trap.Length > 0,
            submission.SecondsToWrite,
            cancellation
        ) with
        {
            HasWorked = PieceOfWork.IsDone(submission.Key, submission.Work),
            HasPicture = submission.Picture is not null,
        };
        comment.Trace = rules.Deciding.Decide(known);
        if (
            rules.Settings.Writers is CommentWriters.Confirmed or CommentWriters.Subscribers or CommentWriters.Named
            && !comment.IsConfirmed
            && comment.Trace.Act is CommentAct.Publish or CommentAct.Wait
        )
        {
            comment.Trace = comment.Trace with { Act = CommentAct.Wait, Step = DecidingStep.Unconfirmed };
        }

        comment.Standing = comment.Trace.Standing;
        comment.WaitReason = WaitDecision.ReasonFor(submission.Text, known.PublishedBefore);
    }

    private async Task<Comment?> SentBeforeAsync(CommentThread thread, string? key, CancellationToken cancellation) =>
        key is null
            ? null
            : await database
                .Comments.AsNoTracking()
                .FirstOrDefaultAsync(
                    comment => comment.ThreadId == thread.Id && comment.SubmissionKey == key,
                    cancellation
                );

    /// <summary>
    /// Stores it; the one that was faster where the same form was sent twice at once, otherwise null.
    /// </summary>
    private async Task<Comment?> StoreAsync(
        Site site,
        CommentThread thread,
        Comment comment,
        CommentSubmission submission,
        ReceivedPicture? picture,
        CancellationToken cancellation
    )
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (await SentBeforeAsync(thread, comment.SubmissionKey, cancellation) is { } faster)
            return faster;
        if (picture is not null)
            comment.PictureId = await pictures.KeepAsync(site.Id, submission.Picture!, picture, cancellation);
        database.Comments.Add(comment);
        await database.SaveChangesAsync(cancellation);
        if (submission.Follow.Length > 0 && comment.Standing != CommentStanding.Spam)
            await notifier.FollowAsync(thread, comment.Mail!, submission.Follow != "all", cancellation);
        if (comment.Standing == CommentStanding.Public)
            await notifier.TellAsync(comment, cancellation);
        // A mail goes only to those who asked for something that needs it, so that the form sends nobody what they did
        // not ask for.
        var mustShow =
            comment.Trace!.Step == DecidingStep.Unconfirmed
            || (
                submission.Follow.Length > 0
                && !await database.ConfirmedCommenters.AnyAsync(
                    reader => reader.SiteId == site.Id && reader.Mail == comment.Mail,
                    cancellation
                )
            );
        if (comment.Mail is not null && !comment.IsConfirmed && comment.Standing != CommentStanding.Spam && mustShow)
            await confirming.AskAsync(site, comment, cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return null;
    }
}

/// <summary>What became of a comment that was sent.</summary>
/// <param name="Problems">What to correct, by field; empty when it was taken.</param>
/// <param name="Standing">Where it stands; without meaning when it was not taken.</param>
/// <param name="Key">Key of the comment; null when it was not taken.</param>
internal sealed record Written(Dictionary<string, string> Problems, CommentStanding Standing, string? Key)
{
    /// <summary>Whether the writer has to follow a link in a mail first.</summary>
    public bool MustConfirm { get; init; }

    /// <summary>Taken as this comment.</summary>
    public static Written As(Comment comment) => new([], comment.Standing, comment.Key);

    /// <summary>Not taken, for several reasons.</summary>
    public static Written Not(Dictionary<string, string> problems) => new(problems, default, null);

    /// <summary>Not taken, for one reason.</summary>
    public static Written Not(string field, string problem) =>
        Not(new Dictionary<string, string> { [field] = problem });
}

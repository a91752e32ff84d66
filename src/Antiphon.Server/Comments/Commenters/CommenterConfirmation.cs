using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Languages;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Commenters;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Following;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Accounts;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments.Commenters;

/// <summary>Has readers show by a link in a mail that an address is theirs.</summary>
internal sealed class CommenterConfirmation(
    AntiphonContext database,
    ThreadReader threads,
    CommentFactsReader facts,
    CommenterNotifier notifier,
    LetterBox letters,
    IKeySource keys,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    /// <summary>How long a link serves.</summary>
    public static readonly TimeSpan LinksServe = TimeSpan.FromDays(1);

    // Nobody is written to more often because somebody else types their address.
    private const int MostADay = 3;

    /// <summary>
    /// Sends the question whether the address of a comment is theirs; saved by the caller. The answer speaks for the
    /// device the comment came from, or else for that comment alone.
    /// </summary>
    public Task AskAsync(Site site, Comment comment, CancellationToken cancellation) =>
        SendAsync(site, comment.Mail!, CommenterMailTexts.For(site.Language).Confirm, cancellation, comment);

    /// <summary>Sends the link to what was written with an address; saved by the caller.</summary>
    public Task SendMineAsync(Site site, string mail, CancellationToken cancellation) =>
        SendAsync(site, mail, CommenterMailTexts.For(site.Language).Mine, cancellation);

    /// <summary>The link with its site, or null when it is unknown or has ended.</summary>
    public async Task<(CommenterLink Link, Site Site)?> FindAsync(string key, CancellationToken cancellation)
    {
        var (hash, now) = (TokenHash.Of(key), clock.GetUtcNow());
        if (
            await database
                .CommenterLinks.AsNoTracking()
                .FirstOrDefaultAsync(readerLink => readerLink.Hash == hash && readerLink.ExpiresAt > now, cancellation)
            is not { } link
        )
            return null;
        return (link, await database.Sites.AsNoTracking().SingleAsync(row => row.Id == link.SiteId, cancellation));
    }

    /// <summary>Holds the address of a link for the reader's, and decides the comments that waited for it.</summary>
    public async Task ConfirmAsync(CommenterLink link, Site site, CancellationToken cancellation)
    {
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (
            !await database.ConfirmedCommenters.AnyAsync(
                reader => reader.SiteId == link.SiteId && reader.Mail == link.Mail,
                cancellation
            )
        )
            database.ConfirmedCommenters.Add(
                new ConfirmedCommenter
                {
                    SiteId = link.SiteId,
                    Mail = link.Mail,
                    ConfirmedAt = clock.GetUtcNow(),
                }
            );
        if (link.OwnerKey is { } device && !await database.IsProvenAsync(link.SiteId, link.Mail, device, cancellation))
            database.ProvenDevices.Add(
                new ProvenDevice
                {
                    SiteId = link.SiteId,
                    Mail = link.Mail,
                    OwnerKey = device,
                    ProvenAt = clock.GetUtcNow(),
                }
            );
        // What others wrote under the address stays theirs to show.
        var rows = await database
            .Comments.Include(comment => comment.Thread)
            .Where(comment =>
                comment.SiteId == link.SiteId
                && comment.Mail == link.Mail
                && !comment.IsConfirmed
                && (comment.Id == link.CommentId || (link.OwnerKey != null && comment.OwnerKey == link.OwnerKey))
            )
            .ToListAsync(cancellation);
        foreach (var row in rows)
        {
            row.IsConfirmed = true;
            if (row.Standing == CommentStanding.Waiting && row.Trace?.Step == DecidingStep.Unconfirmed)
                await DecideAsync(site, row, cancellation);
        }

        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    private async Task DecideAsync(Site site, Comment row, CancellationToken cancellation)
    {
        var deciding = (await threads.RulesAsync(site, row.Thread, cancellation)).Deciding;
        var before = row.Trace!.Facts;
        // What was counted when it came holds; what is known of the writer is looked up again.
        var known = await facts.ReadAsync(row, before.IsTrapped, before.SecondsToWrite, cancellation) with
        {
            HasWorked = before.HasWorked,
            SameText = before.SameText,
            FromSamePlace = before.FromSamePlace,
            InThreadNow = before.InThreadNow,
        };
        row.Trace = deciding.Decide(known);
        row.Standing = row.Trace.Standing;
        if (row.Standing == CommentStanding.Public)
            await notifier.TellAsync(row, cancellation);
    }

    private async Task SendAsync(
        Site site,
        string mail,
        Phrase text,
        CancellationToken cancellation,
        Comment? comment = null
    )
    {
        var now = clock.GetUtcNow();
        await database.CommenterLinks.Where(link => link.ExpiresAt <= now).ExecuteDeleteAsync(cancellation);
        if (
            await database.CommenterLinks.CountAsync(
                link => link.SiteId == site.Id && link.Mail == mail && link.ExpiresAt > now,
                cancellation
            ) >= MostADay
        )
            return;
        var key = keys.NewKey(40);
        database.CommenterLinks.Add(
            new CommenterLink
            {
                Hash = TokenHash.Of(key),
                SiteId = site.Id,
                Mail = mail,
                ExpiresAt = now + LinksServe,
                OwnerKey = comment?.OwnerKey,
                CommentId = comment?.Id,
            }
        );
        var texts = CommenterMailTexts.For(site.Language);
        letters.Post(
            database,
            site.Id,
            mail,
            texts.ConfirmSubject.With("site", site.Name),
            $"{text.With("site", site.Name)}\n\n{options.Value.AddressOf($"mine/{key}")}\n"
        );
    }
}

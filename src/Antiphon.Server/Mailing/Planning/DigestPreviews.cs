using System.Text;
using Antiphon.Core.Findings;
using Antiphon.Core.Mailing.Checking;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Drawing;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Mailing.Sending;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Outgoing.Mail;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Subscribers;
using Microsoft.EntityFrameworkCore;
using MimeKit;

namespace Antiphon.Server.Mailing.Planning;

/// <summary>Shows, checks and tries out digests before anything is sent.</summary>
internal sealed class DigestPreviews(
    AntiphonContext database,
    EditionMails mails,
    SubscriberMessage messages,
    MailSender sender,
    BrokenLinks links,
    TimeProvider clock
)
{
    /// <summary>Said where a site has no post to show.</summary>
    public const string NothingYet = "No published posts match. Publish one or widen the selection.";

    private const int MostExamples = 3;
    private const int MostRead = 200;

    /// <summary>The preview; null when there is no post to show.</summary>
    public async Task<DigestPreview?> OfAsync(
        long site,
        long? id,
        DigestRequest request,
        CancellationToken cancellation
    )
    {
        var digest = await DigestAsync(site, id, request, cancellation);
        if (await ComposeAsync(digest, cancellation) is not var (mail, posts, isExample))
            return null;
        return await ViewAsync(digest, mail, posts, isExample, cancellation);
    }

    /// <summary>
    /// A stored digest with one post alone, public or not; null when there is no such digest or post.
    /// </summary>
    public async Task<DigestPreview?> WithPostAsync(long site, long id, long post, CancellationToken cancellation)
    {
        var digest = await database
            .Digests.AsNoTracking()
            .Include(row => row.Site)
            .Include(row => row.Segment)
            .FirstOrDefaultAsync(row => row.Id == id && row.SiteId == site, cancellation);
        var found = await database
            .Posts.AsNoTracking()
            .Include(row => row.Blog.Site)
            .Include(row => row.Blog.Following)
            .FirstOrDefaultAsync(row => row.Id == post && row.SiteId == site, cancellation);
        if (digest is null || found is null)
            return null;
        // What is to come is shown as it will be then.
        (found.Status, found.PublishedAt) = (
            PostStatus.Published,
            PublicMoment.DateFor(found.PublishedAt, clock.GetUtcNow())
        );
        if (
            await mails.ComposeAsync(digest.Settings, digest.Site, [found], [], opened: null, cancellation)
            is not { } mail
        )
            return null;
        return await ViewAsync(digest, mail, 1, isExample: false, cancellation);
    }

    private async Task<DigestPreview> ViewAsync(
        Digest digest,
        ComposedDigest mail,
        int posts,
        bool isExample,
        CancellationToken cancellation
    )
    {
        var receivers = await database
            .Subscribers.Of(digest, database, digest.Site.TimeZone, clock.GetUtcNow())
            .CountAsync(cancellation);
        var bytes = Encoding.UTF8.GetByteCount(mail.Html.Length > 0 ? mail.Html : mail.Plain);
        return new DigestPreview(
            mail.Subject,
            mail.SecondSubject,
            mail.Html,
            mail.Plain,
            (bytes + 999) / 1000,
            [.. MailCheck.Run(mail).Select(CheckFindingView.Of)],
            posts,
            isExample,
            receivers
        );
    }

    /// <summary>The links and pictures that cannot be opened; null when there is no post to show.</summary>
    public async Task<List<CheckFindingView>?> BrokenLinksAsync(
        long site,
        long? id,
        DigestRequest request,
        CancellationToken cancellation
    )
    {
        if (
            await ComposeAsync(await DigestAsync(site, id, request, cancellation), cancellation) is not var (mail, _, _)
        )
            return null;
        var broken = await links.AmongAsync(MailCheck.Addresses(mail), cancellation);
        return
        [
            .. broken.Select(pair =>
                CheckFindingView.Of(Finding.About("posts", MailRules.LinkBroken, pair.Address, pair.Problem))
            ),
        ];
    }

    /// <summary>Sends it to a person of the team; their address, or why it could not be sent.</summary>
    public async Task<(string? Mail, string? Refusal)> TestAsync(
        long site,
        long? id,
        DigestRequest request,
        long person,
        CancellationToken cancellation
    )
    {
        var digest = await DigestAsync(site, id, request, cancellation);
        if (await ComposeAsync(digest, cancellation) is not var (mail, _, _))
            return (null, NothingYet);
        var me = await database
            .Users.Where(row => row.Id == person)
            .Select(row => new { row.Email, row.DisplayName })
            .FirstAsync(cancellation);
        // The links for leaving and choosing lead to the page of a subscriber who does not exist, which says so.
        var nobody = new Subscriber { Key = "test", SiteId = site };
        var leave = messages.LeaveAddress(nobody, edition: null);
        try
        {
            foreach (var isSecond in mail.SecondSubject is null ? new[] { false } : [false, true])
            {
                var text = mail.For(leave, messages.ChooseAddress(nobody), isSecond);
                await sender.SendAsync(
                    messages.Make(
                        text,
                        digest.Site,
                        digest,
                        new MailboxAddress(HeaderText.Of(me.DisplayName), me.Email!),
                        Guid.NewGuid().ToString("N"),
                        leave
                    ),
                    cancellation
                );
            }

            return (me.Email, null);
        }
        catch (Exception failure)
            when (failure is not OperationCanceledException || !cancellation.IsCancellationRequested)
        {
            return (null, $"The email server rejected it: {failure.Message}");
        }
    }

    private Task<Digest> DigestAsync(long site, long? id, DigestRequest request, CancellationToken cancellation) =>
        DigestDraft.OfAsync(database, site, id, request, clock.GetUtcNow(), cancellation);

    private async Task<(ComposedDigest Mail, int Posts, bool IsExample)?> ComposeAsync(
        Digest digest,
        CancellationToken cancellation
    )
    {
        var isEachPost = digest.Settings.Rhythm.Every == DigestEvery.Post;
        var posts = isEachPost ? [] : await NewPosts.OfAsync(digest, database, clock.GetUtcNow(), cancellation);
        var isExample = posts.Count == 0;
        if (isExample)
            posts = await LatestAsync(digest, isEachPost ? 1 : MostExamples, cancellation);
        var mail = await mails.ComposeAsync(digest.Settings, digest.Site, [.. posts], [], opened: null, cancellation);
        return mail is null ? null : (mail, posts.Count, isExample);
    }

    private async Task<IReadOnlyList<Post>> LatestAsync(Digest digest, int most, CancellationToken cancellation)
    {
        var latest = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Site)
            .Include(post => post.Blog.Following)
            .PublicAt(clock.GetUtcNow())
            .Where(post => post.SiteId == digest.SiteId)
            .OrderByDescending(post => post.ListedAt)
            .Take(MostRead)
            .ToListAsync(cancellation);
        return [.. latest.Where(post => DigestPosts.Brings(digest.Settings, post)).Take(most)];
    }
}

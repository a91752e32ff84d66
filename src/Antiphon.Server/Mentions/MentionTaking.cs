using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Mentions;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Mentions;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mentions;

/// <summary>
/// Takes what other sites tell of themselves. Nothing is believed yet: the page is read later, by
/// <see cref="MentionVisit"/>.
/// </summary>
internal sealed class MentionTaking(
    AntiphonContext database,
    CurrentPostFinder posts,
    MentionSignal signal,
    IKeySource keys,
    TimeProvider clock,
    IOptions<MentionOptions> options
)
{
    private const int LongestAddress = 2000;

    /// <summary>Notes that a page is to be read, or read again; or says why not.</summary>
    public async Task<TakenMention> TakeAsync(
        Site site,
        MentionWay way,
        string source,
        string target,
        CancellationToken cancellation
    )
    {
        if (WebAddress(source) is not { } from)
            return TakenMention.Not(
                PingbackFault.NoSource,
                "source: enter the full address of the page that links, such as https://site.example/page."
            );
        if (WebAddress(target) is not { } to)
            return TakenMention.Not(PingbackFault.NoTarget, "target: enter the full address of the post.");
        if (FoldedAddress.Of(source) == FoldedAddress.Of(target))
            return TakenMention.Not(PingbackFault.Other, "source and target are the same page.");
        if (
            await posts.FindPostAsync(site, to.AbsoluteUri, cancellation) is not { } post
            || !post.IsPublicAt(clock.GetUtcNow())
        )
            return TakenMention.Not(PingbackFault.NoTarget, "target: there is no post at this address.");
        if (post.Details.MentionsOff || !ThreadSettings.Of(site, post.Blog, post, null).TakesMentions)
            return TakenMention.Not(PingbackFault.NotTaken, "Mentions are off for this post.");
        var known = await database.Mentions.FirstOrDefaultAsync(
            row => row.PostId == post.Id && row.Source == from.AbsoluteUri,
            cancellation
        );
        if (known is null && await IsFullAsync(site, MentionReader.HostOf(from), cancellation))
            return TakenMention.Busy;
        var now = clock.GetUtcNow();
        var mention = known
            ?? database
                .Mentions.Add(
                    new Mention
                    {
                        Key = keys.NewKey(24),
                        SiteId = site.Id,
                        PostId = post.Id,
                        Source = from.AbsoluteUri,
                        Host = MentionReader.HostOf(from),
                        ReceivedAt = now,
                    }
                )
                .Entity;
        (mention.Target, mention.Way, mention.Attempts) = (to.AbsoluteUri, way, 0);
        // However often a page is told, it is read once in a while.
        var rested = mention.ReadAt?.AddSeconds(options.Value.RestSeconds);
        // What is told while it is being read is read again.
        if (mention.NextReadAt is null || mention.HeldUntil > now)
            mention.NextReadAt = rested > now ? rested : now;
        await SaveAsync(mention, cancellation);
        signal.Wake();
        return new TakenMention(mention.Key, null, null, false);
    }

    private async Task SaveAsync(Mention mention, CancellationToken cancellation)
    {
        try
        {
            await database.SaveChangesAsync(cancellation);
        }
        catch (DbUpdateException) when (mention.Id == 0)
        {
            // The same was told twice at once; the other one is read.
            database.Entry(mention).State = EntityState.Detached;
            mention.Key = await database
                .Mentions.Where(row => row.PostId == mention.PostId && row.Source == mention.Source)
                .Select(row => row.Key)
                .SingleAsync(cancellation);
        }
    }

    private async Task<bool> IsFullAsync(Site site, string host, CancellationToken cancellation)
    {
        var unread = database.Mentions.Where(mention =>
            mention.SiteId == site.Id && mention.State == MentionState.Unread && mention.NextReadAt != null
        );
        return await unread.CountAsync(cancellation) >= options.Value.MostUnread
            || await unread.CountAsync(mention => mention.Host == host, cancellation) >= options.Value.MostUnreadOfHost;
    }

    private static Uri? WebAddress(string text) =>
        text.Length is > 0 and <= LongestAddress
        && LinkResolver.IsWeb(text.Trim())
        && Uri.TryCreate(text.Trim(), UriKind.Absolute, out var uri)
            ? uri
            : null;
}

/// <summary>What became of a mention that was told.</summary>
/// <param name="Key">Key under which the sender may ask; null when it was not taken.</param>
/// <param name="Fault">Why not, as a number; null when taken.</param>
/// <param name="Problem">Why not, in words.</param>
/// <param name="IsBusy">Whether it may be told again later.</param>
internal sealed record TakenMention(string? Key, PingbackFault? Fault, string? Problem, bool IsBusy)
{
    /// <summary>Too many wait already.</summary>
    public static TakenMention Busy { get; } =
        new(null, PingbackFault.Other, "Too many pending mentions. Try again in an hour.", true);

    /// <summary>Not taken for a reason that stays.</summary>
    public static TakenMention Not(PingbackFault fault, string problem) => new(null, fault, problem, false);
}

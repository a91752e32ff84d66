using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Mentions;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Outgoing;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mentions;

/// <summary>Reads the page of a mention: whether it links to the post (Webmention, 3.2.2), what it says, and what became of it since.</summary>
internal sealed class MentionVisit(AntiphonContext database, GuardedClient client, MentionComments comments, TimeProvider clock, Random random)
{
    private const int MostAttempts = 5;

    /// <summary>Reads it and records what was found.</summary>
    public async Task ReadAsync(long id, CancellationToken cancellation)
    {
        // Posts in the bin are there as well: what mentions them has to end somehow.
        var mention = await database.Mentions.IgnoreQueryFilters().Include(one => one.Site).Include(one => one.Post.Blog.Following).SingleOrDefaultAsync(one => one.Id == id, cancellation);
        if (mention is null) return;
        if (mention.Post.DeletedAt is not null)
        {
            (mention.ReadAt, mention.NextReadAt) = (clock.GetUtcNow(), null);
            await LoseAsync(mention, "The post was deleted.", cancellation);
            await database.SaveChangesAsync(cancellation);
            return;
        }

        var fetched = await client.GetAsync(new Uri(mention.Source), cancellation: cancellation);
        if (IsPage(fetched)) fetched = fetched.WithPage(cancellation);
        if (fetched.Problem is { } problem && MayPass(problem, fetched.Status) && mention.Attempts < MostAttempts)
        {
            mention.Problem = FetchWords.For(problem, fetched.Detail);
            mention.NextReadAt = clock.GetUtcNow() + RetrySchedule.PauseAfter(mention.Attempts, random.NextDouble());
            await database.SaveChangesAsync(cancellation);
            return;
        }

        (mention.ReadAt, mention.NextReadAt) = (clock.GetUtcNow(), null);
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (fetched.Problem is { } final) await LoseAsync(mention, FetchWords.For(final, fetched.Detail), cancellation);
        else if (Found(fetched, mention) is { } page) await KeepAsync(mention, page, cancellation);
        else await LoseAsync(mention, "The page has no link to the post.", cancellation);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
    }

    /// <summary>Records that reading it threw: again after a pause, and given up with its reason after the last one.</summary>
    public async Task FailAsync(long id, string why, CancellationToken cancellation)
    {
        var mention = await database.Mentions.IgnoreQueryFilters().SingleOrDefaultAsync(one => one.Id == id, cancellation);
        if (mention is null) return;
        mention.Problem = $"It could not be read: {why}";
        mention.NextReadAt = mention.Attempts < MostAttempts ? clock.GetUtcNow() + RetrySchedule.PauseAfter(mention.Attempts, random.NextDouble()) : null;
        if (mention.NextReadAt is null) mention.State = mention.State is MentionState.Found or MentionState.Gone ? MentionState.Gone : MentionState.Refused;
        await database.SaveChangesAsync(cancellation);
    }

    private static bool MayPass(FetchProblem problem, int? status) => problem is FetchProblem.Unreachable or FetchProblem.TooSlow || (problem == FetchProblem.ErrorStatus && status is 429 or >= 500);

    private static bool IsPage(Fetched fetched) => fetched.ContentType is null || fetched.ContentType.Contains("html", StringComparison.OrdinalIgnoreCase);

    private static MentionPage? Found(Fetched fetched, Mention mention) => fetched.Page is { } page
        ? MentionReader.Read(page, fetched.Address, new Uri(mention.Target))
        : MentionReader.ReadText(DecodedFeed.From(fetched.Bytes, fetched.ContentType).Text, fetched.Address, new Uri(mention.Target));

    private async Task KeepAsync(Mention mention, MentionPage page, CancellationToken cancellation)
    {
        (mention.State, mention.Problem) = (MentionState.Found, null);
        (mention.Kind, mention.Title, mention.AuthorAddress, mention.PublishedAt) = (page.Kind, page.Title, page.AuthorAddress, page.PublishedAt);
        await comments.KeepAsync(mention, page, cancellation);
    }

    private async Task LoseAsync(Mention mention, string why, CancellationToken cancellation)
    {
        mention.State = mention.State is MentionState.Found or MentionState.Gone ? MentionState.Gone : MentionState.Refused;
        mention.Problem = why;
        await comments.RemoveAsync(mention, cancellation);
    }
}

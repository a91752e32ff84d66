using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Mentions;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Mentions;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Work;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mentions;

/// <summary>
/// Reads the page of a mention: whether it links to the post (Webmention, 3.2.2), what it says, and what became of it
/// since.
/// </summary>
internal sealed class MentionVisit(
    AntiphonContext database,
    GuardedClient client,
    MentionComments comments,
    TimeProvider clock,
    Random random,
    IOptions<DeliveryOptions> delivery
)
{
    private const int MostAttempts = 5;

    /// <summary>Reads it and records what was found.</summary>
    public async Task ReadAsync(Claim<Mention> claim, CancellationToken cancellation)
    {
        // Posts in the bin are there as well: what mentions them has to end somehow.
        var mention = await database
            .Mentions.IgnoreQueryFilters()
            .Include(row => row.Site)
            .Include(row => row.Post.Blog.Following)
            .SingleAsync(row => row.Id == claim.Key, cancellation);
        var fetched = mention.Post.DeletedAt is null ? await FetchAsync(mention, cancellation) : null;
        var page = fetched is { Problem: null } ? Found(fetched, mention) : null;
        await claim.EndAsync(
            database,
            async () =>
            {
                var due = await database
                    .Mentions.IgnoreQueryFilters()
                    .Where(row => row.Id == claim.Key)
                    .Select(row => row.NextReadAt)
                    .SingleAsync(cancellation);
                await RecordAsync(mention, fetched, page, cancellation);
                // Told anew while it was being read: it is read again.
                if (due != claim.Row.NextReadAt)
                    database.Entry(mention).Property(row => row.NextReadAt).IsModified = false;
            },
            cancellation
        );
    }

    private async Task<Fetched> FetchAsync(Mention mention, CancellationToken cancellation)
    {
        var fetched = await client.GetAsync(new Uri(mention.Source), cancellation: cancellation);
        return IsPage(fetched) ? fetched.WithPage(cancellation) : fetched;
    }

    private Task RecordAsync(Mention mention, Fetched? fetched, MentionPage? page, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        if (fetched?.Problem is { } problem && MayPass(problem, fetched.Status) && mention.Attempts < MostAttempts)
        {
            (mention.Problem, mention.NextReadAt) = (
                FetchWords.For(problem, fetched.Detail),
                now + (RetrySchedule.PauseAfter(mention.Attempts, random.NextDouble()) * delivery.Value.PauseFactor)
            );
            return Task.CompletedTask;
        }

        (mention.ReadAt, mention.NextReadAt) = (now, null);
        if (fetched is null)
            return LoseAsync(mention, "The post was deleted.", cancellation);
        if (fetched.Problem is { } final)
            return LoseAsync(mention, FetchWords.For(final, fetched.Detail), cancellation);
        return page is not null
            ? KeepAsync(mention, page, cancellation)
            : LoseAsync(mention, "The page has no link to the post.", cancellation);
    }

    private static bool MayPass(FetchProblem problem, int? status) =>
        problem is FetchProblem.Unreachable or FetchProblem.TooSlow
        || (problem == FetchProblem.ErrorStatus && status is 429 or >= 500);

    private static bool IsPage(Fetched fetched) =>
        fetched.ContentType is null || fetched.ContentType.Contains("html", StringComparison.OrdinalIgnoreCase);

    private static MentionPage? Found(Fetched fetched, Mention mention) =>
        fetched.Page is { } page
            ? MentionReader.Read(page, fetched.Address, new Uri(mention.Target))
            : MentionReader.ReadText(
                DecodedFeed.From(fetched.Bytes, fetched.ContentType).Text,
                fetched.Address,
                new Uri(mention.Target)
            );

    private async Task KeepAsync(Mention mention, MentionPage page, CancellationToken cancellation)
    {
        (mention.State, mention.Problem) = (MentionState.Found, null);
        (mention.Kind, mention.Title, mention.AuthorAddress, mention.PublishedAt) = (
            page.Kind,
            page.Title,
            page.AuthorAddress,
            page.PublishedAt
        );
        await comments.KeepAsync(mention, page, cancellation);
    }

    private async Task LoseAsync(Mention mention, string why, CancellationToken cancellation)
    {
        mention.State = mention.State is MentionState.Found or MentionState.Gone
            ? MentionState.Gone
            : MentionState.Refused;
        mention.Problem = why;
        await comments.RemoveAsync(mention, cancellation);
    }
}

using Antiphon.Core.Comments;
using Antiphon.Core.Mentions;
using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Mentions;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mentions;

/// <summary>/api/sites/{site}/mentions.</summary>
internal static class MentionEndpoints
{
    private const int PageSize = 40;

    /// <summary>Maps the area. What a person decides about a mention is decided about its comment.</summary>
    public static void MapMentions(this RouteGroupBuilder site)
    {
        var mentions = site.MapGroup("/mentions").WithTags("Mentions");
        mentions.MapGet("", List).Needs(SiteRight.See).WithName("listMentions");
        mentions.MapGet("/addresses", Addresses).Needs(SiteRight.See).WithName("getMentionAddresses");
        mentions
            .MapPost("/{mention:long}/read", Read)
            .Needs(SiteRight.Moderate)
            .WithName("readMention")
            .WithSummary("Reads the page again.");
    }

    private static async Task<Ok<MentionList>> List(
        long site,
        Spelled<MentionChoice>? choice,
        long? before,
        AntiphonContext database,
        PostAddresses addresses,
        CancellationToken cancellation
    )
    {
        var all = database.Mentions.AsNoTracking().Where(mention => mention.SiteId == site);
        var counts = await CountAsync(all, database, cancellation);
        var wanted = choice?.Value ?? MentionChoice.Waiting;
        var chosen = Chosen(all, database, wanted);
        if (before is { } last)
            chosen = chosen.Where(mention => mention.Id < last);
        var rows = await chosen
            .OrderByDescending(mention => mention.Id)
            .Take(PageSize + 1)
            .Include(mention => mention.Post.Blog)
            .Select(mention => new
            {
                Mention = mention,
                Comment = database
                    .Comments.Where(comment => comment.MentionId == mention.Id)
                    .Select(comment => new
                    {
                        comment.Id,
                        comment.Standing,
                        comment.Author,
                        comment.Text,
                    })
                    .FirstOrDefault(),
            })
            .ToListAsync(cancellation);
        var views = rows.Take(PageSize)
            .Select(row =>
                View(
                    row.Mention,
                    row.Comment?.Id,
                    row.Comment?.Standing,
                    row.Comment?.Author,
                    row.Comment?.Text,
                    addresses
                )
            );
        return TypedResults.Ok(
            new MentionList([.. views], rows.Count > PageSize ? rows[PageSize - 1].Mention.Id : null, counts, wanted)
        );
    }

    private static IQueryable<Mention> Chosen(
        IQueryable<Mention> all,
        AntiphonContext database,
        MentionChoice choice
    ) =>
        choice switch
        {
            MentionChoice.Unread => all.Where(mention => mention.State == MentionState.Unread),
            MentionChoice.Refused => all.Where(mention =>
                mention.State == MentionState.Refused || mention.State == MentionState.Gone
            ),
            MentionChoice.Public => Standing(all, database, CommentStanding.Public),
            MentionChoice.Aside => all.Where(mention =>
                mention.State == MentionState.Found
                && database.Comments.Any(comment =>
                    comment.MentionId == mention.Id
                    && comment.Standing != CommentStanding.Public
                    && comment.Standing != CommentStanding.Waiting
                )
            ),
            _ => Standing(all, database, CommentStanding.Waiting),
        };

    private static IQueryable<Mention> Standing(
        IQueryable<Mention> all,
        AntiphonContext database,
        CommentStanding standing
    ) =>
        all.Where(mention =>
            mention.State == MentionState.Found
            && database.Comments.Any(comment => comment.MentionId == mention.Id && comment.Standing == standing)
        );

    private static async Task<MentionCounts> CountAsync(
        IQueryable<Mention> all,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        Task<int> Count(MentionChoice choice) => Chosen(all, database, choice).CountAsync(cancellation);
        return new MentionCounts(
            await Count(MentionChoice.Waiting),
            await Count(MentionChoice.Public),
            await Count(MentionChoice.Aside),
            await Count(MentionChoice.Unread),
            await Count(MentionChoice.Refused)
        );
    }

    private static MentionView View(
        Mention mention,
        long? comment,
        CommentStanding? standing,
        string? author,
        string? text,
        PostAddresses addresses
    ) =>
        new(
            mention.Id,
            comment,
            standing,
            mention.State,
            mention.Way,
            mention.Kind,
            mention.Source,
            mention.Host,
            string.IsNullOrEmpty(author) ? mention.Host : author,
            mention.AuthorAddress,
            mention.Title,
            text ?? string.Empty,
            mention.PostId,
            mention.Post.Title,
            addresses.Of(mention.Post),
            mention.PublishedAt,
            mention.ReceivedAt,
            mention.ReadAt,
            mention.NextReadAt,
            mention.Problem
        );

    private static async Task<Ok<MentionAddresses>> Addresses(
        long site,
        AntiphonContext database,
        IOptions<AntiphonOptions> options,
        CancellationToken cancellation
    )
    {
        var key = await database
            .Sites.Where(row => row.Id == site)
            .Select(row => row.PublicKey)
            .SingleAsync(cancellation);
        return TypedResults.Ok(
            new MentionAddresses(
                MentionAdvertising.Webmention(options.Value, key),
                MentionAdvertising.Pingback(options.Value, key),
                MentionAdvertising.Head(options.Value, key, null)
            )
        );
    }

    private static async Task<Results<NoContent, NotFound>> Read(
        long site,
        long mention,
        AntiphonContext database,
        MentionSignal signal,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var found = await database
            .Mentions.Where(row => row.Id == mention && row.SiteId == site)
            .ExecuteUpdateAsync(
                set => set.SetProperty(row => row.NextReadAt, now).SetProperty(row => row.Attempts, 0),
                cancellation
            );
        signal.Wake();
        return found == 0 ? TypedResults.NotFound() : TypedResults.NoContent();
    }
}

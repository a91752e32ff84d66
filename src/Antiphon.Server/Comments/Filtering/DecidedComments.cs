using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Filtering;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Filtering;

/// <summary>
/// The decisions of a site's team, as the filter learns from them: spam against everything else a person let stand or
/// hid.
/// </summary>
internal static class DecidedComments
{
    /// <summary>Most decisions learned from, the latest ones.</summary>
    public const int Most = 20_000;

    private const int MostShared = 2_000;

    /// <summary>What the filter looks at in a stored comment.</summary>
    public static CommentTraits TraitsOf(Comment comment) =>
        new(comment.Author, comment.Mail ?? string.Empty, comment.Mention?.Source ?? string.Empty, comment.Text);

    /// <summary>How many decisions there are to learn from.</summary>
    public static Task<int> CountAsync(AntiphonContext database, long site, CancellationToken cancellation) =>
        Decided(database, site).CountAsync(cancellation);

    /// <summary>The decisions with when they were made, the earliest first.</summary>
    public static async Task<List<(FilterDecision Decision, DateTimeOffset At)>> ReadAsync(
        AntiphonContext database,
        long site,
        CancellationToken cancellation
    )
    {
        var rows = await Decided(database, site)
            .OrderByDescending(comment => comment.Id)
            .Take(Most)
            .Select(comment => new
            {
                comment.Author,
                comment.Mail,
                comment.Mention!.Source,
                comment.Text,
                comment.Standing,
                At = comment.DecidedAt!.Value,
            })
            .ToListAsync(cancellation);
        rows.Reverse();
        return
        [
            .. rows.Select(row =>
                (
                    new FilterDecision(
                        new CommentTraits(row.Author, row.Mail ?? string.Empty, row.Source ?? string.Empty, row.Text),
                        row.Standing == CommentStanding.Spam
                    ),
                    row.At
                )
            ),
        ];
    }

    /// <summary>
    /// The decisions of the other sites of the installation, where this one and they agreed to share; empty otherwise.
    /// At most so many of each, the latest.
    /// </summary>
    public static async Task<List<FilterDecision>> ReadSharedAsync(
        AntiphonContext database,
        long site,
        CancellationToken cancellation
    )
    {
        var shared = new List<FilterDecision>();
        foreach (var other in await SharingAsync(database, site, cancellation))
        {
            shared.AddRange(
                await Decided(database, other)
                    .OrderByDescending(comment => comment.Id)
                    .Take(MostShared)
                    .Select(comment => new FilterDecision(
                        new CommentTraits(
                            comment.Author,
                            comment.Mail ?? string.Empty,
                            comment.Mention!.Source ?? string.Empty,
                            comment.Text
                        ),
                        comment.Standing == CommentStanding.Spam
                    ))
                    .ToListAsync(cancellation)
            );
        }

        return shared;
    }

    /// <summary>How many of them there are.</summary>
    public static async Task<int> CountSharedAsync(AntiphonContext database, long site, CancellationToken cancellation)
    {
        var count = 0;
        foreach (var other in await SharingAsync(database, site, cancellation))
            count += Math.Min(MostShared, await Decided(database, other).CountAsync(cancellation));
        return count;
    }

    private static async Task<List<long>> SharingAsync(
        AntiphonContext database,
        long site,
        CancellationToken cancellation
    )
    {
        var sharing = await database
            .Sites.Where(row => EF.Functions.Like((string)(object)row.CommentSettings, "%\"sharesLearning\":true%"))
            .Select(row => row.Id)
            .ToListAsync(cancellation);
        return sharing.Remove(site) ? sharing : [];
    }

    // What a rule or the filter itself decided is no lesson; it would learn its own mistakes.
    private static IQueryable<Comment> Decided(AntiphonContext database, long site) =>
        database
            .Comments.AsNoTracking()
            .Where(comment =>
                comment.SiteId == site
                && !comment.IsTeam
                && comment.DecidedAt != null
                && comment.DecidedById != null
                && (
                    comment.Standing == CommentStanding.Spam
                    || comment.Standing == CommentStanding.Public
                    || comment.Standing == CommentStanding.Hidden
                )
            );
}

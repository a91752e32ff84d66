using Antiphon.Core.Comments;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Feeds;
using Antiphon.Data.Posts;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Published;

/// <summary>
/// The public comments of a site, or of one post, the newest first. Nothing of a writer but the name leaves the server.
/// </summary>
internal sealed class CommentFeed(AntiphonContext database, PostAddresses addresses, TimeProvider clock)
{
    private const int SummaryWords = 50;

    /// <summary>The feed; null when the post is not there.</summary>
    public async Task<Feed?> ReadAsync(
        long siteId,
        string? postKey,
        FeedSettings settings,
        CancellationToken cancellation
    )
    {
        var site = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == siteId, cancellation);
        var post = postKey is null
            ? null
            : await database
                .Posts.AsNoTracking()
                .Include(row => row.Blog)
                .PublicAt(clock.GetUtcNow())
                .FirstOrDefaultAsync(row => row.SiteId == siteId && row.Key == postKey, cancellation);
        if (postKey is not null && post is null)
            return null;
        var comments = await database
            .Comments.AsNoTracking()
            .Include(comment => comment.Thread.Post!.Blog)
            .Where(comment =>
                comment.SiteId == siteId
                && comment.Standing == CommentStanding.Public
                && (post == null || comment.Thread.PostId == post.Id)
            )
            .OrderByDescending(comment => comment.CreatedAt)
            .ThenByDescending(comment => comment.Id)
            .Take(settings.Entries)
            .ToListAsync(cancellation);
        var feed = post is null
            ? FeedHead.Of(
                site,
                settings,
                $"{site.CreatedAt:yyyy-MM-dd}:comments:{site.PublicKey}",
                $"{site.Name}: comments",
                null
            )
            : FeedHead.Of(
                site,
                settings,
                $"{post.CreatedAt:yyyy-MM-dd}:comments:{post.Key}",
                $"Comments on {post.Title}",
                null
            );
        if (post is not null)
            feed.Title = $"Comments on {post.Title}";
        feed.Link = post is null ? site.Address : addresses.Of(post);
        feed.Updated = comments.Count > 0 ? comments.Max(Changed) : post?.CreatedAt ?? site.CreatedAt;
        var parents = await ParentsAsync(comments, cancellation);
        feed.Items.AddRange(
            comments.Select(comment =>
                ItemOf(comment, comment.ParentId is { } id ? parents.GetValueOrDefault(id) : null, settings)
            )
        );
        return feed;
    }

    private async Task<Dictionary<long, Comment>> ParentsAsync(List<Comment> comments, CancellationToken cancellation)
    {
        var ids = comments.Select(comment => comment.ParentId).OfType<long>().Distinct().ToList();
        return await database
            .Comments.AsNoTracking()
            .Where(comment => ids.Contains(comment.Id))
            .ToDictionaryAsync(comment => comment.Id, cancellation);
    }

    // A comment that waited was there for readers from the decision on.
    private static DateTimeOffset Changed(Comment comment) =>
        comment.DecidedAt is { } decided && decided > comment.CreatedAt ? decided : comment.CreatedAt;

    private FeedItem ItemOf(Comment comment, Comment? parent, FeedSettings settings)
    {
        var page = comment.Thread.Post is { } post ? addresses.Of(post) : comment.Thread.Address;
        var item = new FeedItem
        {
            Id = IdOf(comment),
            Title = $"{comment.Author} on {comment.Thread.Title}",
            Link = page is null ? null : $"{page}#comment-{comment.Key}",
            Summary = Shortened.ToWords(HtmlText.Of(comment.Html), SummaryWords),
            ContentHtml = settings.IsFullText
                ? HtmlCleaner.ForComments.Clean(comment.Html, page is null ? null : new Uri(page))
                : null,
            Published = comment.CreatedAt,
            Updated = Changed(comment),
        };
        item.Authors.Add(new FeedPerson(comment.Author, null, null));
        // A comment answers another, or else the post itself (RFC 4685 §3).
        if (parent is not null)
            item.RepliesTo.Add(new FeedReply(IdOf(parent), page is null ? null : $"{page}#comment-{parent.Key}"));
        else if (comment.Thread.Post is { } about)
            item.RepliesTo.Add(new FeedReply(PostAddresses.StableId(about), page));
        return item;
    }

    private static string IdOf(Comment comment) =>
        string.Create(
            System.Globalization.CultureInfo.InvariantCulture,
            $"tag:antiphon.example,{comment.CreatedAt:yyyy-MM-dd}:comment:{comment.Key}"
        );
}

using Antiphon.Core.Comments;
using Antiphon.Core.Posts;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>Lists the feeds of a site.</summary>
internal sealed class OwnFeedList(AntiphonContext database, PostAddresses addresses, IOptions<AntiphonOptions> options)
{
    /// <summary>Feeds of blogs, of listings in use, and of the comments.</summary>
    public async Task<IReadOnlyList<OwnFeedView>> ReadAsync(long site, CancellationToken cancellation) =>
        [.. (await AllAsync(site, cancellation)).Select(feed => feed.View)];

    /// <summary>The same with how each is asked for.</summary>
    public async Task<IReadOnlyList<OwnFeed>> AllAsync(long site, CancellationToken cancellation)
    {
        var settings = await database
            .FeedSettings.AsNoTracking()
            .Where(feedSettings => feedSettings.SiteId == site)
            .ToListAsync(cancellation);
        FeedSettings Of(FeedSubject subject, long id) =>
            settings.Find(feedSettings => feedSettings.Subject == subject && feedSettings.SubjectId == id)
            ?? new FeedSettings { Subject = subject, SubjectId = id };
        return
        [
            .. await OfBlogsAsync(site, Of, cancellation),
            .. await OfListingsAsync(site, Of, cancellation),
            await OfCommentsAsync(site, Of, cancellation),
        ];
    }

    private async Task<IEnumerable<OwnFeed>> OfBlogsAsync(
        long site,
        Func<FeedSubject, long, FeedSettings> settings,
        CancellationToken cancellation
    )
    {
        var blogs = await database
            .Blogs.AsNoTracking()
            .Where(blog => blog.SiteId == site)
            .OrderBy(blog => blog.Following != null)
            .ThenBy(blog => blog.Id)
            .Select(blog => new
            {
                Blog = blog,
                IsFollowed = blog.Following != null,
                Posts = database.Posts.Count(post => post.BlogId == blog.Id && post.Status == PostStatus.Published),
            })
            .ToListAsync(cancellation);
        return blogs.Select(row =>
        {
            var feed = FeedOf(
                new FeedAsked(FeedSubject.Blog, row.Blog.Key, FeedForm.All[0]),
                row.Blog.Name,
                addresses.OfBlog(row.Blog),
                settings(FeedSubject.Blog, row.Blog.Id),
                row.Posts
            );
            return feed with { View = feed.View with { BlogId = row.Blog.Id, IsFollowed = row.IsFollowed } };
        });
    }

    private async Task<IEnumerable<OwnFeed>> OfListingsAsync(
        long site,
        Func<FeedSubject, long, FeedSettings> settings,
        CancellationToken cancellation
    )
    {
        var listings = await database
            .Listings.AsNoTracking()
            .Include(listing => listing.Site)
            .Where(listing => listing.SiteId == site && listing.ArchivedAt == null)
            .OrderBy(listing => listing.Id)
            .ToListAsync(cancellation);
        return listings.Select(listing =>
            FeedOf(
                new FeedAsked(FeedSubject.Listing, listing.Key, FeedForm.All[0]),
                listing.Name,
                listing.PageAddress ?? listing.Site.Address,
                settings(FeedSubject.Listing, listing.Id),
                null
            )
        );
    }

    private async Task<OwnFeed> OfCommentsAsync(
        long site,
        Func<FeedSubject, long, FeedSettings> settings,
        CancellationToken cancellation
    )
    {
        var owner = await database.Sites.AsNoTracking().SingleAsync(row => row.Id == site, cancellation);
        var comments = await database.Comments.CountAsync(
            comment => comment.SiteId == site && comment.Standing == CommentStanding.Public,
            cancellation
        );
        return FeedOf(
            new FeedAsked(FeedSubject.Comments, owner.PublicKey, FeedForm.All[0]),
            "Comments",
            owner.Address,
            settings(FeedSubject.Comments, 0),
            comments
        );
    }

    // How many posts a listing chooses is not counted here: it would choose among all posts for every row.
    private OwnFeed FeedOf(FeedAsked asked, string name, string page, FeedSettings settings, int? there)
    {
        string Address(int form) => options.Value.AddressOf(asked.PathOf(FeedForm.All[form]));
        var view = new OwnFeedView(
            null,
            name,
            Address(0),
            Address(1),
            Address(2),
            Math.Min(there ?? settings.Entries, settings.Entries),
            false,
            asked.Subject,
            settings.SubjectId,
            page,
            FeedSettingsView.Of(settings)
        );
        return new OwnFeed(asked, settings, view);
    }
}

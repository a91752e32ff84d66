using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs.Followed;

/// <summary>What taking a feed over gave.</summary>
/// <param name="New">Entries that became posts.</param>
/// <param name="Changed">Entries that changed theirs.</param>
/// <param name="IdsChange">True when the feed gives its entries new identifiers every time.</param>
internal sealed record Takeover(int New, int Changed, bool IdsChange);

/// <summary>
/// Makes posts of the entries of a followed feed: new entries become posts, changed ones update theirs, vanished ones
/// stay, and those the feed says are deleted are withdrawn.
/// </summary>
internal sealed class PostTakeover(AntiphonContext database, Blog blog, IKeySource keys, DateTimeOffset now)
{
    private const int LongestTitle = 300;
    private const int MostTags = 30;

    /// <summary>Feeds do not reach further back; entries that do are still recognised by their identifiers.</summary>
    private const int LatestKnown = 500;

    private HashSet<string>? _slugs;
    private string? _language;

    /// <summary>Applies a feed; the caller saves.</summary>
    public async Task<Takeover> ApplyAsync(Feed feed, CancellationToken cancellation)
    {
        blog.HomeAddress ??= LinkResolver.IsWeb(feed.Link) ? feed.Link : null;
        blog.Description ??= feed.Description is null ? null : Shortened.ToLength(HtmlText.Of(feed.Description), 1000);
        var recognition = EntryMatcher.Match(await KnownAsync(feed.Items, cancellation), feed.Items);
        var keysOfKnown = recognition
            .Entries.Where(entry => entry.Known is not null)
            .Select(entry => entry.Known!.Key)
            .ToList();
        var posts = await database
            .Posts.Where(post => keysOfKnown.Contains(post.Id))
            .ToDictionaryAsync(post => post.Id, cancellation);
        var deletions = StandingDeletions.Of(feed);
        var (added, changed) = (0, 0);
        foreach (var entry in recognition.Entries)
        {
            var id = EntryMatcher.IdOf(entry.Item)!;
            if (entry.Known is null && deletions.Gone.Contains(id))
                continue;
            if (entry.Known is null)
            {
                await AddAsync(id, entry.Item, cancellation);
                added++;
            }
            else if (Update(posts[entry.Known.Key], id, entry.Item))
            {
                changed++;
            }
        }

        changed += await SetAsync(deletions.Gone, PostStatus.Published, PostStatus.Withdrawn, cancellation);
        changed += await SetAsync(deletions.Back, PostStatus.Withdrawn, PostStatus.Published, cancellation);
        return new Takeover(added, changed, recognition.IdsChange);
    }

    // What its feed says was deleted leaves, and what it has again afterwards returns.
    private async Task<int> SetAsync(
        IReadOnlySet<string> ids,
        PostStatus from,
        PostStatus to,
        CancellationToken cancellation
    )
    {
        if (ids.Count == 0)
            return 0;
        var posts = await database
            .Posts.Where(post => post.BlogId == blog.Id && post.Status == from && ids.Contains(post.SourceId!))
            .ToListAsync(cancellation);
        foreach (var post in posts)
        {
            (post.Status, post.UpdatedAt) = (to, now);
            post.Revision++;
        }

        return posts.Count;
    }

    private async Task<List<KnownEntry>> KnownAsync(List<FeedItem> items, CancellationToken cancellation)
    {
        var ids = items.Select(EntryMatcher.IdOf).OfType<string>().Distinct().ToList();
        var ours = database.Posts.AsNoTracking().Where(post => post.BlogId == blog.Id && post.SourceId != null);
        var latest = await ours.OrderByDescending(post => post.PublishedAt)
            .Take(LatestKnown)
            .Select(post => new KnownEntry(
                post.Id,
                post.SourceId,
                post.SourceAddress,
                post.Title,
                post.PlainText ?? string.Empty
            ))
            .ToListAsync(cancellation);
        var named = await ours.Where(post => ids.Contains(post.SourceId!))
            .Select(post => new KnownEntry(post.Id, post.SourceId, post.SourceAddress, post.Title, string.Empty))
            .ToListAsync(cancellation);
        return [.. latest.Concat(named).DistinctBy(entry => entry.Key)];
    }

    private async Task AddAsync(string id, FeedItem item, CancellationToken cancellation)
    {
        _slugs ??=
        [
            .. await database
                .Posts.Where(post => post.BlogId == blog.Id)
                .Select(post => post.Slug)
                .ToListAsync(cancellation),
        ];
        _language ??= await database.LanguageOfAsync(blog.SiteId, cancellation);
        var post = new Post
        {
            Key = keys.NewKey(12),
            SiteId = blog.SiteId,
            BlogId = blog.Id,
            SourceId = id,
            CreatedAt = now,
            UpdatedAt = now,
            Status = PostStatus.Published,
        };
        Fill(post, item);
        post.PublishedAt = item.Published ?? item.Updated ?? now;
        post.Slug = Slug.MakeUnique(Slug.FromTitle(post.Title, _language), _slugs.Contains);
        _slugs.Add(post.Slug);
        database.Posts.Add(post);
    }

    // The identifier follows the feed's; that alone is no change to anybody who reads.
    private bool Update(Post post, string id, FeedItem item)
    {
        var before = (post.ToContent(), post.SourceAddress);
        Fill(post, item);
        post.SourceId = id;
        if (before == (post.ToContent(), post.SourceAddress))
            return false;
        post.UpdatedAt = now;
        post.Revision++;
        return true;
    }

    private static void Fill(Post post, FeedItem item)
    {
        var link = LinkResolver.IsWeb(item.Link) ? new Uri(item.Link!) : null;
        var body = HtmlCleaner.ForFollowedPosts.Clean(item.ContentHtml ?? item.Summary, link);
        post.Apply(
            post.ToContent() with
            {
                Title = TitleOf(item, body),
                BodyHtml = body,
                Excerpt =
                    item.ContentHtml is not null && item.Summary is not null
                        ? Shortened.ToLength(HtmlText.Of(item.Summary), 500)
                        : null,
                PictureAddress = LinkResolver.IsWeb(item.Image) ? item.Image : null,
                Author = item.Authors.FirstOrDefault()?.Name,
                Category = item.Categories.FirstOrDefault(),
                Tags = [.. item.Categories.Skip(1).Distinct(StringComparer.OrdinalIgnoreCase).Take(MostTags)],
            }
        );
        post.SourceAddress = link?.AbsoluteUri;
    }

    private static string TitleOf(FeedItem item, string body)
    {
        var title = HtmlText.Of(item.Title);
        var shown = Shortened.ToLength(
            title.Length > 0 ? title : Shortened.ToWords(HtmlText.Of(body), 8),
            LongestTitle
        );
        return shown.Length == 0 ? "Untitled" : shown;
    }
}

using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Blogs;

/// <summary>Makes posts of the entries of a followed feed: new entries become posts, changed ones update theirs, vanished ones stay.</summary>
internal sealed class PostTakeover(AntiphonContext database, Blog blog, IKeySource keys, DateTimeOffset now)
{
    private const int LongestTitle = 300;
    private const int MostTags = 30;
    private readonly HashSet<string> _slugs = [];

    /// <summary>Applies a feed; the caller saves.</summary>
    public async Task ApplyAsync(Feed feed, CancellationToken cancellation)
    {
        blog.HomeAddress ??= LinkResolver.IsWeb(feed.Link) ? feed.Link : null;
        blog.Description ??= feed.Description is null ? null : Shortened.ToLength(HtmlText.Of(feed.Description), 1000);
        var known = await database.Posts.Where(post => post.BlogId == blog.Id).ToListAsync(cancellation);
        _slugs.UnionWith(known.Select(post => post.Slug));
        var byId = known.Where(post => post.SourceId is not null).ToDictionary(post => post.SourceId!);
        foreach (var item in feed.Items)
        {
            // Entries without any identity cannot be told apart at the next visit; the title has to serve.
            if ((item.Id ?? item.Link ?? item.Title) is not { Length: > 0 } id) continue;
            if (byId.TryGetValue(id, out var post)) Update(post, item);
            else byId[id] = Add(id, item);
        }
    }

    private Post Add(string id, FeedItem item)
    {
        var post = new Post { Key = keys.NewKey(12), SiteId = blog.SiteId, BlogId = blog.Id, SourceId = id, CreatedAt = now, UpdatedAt = now, Status = PostStatus.Published };
        Fill(post, item);
        post.PublishedAt = item.Published ?? item.Updated ?? now;
        post.Slug = Slug.MakeUnique(Slug.FromTitle(post.Title), _slugs.Contains);
        _slugs.Add(post.Slug);
        database.Posts.Add(post);
        return post;
    }

    private void Update(Post post, FeedItem item)
    {
        var before = (post.Title, post.BodyHtml, post.Excerpt, post.PictureAddress, post.Author, post.Category, string.Join('\n', post.Tags), post.SourceAddress);
        Fill(post, item);
        if (before == (post.Title, post.BodyHtml, post.Excerpt, post.PictureAddress, post.Author, post.Category, string.Join('\n', post.Tags), post.SourceAddress)) return;
        post.UpdatedAt = now;
        post.Revision++;
    }

    private static void Fill(Post post, FeedItem item)
    {
        var link = LinkResolver.IsWeb(item.Link) ? new Uri(item.Link!) : null;
        var body = HtmlCleaner.ForPosts.Clean(item.ContentHtml ?? item.Summary, link);
        var title = HtmlText.Of(item.Title);
        post.Title = Shortened.ToLength(title.Length > 0 ? title : Shortened.ToWords(HtmlText.Of(body), 8), LongestTitle);
        if (post.Title.Length == 0) post.Title = "Untitled";
        post.BodyHtml = body;
        post.Excerpt = item.ContentHtml is not null && item.Summary is not null ? Shortened.ToLength(HtmlText.Of(item.Summary), 500) : null;
        post.PictureAddress = LinkResolver.IsWeb(item.Image) ? item.Image : null;
        post.Author = item.Authors.FirstOrDefault()?.Name;
        post.Category = item.Categories.FirstOrDefault();
        post.Tags = [.. item.Categories.Skip(1).Distinct(StringComparer.OrdinalIgnoreCase).Take(MostTags)];
        post.SourceAddress = link?.AbsoluteUri;
    }
}

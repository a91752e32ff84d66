using Antiphon.Core.Comments;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Posts.Fields;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Published;

/// <summary>Makes entries of posts.</summary>
internal sealed class PostItems(
    AntiphonContext database,
    OwnFieldReader fields,
    PostAddresses addresses,
    IOptions<AntiphonOptions> options
)
{
    private const int SummaryWords = 50;

    /// <summary>One entry for each post, whose blog and site must be loaded, in their order.</summary>
    public async Task<IReadOnlyList<FeedItem>> OfAsync(
        IReadOnlyList<Post> posts,
        FeedSettings settings,
        CancellationToken cancellation
    )
    {
        var ids = posts.Select(post => post.Id).ToList();
        // Only what is talked about here can be answered here.
        var counts = await database
            .Threads.Where(thread => thread.PostId != null && ids.Contains(thread.PostId.Value))
            .Select(thread => new
            {
                thread.PostId,
                Count = thread.Comments.Count(comment => comment.Standing == CommentStanding.Public),
            })
            .ToListAsync(cancellation);
        var byPost = counts
            .GroupBy(row => row.PostId!.Value)
            .ToDictionary(group => group.Key, group => group.Sum(row => row.Count));
        var own = await fields.OfBlogsAsync(posts.Select(post => post.BlogId), cancellation);
        return
        [
            .. posts.Select(post =>
            {
                var item = ItemOf(post, settings, byPost.TryGetValue(post.Id, out var count) ? count : null);
                item.Extensions.AddRange(
                    FieldsInFeeds.Write([
                        .. own.Of(post, post.Blog.Site.Language)
                            .Select(filledField => (filledField.Field, filledField.Value)),
                    ])
                );
                return item;
            }),
        ];
    }

    /// <summary>When the latest of the posts changed; <paramref name="otherwise"/> without any.</summary>
    public static DateTimeOffset Updated(IReadOnlyCollection<Post> posts, DateTimeOffset otherwise) =>
        posts.Count == 0 ? otherwise : posts.Max(Updated);

    // A post dated ahead, or published a moment after its last save, has not changed before it was there.
    private static DateTimeOffset Updated(Post post) =>
        post.PublishedAt is { } published && published > post.UpdatedAt ? published : post.UpdatedAt;

    private FeedItem ItemOf(Post post, FeedSettings settings, int? comments)
    {
        var address = addresses.Of(post);
        var item = new FeedItem
        {
            Id = PostAddresses.StableId(post),
            Title = post.Title,
            Link = address,
            Summary = post.Excerpt ?? Shortened.ToWords(post.PlainText ?? HtmlText.Of(post.BodyHtml), SummaryWords),
            // Cleaned again with the post's own address, so that every link and picture is absolute.
            ContentHtml = settings.IsFullText
                ? HtmlCleaner.ForPosts.Clean(
                    PostBlocks.Alone(post.BodyHtml, BlockTexts.For(post.Blog.Site.Language)),
                    new Uri(address)
                )
                : null,
            Published = post.PublishedAt,
            Updated = Updated(post),
            Image = post.PictureAddress,
            ExternalLink = post.AboutAddress,
        };
        if (comments is { } count)
        {
            (item.CommentCount, item.CommentsUrl) = (count, address + "#comments");
            item.CommentsFeed = options.Value.AddressOf($"feeds/comments/{post.Blog.Site.PublicKey}/{post.Key}.atom");
        }

        if (post.Author is not null)
            item.Authors.Add(new FeedPerson(post.Author, null, null));
        item.Categories.AddRange(post.AllCategories.Concat(post.Tags).Distinct(StringComparer.OrdinalIgnoreCase));
        return item;
    }
}

using Antiphon.Core.Posts.Blocks;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>Reads what the page of a post shows.</summary>
internal sealed class PostPageReader(
    AntiphonContext database,
    OwnFieldReader fields,
    ThreadReader threads,
    ThreadPages pages,
    CurrentPostFinder finder,
    PostAddresses addresses,
    TimeProvider clock
)
{
    private const int MostRelated = 3;

    /// <summary>The content of a post whose blog and site are loaded.</summary>
    public async Task<PostPageContent> ReadAsync(Post post, bool isPreview, CancellationToken cancellation)
    {
        var thread = isPreview
            ? null
            : await threads.FindAsync(post.Blog.Site, PostThreads.IdentifierOf(post), null, cancellation);
        var now = clock.GetUtcNow();
        var rules = threads.RulesOf(post.Blog.Site, post.Blog, post, thread);
        if (isPreview)
            rules = rules with { IsOpen = false };
        var others = database
            .Posts.AsNoTracking()
            .Include(row => row.Blog)
            .PublicAt(now)
            .Where(row => row.BlogId == post.BlogId && row.Id != post.Id);
        var date = post.PublishedAt ?? now;
        var older = await others
            .Where(row => row.PublishedAt < date || (row.PublishedAt == date && row.Id < post.Id))
            .OrderByDescending(row => row.PublishedAt)
            .ThenByDescending(row => row.Id)
            .FirstOrDefaultAsync(cancellation);
        var newer = await others
            .Where(row => row.PublishedAt > date || (row.PublishedAt == date && row.Id > post.Id))
            .OrderBy(row => row.PublishedAt)
            .ThenBy(row => row.Id)
            .FirstOrDefaultAsync(cancellation);
        var related = await finder.RelatedAsync(post, MostRelated, cancellation);
        var likest = await others.Where(row => related.Contains(row.Id)).ToListAsync(cancellation);
        return new PostPageContent(
            post,
            addresses.Of(post),
            await AuthorAsync(post, cancellation),
            [
                .. (await fields.OfBlogsAsync([post.BlogId], cancellation))
                    .Of(post, post.Blog.Site.Language)
                    .Select(filledField => (filledField.Field.Label, filledField.InWords)),
            ],
            [.. related.Select(id => likest.Find(row => row.Id == id)).OfType<Post>().Select(Link)],
            older is null ? null : Link(older),
            newer is null ? null : Link(newer),
            await pages.ReadAsync(
                thread,
                new ThreadSlice(rules.Settings.Order, rules.Settings.ShownFirst),
                cancellation
            ),
            rules,
            isPreview
        );
    }

    private BlockLink Link(Post post) => new(post.Title, addresses.Of(post));

    private async Task<BlockAuthor?> AuthorAsync(Post post, CancellationToken cancellation)
    {
        if (post.Author is not { } name)
            return null;
        var said = await database
            .Authors.AsNoTracking()
            .FirstOrDefaultAsync(author => author.SiteId == post.SiteId && author.Name == name, cancellation);
        return new BlockAuthor(name, said?.About, said?.Link, said?.PictureAddress);
    }
}

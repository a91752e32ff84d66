using Antiphon.Core.Coverage;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Comments;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Coverage;

/// <summary>Fills the rows of a window of the board.</summary>
internal sealed class BoardRows(AntiphonContext database, PostAddresses addresses, TimeProvider clock)
{
    /// <summary>
    /// The rows of some posts, in the order they are asked for; one that vanished meanwhile is passed over.
    /// </summary>
    public async Task<IReadOnlyList<CoverageRow>> ReadAsync(
        BoardReader board,
        IReadOnlyList<long> window,
        CancellationToken cancellation
    )
    {
        await board.ReadRowsAsync(window, cancellation);
        var posts = await database
            .Posts.AsNoTracking()
            .Where(post => window.Contains(post.Id))
            .Select(post => new Post
            {
                Id = post.Id,
                BlogId = post.BlogId,
                Key = post.Key,
                Slug = post.Slug,
                Title = post.Title,
                Author = post.Author,
                Category = post.Category,
                Status = post.Status,
                PublishedAt = post.PublishedAt,
                SourceAddress = post.SourceAddress,
                Details = post.Details,
            })
            .ToDictionaryAsync(post => post.Id, cancellation);
        return [.. window.Where(posts.ContainsKey).Select(id => RowOf(posts[id], board))];
    }

    private CoverageRow RowOf(Post post, BoardReader board)
    {
        var candidate = board.Posts.Find(post.Id)!;
        var blog = post.Blog = board.Blogs.Single(row => row.Id == post.BlogId);
        CellView[] cells =
        [
            .. board.Listings.Select(listing => ViewOf(board.InListing(candidate, listing))),
            .. board.WrittenHere.Select(row => ViewOf(board.InFeed(candidate, row))),
            ViewOf(board.InMail(candidate, blog.Following is null)),
            .. board.Channels.Select(channel => ViewOf(board.InChannel(candidate, channel.Id))),
            ViewOf(board.InComments(candidate, ThreadSettings.IsOpen(blog.Site, blog, post, null, clock.GetUtcNow()))),
        ];
        return new CoverageRow(
            post.Id,
            post.Title,
            blog.Name,
            blog.Id,
            blog.Following is null,
            post.Author,
            post.Category,
            post.Status,
            post.PublishedAt,
            addresses.Of(post),
            cells
        );
    }

    private static CellView ViewOf(CoverageCell cell) =>
        new(
            cell.Mark,
            cell.Reason,
            CoverageWords.For(cell),
            cell.Reason == CoverageReason.HasComments ? cell.Count : null,
            cell.Position,
            cell.Shown,
            cell.Filter
        );
}

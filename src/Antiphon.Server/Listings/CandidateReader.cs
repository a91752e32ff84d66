using Antiphon.Core.Comments;
using Antiphon.Core.Listings;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>Reads posts as far as choosing needs them, for listings and for the board alike.</summary>
internal sealed class CandidateReader(AntiphonContext database, PostAddresses addresses)
{
    /// <summary>The candidates of a query, without texts.</summary>
    /// <param name="posts">Which posts.</param>
    /// <param name="withComments">Whether public comments are counted, which costs a look-up for each post.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task<List<ListingCandidate>> ReadAsync(IQueryable<Post> posts, bool withComments, CancellationToken cancellation)
    {
        var rows = await posts.AsNoTracking().Select(post => new
        {
            post.Id,
            post.BlogId,
            post.Title,
            post.Status,
            post.PublishedAt,
            post.UpdatedAt,
            post.Category,
            post.Tags,
            post.Author,
            post.IsFeatured,
            HasPicture = post.PictureAddress != null,
            post.SourceAddress,
            post.SourceId,
            post.Key,
            post.Slug,
            Comments = withComments ? database.Comments.Count(comment => comment.Thread.PostId == post.Id && comment.Standing == CommentStanding.Public) : 0,
        }).ToListAsync(cancellation);
        return [.. rows.Select(row => new ListingCandidate(row.Id, row.BlogId, row.Title, row.Status, row.PublishedAt)
        {
            UpdatedAt = row.UpdatedAt,
            Categories = row.Category is null ? [] : [row.Category],
            Tags = row.Tags,
            Author = row.Author,
            IsFeatured = row.IsFeatured,
            HasPicture = row.HasPicture,
            Comments = row.Comments,
            Address = FoldedAddress.Of(row.SourceAddress ?? addresses.Here(row.Key, row.Slug)),
            Key = row.Key,
            SourceId = row.SourceId,
        })];
    }

    /// <summary>Whether a definition needs the comments counted.</summary>
    public static bool NeedsComments(ListingDefinition definition) => definition.Order == ListingOrder.MostCommented;
}

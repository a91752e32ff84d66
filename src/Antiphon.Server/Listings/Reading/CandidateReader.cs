using Antiphon.Core.Comments;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Posts.Terms;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings.Reading;

/// <summary>Reads posts as far as choosing needs them, for listings and for the board alike.</summary>
internal sealed class CandidateReader(AntiphonContext database, PostAddresses addresses)
{
    /// <summary>The candidates of a query, without texts.</summary>
    /// <param name="site">The site they belong to.</param>
    /// <param name="posts">Which posts.</param>
    /// <param name="needs">What costs more and is read only when a listing asks for it.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task<List<ListingCandidate>> ReadAsync(
        long site,
        IQueryable<Post> posts,
        CandidateNeeds needs,
        CancellationToken cancellation
    )
    {
        var lines = await LinesAsync(site, cancellation);
        var (withComments, withFields) = needs;
        var rows = await posts
            .AsNoTracking()
            .Select(post => new
            {
                post.Id,
                post.BlogId,
                post.Title,
                post.Status,
                post.PublishedAt,
                post.UpdatedAt,
                post.Category,
                post.MoreCategories,
                post.Tags,
                post.Author,
                post.IsFeatured,
                HasPicture = post.PictureAddress != null,
                post.SourceAddress,
                post.SourceId,
                post.Key,
                post.Slug,
                OwnValues = withFields ? post.OwnValues : null,
                Comments = withComments
                    ? database.Comments.Count(comment =>
                        comment.Thread.PostId == post.Id && comment.Standing == CommentStanding.Public
                    )
                    : 0,
            })
            .ToListAsync(cancellation);
        return
        [
            .. rows.Select(row => new ListingCandidate(row.Id, row.BlogId, row.Title, row.Status, row.PublishedAt)
            {
                UpdatedAt = row.UpdatedAt,
                Categories = lines.Of(row.Category, row.MoreCategories),
                OwnValues = row.OwnValues ?? [],
                Tags = row.Tags,
                Author = row.Author,
                IsFeatured = row.IsFeatured,
                HasPicture = row.HasPicture,
                Comments = row.Comments,
                Address = FoldedAddress.Of(row.SourceAddress ?? addresses.Here(row.Key, row.Slug)),
                Key = row.Key,
                SourceId = row.SourceId,
            }),
        ];
    }

    private async Task<CategoryLines> LinesAsync(long site, CancellationToken cancellation) =>
        new(
            new CategoryTree(
                await database
                    .Categories.AsNoTracking()
                    .Where(category => category.SiteId == site)
                    .Select(category => new CategoryNode(category.Name, category.Above))
                    .ToListAsync(cancellation)
            )
        );

    // Thousands of posts stand in a dozen categories, so that each line is looked up once.
    private sealed class CategoryLines(CategoryTree tree)
    {
        private readonly Dictionary<string, IReadOnlyList<string>> _lines = [];

        public IReadOnlyList<string> Of(string? category, IReadOnlyCollection<string> more) =>
            more.Count > 0
                ?
                [
                    .. more.Prepend(category)
                        .OfType<string>()
                        .SelectMany(Line)
                        .Distinct(StringComparer.OrdinalIgnoreCase),
                ]
            : category is null ? []
            : Line(category);

        private IReadOnlyList<string> Line(string category) =>
            _lines.TryGetValue(category, out var line) ? line : _lines[category] = tree.PathTo(category);
    }
}

/// <summary>What is read of candidates beside what is read of all.</summary>
/// <param name="Comments">Their public comments are counted, which costs a look-up for each post.</param>
/// <param name="Fields">Their own fields.</param>
internal sealed record CandidateNeeds(bool Comments, bool Fields)
{
    /// <summary>What the listings need.</summary>
    public static CandidateNeeds Of(params IEnumerable<ListingDefinition> definitions) =>
        definitions.Aggregate(new CandidateNeeds(false, false), (needs, definition) =>
            new CandidateNeeds(
                needs.Comments || definition.Order == ListingOrder.MostCommented,
                needs.Fields || definition.Filter.Fields.Count > 0
            )
        );
}

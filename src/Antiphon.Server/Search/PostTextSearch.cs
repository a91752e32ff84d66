using Antiphon.Data;
using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Search;

/// <summary>Searches titles and texts of public posts.</summary>
internal sealed class PostTextSearch(AntiphonContext database, TimeProvider clock)
{
    /// <summary>Most posts one search gives.</summary>
    public const int Most = 200;

    private const int WordsAround = 30;

    /// <summary>
    /// The posts that match best, titles weighing four times as much as texts; none for an empty query.
    /// </summary>
    /// <param name="site">The site.</param>
    /// <param name="query">Quoted words, as <see cref="Core.Text.SearchWords"/> gives them, or null.</param>
    /// <param name="most">How many at most.</param>
    /// <param name="cancellation">Ends the search early.</param>
    /// <param name="blog">One of its blogs; null searches all of them.</param>
    public async Task<IReadOnlyList<PostMatch>> FindAsync(
        long site,
        string? query,
        int most,
        CancellationToken cancellation,
        long? blog = null
    )
    {
        if (query is null)
            return [];
        var now = clock.GetUtcNow().ToUnixTimeMilliseconds();
        return await database
            .Set<PostMatch>()
            .FromSql(
                $"""
                SELECT Posts.Id AS PostId,
                       highlight(PostTexts, 0, char(1), char(2)) AS Title,
                       snippet(PostTexts, 1, char(1), char(2), '…', {WordsAround}) AS Extract
                FROM PostTexts JOIN Posts ON Posts.Id = PostTexts.rowid
                WHERE PostTexts MATCH {query} AND Posts.SiteId = {site} AND Posts.Status = 'Published' AND Posts.PublishedAt <= {now} AND ({blog} IS NULL OR Posts.BlogId = {blog})
                ORDER BY bm25(PostTexts, 4.0, 1.0), Posts.PublishedAt DESC
                LIMIT {most}
                """
            )
            .AsNoTracking()
            .ToListAsync(cancellation);
    }
}

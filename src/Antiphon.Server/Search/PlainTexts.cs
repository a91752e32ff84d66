using Antiphon.Core.Html;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Search;

/// <summary>
/// Gives posts from before texts without markup and numbers of findings were kept theirs, so that they can be found by
/// them.
/// </summary>
internal static class PlainTexts
{
    private const int Batch = 200;

    /// <summary>Fills in what is missing, some posts at a time; done again it finds nothing to do.</summary>
    public static async Task FillPlainTextsAsync(this WebApplication app)
    {
        await using var scope = app.Services.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        while (await NextAsync(database) is { Count: > 0 } rows)
        {
            foreach (var row in rows)
            {
                var (text, findings) = (HtmlText.Of(row.BodyHtml), PostFindings.Count(row));
                await database
                    .Posts.IgnoreQueryFilters()
                    .Where(post => post.Id == row.Id)
                    .ExecuteUpdateAsync(set =>
                        set.SetProperty(post => post.PlainText, text).SetProperty(post => post.Findings, findings)
                    );
            }
        }
    }

    private static async Task<List<Post>> NextAsync(AntiphonContext database)
    {
        // In the words of the index IX_Posts_Unfilled, so that SQLite takes it; as plain SQL, as compiling the other
        // query costs every start more.
        var isThere = await database
            .Database.SqlQuery<bool>(
                $"SELECT EXISTS (SELECT 1 FROM Posts WHERE PlainText IS NULL OR Findings IS NULL) AS Value"
            )
            .ToListAsync();
        return isThere is [true]
            ? await database
                .Posts.IgnoreQueryFilters()
                .AsNoTracking()
                .Where(post => post.PlainText == null || post.Findings == null)
                .OrderBy(post => post.Id)
                .Take(Batch)
                .ToListAsync()
            : [];
    }
}

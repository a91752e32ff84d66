using Antiphon.Core.Html;
using Antiphon.Data;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Search;

/// <summary>Gives posts from before texts were kept without markup theirs, so that they can be found.</summary>
internal static class PlainTexts
{
    private const int Batch = 200;

    /// <summary>Fills in what is missing, some posts at a time; done again it finds nothing to do.</summary>
    public static async Task FillAsync(AntiphonContext database)
    {
        while (await database.Posts.Where(post => post.PlainText == null).OrderBy(post => post.Id).Take(Batch).Select(post => new { post.Id, post.BodyHtml }).ToListAsync() is { Count: > 0 } rows)
        {
            foreach (var row in rows)
            {
                var text = HtmlText.Of(row.BodyHtml);
                await database.Posts.Where(post => post.Id == row.Id).ExecuteUpdateAsync(set => set.SetProperty(post => post.PlainText, text));
            }
        }
    }
}

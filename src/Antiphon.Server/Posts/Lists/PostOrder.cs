using System.Globalization;
using System.Text;
using Antiphon.Data.Posts;
using Antiphon.Server.Posts.Reading;
using Microsoft.AspNetCore.WebUtilities;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Lists;

/// <summary>Orders of the list.</summary>
internal enum PostOrder
{
    /// <summary>
    /// By date, newest first; posts without one by their last change, which keeps what is being worked on near the top.
    /// </summary>
    Newest,

    /// <summary>By date, oldest first.</summary>
    Oldest,

    /// <summary>By last change, latest first.</summary>
    Changed,

    /// <summary>By title, whatever its capitals.</summary>
    Title,
}

/// <summary>Orders a query and goes on after the last post of a page, at the same cost however far down.</summary>
internal static class PostOrdering
{
    private const string AnyCase = "NOCASE";

    /// <summary>The posts that follow a cursor, in order; all of them without one.</summary>
    public static IQueryable<Post> Ordered(this IQueryable<Post> posts, PostOrder order, string? after)
    {
        if (order == PostOrder.Title)
        {
            if (TitleCursor(after) is var (title, last))
                posts = posts.Where(post =>
                    string.Compare(EF.Functions.Collate(post.Title, AnyCase), title) > 0
                    || (EF.Functions.Collate(post.Title, AnyCase) == title && post.Id > last)
                );
            return posts.OrderBy(post => EF.Functions.Collate(post.Title, AnyCase)).ThenBy(post => post.Id);
        }

        var cursor = PostCursor.Parse(after);
        if (order == PostOrder.Changed)
        {
            if (cursor is not null)
                posts = posts.Where(post =>
                    post.UpdatedAt < cursor.Date || (post.UpdatedAt == cursor.Date && post.Id < cursor.Id)
                );
            return posts.OrderByDescending(post => post.UpdatedAt).ThenByDescending(post => post.Id);
        }

        if (order == PostOrder.Oldest)
        {
            if (cursor is not null)
                posts = posts.Where(post =>
                    post.ListedAt > cursor.Date || (post.ListedAt == cursor.Date && post.Id > cursor.Id)
                );
            return posts.OrderBy(post => post.ListedAt).ThenBy(post => post.Id);
        }

        if (cursor is not null)
            posts = posts.Where(post =>
                post.ListedAt < cursor.Date || (post.ListedAt == cursor.Date && post.Id < cursor.Id)
            );
        return posts.OrderByDescending(post => post.ListedAt).ThenByDescending(post => post.Id);
    }

    /// <summary>The cursor that goes on after a post.</summary>
    public static string CursorAfter(Post post, PostOrder order) =>
        order switch
        {
            PostOrder.Title => string.Create(
                CultureInfo.InvariantCulture,
                $"{post.Id}.{WebEncoders.Base64UrlEncode(Encoding.UTF8.GetBytes(post.Title))}"
            ),
            PostOrder.Changed => new PostCursor(post.UpdatedAt, post.Id).ToString(),
            _ => new PostCursor(post.ListedAt, post.Id).ToString(),
        };

    private static (string Title, long Id)? TitleCursor(string? text)
    {
        var parts = (text ?? string.Empty).Split('.');
        if (parts.Length != 2 || !long.TryParse(parts[0], NumberStyles.None, CultureInfo.InvariantCulture, out var id))
            return null;
        try
        {
            return (Encoding.UTF8.GetString(WebEncoders.Base64UrlDecode(parts[1])), id);
        }
        catch (FormatException)
        {
            return null;
        }
    }
}

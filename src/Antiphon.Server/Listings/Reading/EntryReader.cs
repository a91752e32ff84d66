using Antiphon.Core.Comments;
using Antiphon.Core.Html;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings.Reading;

/// <summary>Reads chosen posts as entries.</summary>
internal sealed class EntryReader(AntiphonContext database, OwnFieldReader fields, PostAddresses addresses)
{
    /// <summary>The entries of posts, in the order given.</summary>
    public async Task<List<ListingEntry>> ReadAsync(
        IReadOnlyList<long> chosen,
        Site site,
        ListingDefinition definition,
        ListingLinks links,
        CancellationToken cancellation
    )
    {
        var posts = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog)
            .Where(post => chosen.Contains(post.Id))
            .ToDictionaryAsync(post => post.Id, cancellation);
        var comments = definition.Form.Comments ? await CommentsAsync(chosen, cancellation) : null;
        var known =
            definition.Form.Fields.Count > 0
                ? await fields.OfBlogsAsync(posts.Values.Select(post => post.BlogId), cancellation)
                : PublicFields.None;
        return
        [
            .. chosen
                .Where(posts.ContainsKey)
                .Select(id =>
                    EntryOf(posts[id], site, definition, links) with
                    {
                        Comments = comments?.GetValueOrDefault(id),
                        Fields =
                        [
                            .. known
                                .Of(posts[id], site.Language)
                                .Where(filledField => definition.Form.Fields.Contains(filledField.Field.Key))
                                .OrderBy(filledField => definition.Form.Fields.ToList().IndexOf(filledField.Field.Key))
                                .Select(filledField => new EntryField(
                                    filledField.Field.Key,
                                    filledField.Field.Label,
                                    filledField.InWords
                                )),
                        ],
                    }
                ),
        ];
    }

    /// <summary>A post as an entry.</summary>
    public ListingEntry EntryOf(Post post, Site site, ListingDefinition definition, ListingLinks links)
    {
        var (form, text) = (definition.Form, post.PlainText ?? HtmlText.Of(post.BodyHtml));
        return new ListingEntry(
            post.Key,
            form.TitleLength is { } length ? Shortened.ToLength(post.Title, length) : post.Title,
            LinkOf(post, definition, links),
            post.PublishedAt,
            post.PublishedAt is { } date
                ? SiteCulture.DateText(date, site.Language, site.TimeZone, form.DatePattern)
                : null,
            post.Author,
            post.Category,
            form.Excerpt(post.Excerpt, text),
            post.ListingPicture,
            post.PictureAlt
        )
        {
            Tags = post.Tags,
            Source = post.Blog.Name,
            SourceLink = addresses.OfBlog(post.Blog),
            Minutes = ReadingTime.MinutesOf(text),
            CommentsLink = addresses.Of(post) + "#comments",
            Slug = post.Slug,
            // The point to keep belongs to the post's own picture; one chosen for listings is framed for them already.
            Focus = post.Details.ListingPicture is null ? (post.FocusX, post.FocusY) : (50, 50),
        };
    }

    private string LinkOf(Post post, ListingDefinition definition, ListingLinks links)
    {
        if (definition.Layout == ListingLayout.WholeBlog)
            return links.To(new BlogPart(BlogPartKind.Post, post.Key), slug: post.Slug);
        return definition.Leads switch
        {
            EntryLead.OwnPage => post.SourceAddress ?? addresses.Own(post),
            EntryLead.Source => post.AboutAddress ?? addresses.Of(post),
            _ => addresses.Of(post),
        };
    }

    private async Task<Dictionary<long, int>> CommentsAsync(IReadOnlyList<long> chosen, CancellationToken cancellation)
    {
        var rows = await database
            .Comments.Where(comment =>
                comment.Thread.PostId != null
                && chosen.Contains(comment.Thread.PostId.Value)
                && comment.Standing == CommentStanding.Public
            )
            .GroupBy(comment => comment.Thread.PostId!.Value)
            .Select(group => new { group.Key, Count = group.Count() })
            .ToListAsync(cancellation);
        return rows.ToDictionary(row => row.Key, row => row.Count);
    }
}

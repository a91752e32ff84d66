using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.PublicPages;
using Antiphon.Data.Posts;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Posts.Reading;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>Byline and tags of a post's page, each leading to more of its kind.</summary>
internal static class PostByline
{
    /// <summary>The byline; empty when the look asks for no part the post has.</summary>
    public static string Of(PostPageContent content, PostAddresses addresses)
    {
        var parts = content
            .Post.Blog.PageLook.Byline.Distinct()
            .Select(part => Part(part, content, addresses))
            .OfType<string>()
            .ToList();
        return parts.Count == 0 ? string.Empty : $"<p class=\"byline\">{string.Join(" · ", parts)}</p>";
    }

    /// <summary>The tags; empty without any.</summary>
    public static string Tags(PostPageContent content, PostAddresses addresses)
    {
        var (post, above) = (
            content.Post,
            content.Post.Blog.PageLook.Tags == TagsPlace.BelowTitle ? " above" : string.Empty
        );
        if (post.Tags.Count == 0)
            return string.Empty;
        return $"<p class=\"terms{above}\">{string.Join(' ', post.Tags.Select(tag => $"<a rel=\"tag\" href=\"{Encoded.Html(addresses.OfPage(post.Blog, "tag/" + Uri.EscapeDataString(tag)))}\">#{Encoded.Html(tag)}</a>"))}</p>";
    }

    private static string? Part(BylinePart part, PostPageContent content, PostAddresses addresses)
    {
        var (post, site) = (content.Post, content.Post.Blog.Site);
        var texts = ListingTexts.For(site.Language);
        return part switch
        {
            BylinePart.Date => post.PublishedAt is { } date
                ? $"<time datetime=\"{date.UtcDateTime:yyyy-MM-dd'T'HH:mm:ss'Z'}\">{Encoded.Html(SiteCulture.LongDate(date, site.Language, site.TimeZone))}</time>"
                : null,
            BylinePart.Author => Linked(post.Author, "author", post, addresses),
            BylinePart.Category => string.Join(
                ", ",
                post.AllCategories.Select(name => Linked(name, "category", post, addresses))
            )
                is { Length: > 0 } all
                ? all
                : null,
            BylinePart.ReadingTime => Encoded.Html(
                texts.Minutes.With("count", ReadingTime.MinutesOf(post.PlainText ?? HtmlText.Of(post.BodyHtml)))
            ),
            _ => content.Comments.Count == 0
                ? null
                : $"<a href=\"#comments\">{Encoded.Html(texts.Comments.With("count", content.Comments.Count))}</a>",
        };
    }

    private static string? Linked(string? name, string page, Post post, PostAddresses addresses) =>
        string.IsNullOrEmpty(name)
            ? null
            : $"<a rel=\"{(page == "author" ? "author" : "tag")}\" href=\"{Encoded.Html(addresses.OfPage(post.Blog, $"{page}/{Uri.EscapeDataString(name)}"))}\">{Encoded.Html(name)}</a>";
}

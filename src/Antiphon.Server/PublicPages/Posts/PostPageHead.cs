using System.Text;
using System.Text.Json;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Html;
using Antiphon.Core.Pictures;
using Antiphon.Core.Text;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>
/// What the page of a post tells machines: search engines (schema.org), networks (Open Graph), feed readers.
/// </summary>
internal static class PostPageHead
{
    private const int DescriptionLength = 160;

    /// <summary>Safe HTML for the head.</summary>
    public static string Of(PostPageContent content, AntiphonOptions options)
    {
        var (post, details) = (content.Post, content.Post.Details);
        var description = details.SearchDescription
            ?? post.Excerpt
            ?? Shortened.ToLength(post.PlainText ?? HtmlText.Of(post.BodyHtml), DescriptionLength);
        var canonical = details.CanonicalAddress ?? content.Address;
        var head = new StringBuilder();
        void Meta(string kind, string name, string? value)
        {
            if (!string.IsNullOrEmpty(value))
                head.Append("<meta ")
                    .Append(kind)
                    .Append("=\"")
                    .Append(name)
                    .Append("\" content=\"")
                    .Append(Encoded.Html(value))
                    .Append("\">");
        }

        if (details.HiddenFromSearch || content.IsPreview)
            Meta("name", "robots", "noindex");
        head.Append("<link rel=\"canonical\" href=\"").Append(Encoded.Html(canonical)).Append("\">");
        Meta("name", "description", description);
        Meta("name", "author", post.Author);
        Meta("property", "og:type", "article");
        Meta("property", "og:site_name", post.Blog.Site.Name);
        Meta("property", "og:title", details.SocialTitle ?? post.Title);
        Meta("property", "og:description", details.SocialText ?? description);
        Meta("property", "og:url", canonical);
        AppendPicture(content, Meta);
        Meta(
            "property",
            "article:published_time",
            post.PublishedAt is { } published ? AtomWriter.Date(published) : null
        );
        Meta("property", "article:section", post.Category);
        foreach (var tag in post.Tags)
            Meta("property", "article:tag", tag);
        head.Append(FeedLink.Of(post.Blog, options));
        if (!content.IsPreview)
            head.Append(MentionAdvertising.Head(options, post.Blog.Site.PublicKey, post.Key));
        if (content.Older is { } older)
            head.Append("<link rel=\"prev\" href=\"").Append(Encoded.Html(older.Address)).Append("\">");
        if (content.Newer is { } newer)
            head.Append("<link rel=\"next\" href=\"").Append(Encoded.Html(newer.Address)).Append("\">");
        return head.Append(Posting(content, canonical, description)).ToString();
    }

    private static void AppendPicture(PostPageContent content, Action<string, string, string?> meta)
    {
        if ((content.Post.Details.SocialPicture ?? content.Post.PictureAddress) is not { } picture)
            return;
        var own = PictureAddress.Parse(picture);
        // The focal point and the words belong to the post's own picture; one chosen for networks is framed for them
        // already.
        var isOthers = content.Post.Details.SocialPicture is not null;
        meta(
            "property",
            "og:image",
            own?.Of(
                isOthers ? PictureVariant.Card(50, 50) : PictureVariant.Card(content.Post.FocusX, content.Post.FocusY)
            )
                ?? picture
        );
        if (own is not null)
            meta("property", "og:image:width", "1200");
        if (own is not null)
            meta("property", "og:image:height", "630");
        meta("property", "og:image:alt", isOthers ? null : content.Post.PictureAlt);
    }

    // The writer escapes every angle bracket, so that no text can end the element.
    private static string Posting(PostPageContent content, string canonical, string description)
    {
        var post = content.Post;
        var data = new Dictionary<string, object?>
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "BlogPosting",
            ["headline"] = post.Title,
            ["url"] = canonical,
            ["mainEntityOfPage"] = canonical,
            ["datePublished"] = post.PublishedAt is { } published ? AtomWriter.Date(published) : null,
            ["dateModified"] = AtomWriter.Date(post.UpdatedAt),
            ["author"] = content.Author is { } author
                ? new Dictionary<string, object?>
                {
                    ["@type"] = "Person",
                    ["name"] = author.Name,
                    ["url"] = author.Link,
                }
                    .Where(pair => pair.Value is not null)
                    .ToDictionary()
                : null,
            ["publisher"] = new Dictionary<string, object?>
            {
                ["@type"] = "Organization",
                ["name"] = post.Blog.Site.Name,
                ["url"] = post.Blog.Site.Address,
            },
            ["image"] = post.PictureAddress,
            ["description"] = description,
            ["inLanguage"] = post.Details.Language ?? post.Blog.Site.Language,
            ["keywords"] = post.Tags.Count == 0 ? null : string.Join(", ", post.Tags),
            ["commentCount"] = content.Comments.Count,
        };
        return $"<script type=\"application/ld+json\">{JsonSerializer.Serialize(data.Where(pair => pair.Value is not null).ToDictionary())}</script>";
    }
}

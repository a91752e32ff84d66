using System.Text;
using System.Text.Json;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Text;
using Antiphon.Data.Blogs;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.PublicPages.Blogs;

namespace Antiphon.Server.PublicPages;

/// <summary>What the pages of a blog tell machines.</summary>
internal static class BlogPageHead
{
    private const int DescriptionLength = 160;

    /// <summary>Safe HTML for the head of a page that lists posts.</summary>
    public static string Of(BlogPageContent content, AntiphonOptions options)
    {
        var (blog, head) = (content.Blog, new StringBuilder());
        var description = content.IsFirst
            ? blog.SearchDescription ?? content.About ?? blog.Description
            : content.About ?? content.Author?.About;
        if (content.IsHidden)
            head.Append("<meta name=\"robots\" content=\"noindex\">");
        head.Append("<link rel=\"canonical\" href=\"").Append(Encoded.Html(content.Address)).Append("\">");
        if (!string.IsNullOrWhiteSpace(description))
            head.Append("<meta name=\"description\" content=\"")
                .Append(Encoded.Html(Shortened.ToLength(description, DescriptionLength)))
                .Append("\">");
        head.Append("<meta property=\"og:type\" content=\"website\"><meta property=\"og:site_name\" content=\"")
            .Append(Encoded.Html(blog.Site.Name))
            .Append("\"><meta property=\"og:title\" content=\"")
            .Append(Encoded.Html(content.Heading))
            .Append("\"><meta property=\"og:url\" content=\"")
            .Append(Encoded.Html(content.Address))
            .Append("\">");
        if (content.Older is { } older)
            head.Append("<link rel=\"next\" href=\"").Append(Encoded.Html(older)).Append("\">");
        head.Append(FeedLink.Of(blog, options));
        return content.IsFirst ? head.Append(Structured(content, description)).ToString() : head.ToString();
    }

    // schema.org's Blog; the writer escapes every angle bracket, so that no text can end the element.
    private static string Structured(BlogPageContent content, string? description)
    {
        var data = new Dictionary<string, object?>
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "Blog",
            ["name"] = content.Blog.Name,
            ["url"] = content.Address,
            ["description"] = description,
            ["inLanguage"] = content.Blog.Site.Language,
            ["publisher"] = new Dictionary<string, object?>
            {
                ["@type"] = "Organization",
                ["name"] = content.Blog.Site.Name,
                ["url"] = content.Blog.Site.Address,
            },
            ["blogPost"] = content.Entries.Select(entry => new Dictionary<string, object?>
            {
                ["@type"] = "BlogPosting",
                ["headline"] = System.Net.WebUtility.HtmlDecode(entry.Title),
                ["url"] = entry.Address,
                ["datePublished"] = AtomWriter.Date(entry.Published),
            }),
        };
        return $"<script type=\"application/ld+json\">{JsonSerializer.Serialize(data.Where(pair => pair.Value is not null).ToDictionary())}</script>";
    }
}

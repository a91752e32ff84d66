using System.Globalization;
using System.Text;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.PublicPages;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>The HTML of the pages that list a blog's posts; it says everything without script.</summary>
internal sealed class BlogPageMarkup(PostAddresses addresses, IOptions<AntiphonOptions> options)
{
    private static readonly string Sheet = StyleSheet.Read("PublicPages/Blogs/blog.css");

    /// <summary>The page.</summary>
    public string Page(BlogPageContent content)
    {
        var (blog, texts) = (content.Blog, ListingTexts.For(content.Blog.Site.Language));
        var body = new StringBuilder();
        if (!string.IsNullOrWhiteSpace(content.About))
            body.Append("<p class=\"about\">").Append(Encoded.Html(content.About)).Append("</p>");
        if (content.Author is { } author)
            AppendAuthor(body, author);
        if (content.Search is not null)
            AppendSearch(body, content, texts, content.Search);
        if (content.Search is { Length: > 0 })
            body.Append("<p role=\"status\">")
                .Append(Encoded.Html(texts.Found.With("count", content.Entries.Count)))
                .Append("</p>");
        AppendEntries(body, content, texts);
        foreach (var year in content.Years)
            AppendYear(body, year);
        if (content.Older is { } older)
            body.Append("<p class=\"older\"><a rel=\"next\" href=\"")
                .Append(Encoded.Html(older))
                .Append("\">")
                .Append(Encoded.Html(texts.Older))
                .Append(" ›</a></p>");
        AppendWays(body, content, texts);
        return PublicPage.Document(
            content.Heading,
            body.ToString(),
            head: BlogPageHead.Of(content, options.Value) + $"<style>{Sheet}{PageSheet.Of(blog.PageLook)}</style>",
            language: blog.Site.Language,
            above: Kicker(content),
            title: content.IsFirst ? content.Heading : $"{content.Heading} · {blog.Name}"
        );
    }

    private string Kicker(BlogPageContent content)
    {
        var (blog, site) = (content.Blog, content.Blog.Site);
        var home = $"<a href=\"{Encoded.Html(site.Address)}\">{Encoded.Html(site.Name)}</a>";
        return $"<p class=\"kicker\">{home}{(content.IsFirst ? string.Empty : $" · <a href=\"{Encoded.Html(addresses.OfBlog(blog))}\">{Encoded.Html(blog.Name)}</a>")}</p>";
    }

    private static void AppendAuthor(StringBuilder body, BlockAuthor author)
    {
        if (author is { About: null, Link: null, Picture: null })
            return;
        body.Append("<div class=\"author-box\">");
        if (author.Picture is { } picture)
            body.Append("<img src=\"").Append(Encoded.Html(picture)).Append("\" alt=\"\" width=\"72\" height=\"72\">");
        body.Append("<div>").Append(Encoded.Html(author.About));
        if (author.Link is { } link)
            body.Append(" <a rel=\"author\" href=\"")
                .Append(Encoded.Html(link))
                .Append("\">")
                .Append(Encoded.Html(Uri.TryCreate(link, UriKind.Absolute, out var uri) ? uri.Host : link))
                .Append("</a>");
        body.Append("</div></div>");
    }

    private static void AppendEntries(StringBuilder body, BlogPageContent content, ListingTexts texts)
    {
        if (content.Entries.Count == 0)
        {
            if (content.IsFirst)
                body.Append("<p>")
                    .Append(Encoded.Html(EmbedTexts.For(content.Blog.Site.Language).NothingYet))
                    .Append("</p>");
            return;
        }

        body.Append("<ul class=\"index\" aria-label=\"").Append(Encoded.Html(texts.AllPosts)).Append("\">");
        foreach (var entry in content.Entries)
        {
            var byline = string.Join(
                " · ",
                new[] { entry.Date, entry.Author, entry.Category }
                    .Where(part => !string.IsNullOrEmpty(part))
                    .Select(Encoded.Html)
            );
            body.Append("<li><div class=\"text\"><h2><a href=\"")
                .Append(Encoded.Html(entry.Address))
                .Append("\">")
                .Append(entry.Title)
                .Append("</a></h2><p class=\"byline\">")
                .Append(byline)
                .Append("</p><p>")
                .Append(entry.Excerpt)
                .Append("</p></div>")
                .Append(Thumb(entry.Picture))
                .Append("</li>");
        }

        body.Append("</ul>");
    }

    private static string Thumb(string? picture)
    {
        if (picture is null)
            return string.Empty;
        var sizes = PictureAddress.Parse(picture) is { } own
            ? $" srcset=\"{Encoded.Html(own.SourceSet())}\" sizes=\"132px\""
            : string.Empty;
        return $"<img src=\"{Encoded.Html(picture)}\"{sizes} alt=\"\" width=\"132\" height=\"99\" loading=\"lazy\" decoding=\"async\">";
    }

    private static void AppendYear(StringBuilder body, ArchiveYear year)
    {
        body.Append("<section class=\"year\"><h2>")
            .Append(year.Year.ToString(CultureInfo.InvariantCulture))
            .Append("</h2><ul>");
        foreach (var month in year.Months)
            body.Append("<li><a href=\"")
                .Append(Encoded.Html(month.Address))
                .Append("\">")
                .Append(Encoded.Html(month.Name))
                .Append("</a> <small>")
                .Append(month.Posts.ToString(CultureInfo.InvariantCulture))
                .Append("</small></li>");
        body.Append("</ul></section>");
    }

    private void AppendWays(StringBuilder body, BlogPageContent content, ListingTexts texts)
    {
        var blog = content.Blog;
        body.Append("<footer class=\"ways\">");
        if (content.Search is null)
            AppendSearch(body, content, texts, string.Empty);
        if (content.Categories.Count > 0)
            body.Append("<nav aria-label=\"")
                .Append(Encoded.Html(texts.Categories))
                .Append("\">")
                .AppendJoin(
                    ' ',
                    content.Categories.Select(link =>
                        $"<a href=\"{Encoded.Html(link.Address)}\">{Encoded.Html(link.Title)}</a>"
                    )
                )
                .Append("</nav>");
        body.Append("<nav aria-label=\"").Append(Encoded.Html(texts.Pages)).Append("\">");
        if (!content.IsFirst)
            body.Append("<a href=\"")
                .Append(Encoded.Html(addresses.OfBlog(blog)))
                .Append("\">")
                .Append(Encoded.Html(texts.AllPosts))
                .Append("</a> ");
        body.Append("<a href=\"")
            .Append(Encoded.Html(addresses.OfPage(blog, "archive")))
            .Append("\">")
            .Append(Encoded.Html(texts.Archive))
            .Append("</a> <a href=\"")
            .Append(options.Value.AddressOf($"feeds/{blog.Key}"))
            .Append("\">")
            .Append(Encoded.Html(texts.Feed))
            .Append("</a></nav></footer>");
    }

    private void AppendSearch(StringBuilder body, BlogPageContent content, ListingTexts texts, string words) =>
        body.Append("<form class=\"search\" role=\"search\" action=\"")
            .Append(Encoded.Html(addresses.OfPage(content.Blog, "search")))
            .Append("\"><input type=\"search\" name=\"q\" value=\"")
            .Append(Encoded.Html(words))
            .Append("\" aria-label=\"")
            .Append(Encoded.Html(texts.SearchFor))
            .Append("\" placeholder=\"")
            .Append(Encoded.Html(texts.SearchFor))
            .Append("\"><button>")
            .Append(Encoded.Html(texts.Search))
            .Append("</button></form>");
}

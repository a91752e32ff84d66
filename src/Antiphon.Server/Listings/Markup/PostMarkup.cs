using System.Text;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Pictures;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;

namespace Antiphon.Server.Listings.Markup;

/// <summary>A post read inside a page of the site: in the whole blog, or in a panel over the page.</summary>
internal static class PostMarkup
{
    /// <summary>Appends the post, its conversation, and the ways to its neighbours.</summary>
    public static void Append(StringBuilder html, ListingContent content)
    {
        var open = content.Post!;
        var (entry, level) = (open.Entry, ListingFragment.TitleLevel(content.Definition));
        var byline = string.Join(
            Encoded.Html(content.Definition.Form.Separator),
            new[] { entry.Date, entry.Author }
                .Where(part => !string.IsNullOrEmpty(part))
                .Select(Encoded.Html)
                .Concat(entry.Category is null ? [] : [Term(content, BlogPartKind.Category, entry.Category)])
        );
        html.Append("<article class=\"antiphon-post\" part=\"post\" data-title=\"")
            .Append(Encoded.Html(entry.Title))
            .Append("\" data-canonical=\"")
            .Append(Encoded.Html(open.Canonical))
            .Append("\">\n")
            .Append("<h")
            .Append(level)
            .Append(" class=\"antiphon-view-title\" part=\"view-title\" tabindex=\"-1\">")
            .Append(Encoded.Html(entry.Title))
            .Append("</h")
            .Append(level)
            .Append(">\n")
            .Append("<p class=\"antiphon-byline\" part=\"byline\">")
            .Append(byline)
            .Append("</p>\n");
        if (entry.Picture is not null)
            html.Append("<img class=\"antiphon-lead\" part=\"picture\" src=\"")
                .Append(Encoded.Html(entry.Picture))
                .Append("\" alt=\"")
                .Append(Encoded.Html(entry.PictureAlt))
                .Append("\">\n");
        html.Append("<div class=\"antiphon-body\" part=\"body\">")
            .Append(PicturesInText.WithSizes(open.BodyHtml))
            .Append("</div>\n");
        if (entry.Tags.Count > 0)
            html.Append("<p class=\"antiphon-tags\" part=\"tags\">")
                .AppendJoin(' ', entry.Tags.Select(tag => Term(content, BlogPartKind.Tag, tag)))
                .Append("</p>\n");
        html.Append(ShareMarkup.Line(content.Site, entry.Title, open.Canonical, "antiphon-share")).Append('\n');
        AppendWayToTalk(html, content, open);
        html.Append("</article>\n");
        AppendNeighbours(html, content, open);
    }

    /// <summary>A category or tag, leading to its posts where the blog's views live in the same place.</summary>
    private static string Term(ListingContent content, BlogPartKind kind, string term)
    {
        var view = new BlogPart(kind, term);
        return $"<a part=\"tag\" data-view=\"{Encoded.Html(view.ToString())}\" href=\"{Encoded.Html(content.Links.To(view))}\">{Encoded.Html(term)}</a>";
    }

    // The script puts the conversation in the container; without it the link leads to where it stands.
    private static void AppendWayToTalk(StringBuilder html, ListingContent content, OpenPost open)
    {
        var texts = EmbedTexts.For(content.Site.Language);
        if (open.ThreadIdentifier is not { } identifier)
        {
            html.Append("<p class=\"antiphon-more\"><a part=\"more\" href=\"")
                .Append(Encoded.Html(open.OwnPage))
                .Append("\">")
                .Append(Encoded.Html(ListingTexts.For(content.Site.Language).ReadAt.With("site", open.Entry.Source)))
                .Append("</a></p>\n");
            return;
        }

        html.Append(
                ThreadContainer.Begin(
                    new ThreadKey(content.Site.PublicKey, identifier),
                    open.Canonical,
                    open.Entry.Title
                )
            )
            .Append("<p class=\"antiphon-more\"><a part=\"more\" href=\"")
            .Append(Encoded.Html(open.OwnPage))
            .Append("#comments\">")
            .Append(Encoded.Html(texts.Comments))
            .Append("</a></p></div>\n");
    }

    private static void AppendNeighbours(StringBuilder html, ListingContent content, OpenPost open)
    {
        if (open.Newer is null && open.Older is null)
            return;
        var texts = ListingTexts.For(content.Site.Language);
        html.Append("<nav class=\"antiphon-paging antiphon-neighbours\" part=\"paging\" aria-label=\"")
            .Append(Encoded.Html(texts.Pages))
            .Append("\">");
        foreach (
            var (link, label, relation) in new[]
            {
                (open.Newer, $"‹ {texts.Newer}", "prev"),
                (open.Older, $"{texts.Older} ›", "next"),
            }
        )
        {
            if (link is null)
                continue;
            html.Append("<a part=\"page\" rel=\"")
                .Append(relation)
                .Append("\" data-view=\"post/")
                .Append(link.Key)
                .Append("\" href=\"")
                .Append(Encoded.Html(link.Address))
                .Append("\"><small>")
                .Append(Encoded.Html(label))
                .Append("</small> ")
                .Append(Encoded.Html(link.Title))
                .Append("</a>");
        }

        html.Append("</nav>\n");
    }
}

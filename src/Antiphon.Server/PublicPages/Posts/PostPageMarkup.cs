using System.Text;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.PublicPages;
using Antiphon.Server.Comments.Markup;
using Antiphon.Server.Listings.Markup;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;

namespace Antiphon.Server.PublicPages.Posts;

/// <summary>The HTML of a post's own page; it says everything without script.</summary>
internal static class PostPageMarkup
{
    /// <summary>The page.</summary>
    public static string Page(PostPageContent content, PostAddresses addresses, AntiphonOptions options)
    {
        var (post, site) = (content.Post, content.Post.Blog.Site);
        var language = post.Details.Language ?? site.Language;
        var texts = BlockTexts.For(language);
        var body = new StringBuilder();
        if (content.HasNote)
            body.Append(
                "<p class=\"preview\" role=\"note\">This is a preview. The post is not public yet, and this address stops working after seven days.</p>"
            );
        var (look, byline) = (post.Blog.PageLook, PostByline.Of(content, addresses));
        if (look.BylinePlace == BylinePlace.BelowTitle)
            body.Append(byline);
        if (look.Tags == TagsPlace.BelowTitle)
            body.Append(PostByline.Tags(content, addresses));
        body.Append(Lead(content)).Append("<article class=\"antiphon-body\">");
        var text = look.Contents ? PostBlocks.WithContents(post.BodyHtml) : post.BodyHtml;
        if (look.AuthorBox && !text.Contains("block-author", StringComparison.Ordinal))
            text += "<div class=\"block-author\"></div>";
        body.Append(
                PicturesInText.WithSizes(
                    PostBlocks.Fill(
                        text,
                        PageBlocks.Around(post, texts, options) with
                        {
                            Author = content.Author,
                            Related = content.Related,
                        }
                    )
                )
            )
            .Append("</article>");
        if (look.BylinePlace == BylinePlace.AtEnd)
            body.Append(byline);
        AppendFields(body, content);
        if (post.AboutAddress is { } about)
            body.Append("<p class=\"about\"><a href=\"")
                .Append(Encoded.Html(about))
                .Append("\" rel=\"noopener\">")
                .Append(Encoded.Html(new Uri(about).Host))
                .Append("</a></p>");
        if (look.Tags == TagsPlace.AtEnd)
            body.Append(PostByline.Tags(content, addresses));
        if (!content.IsPreview)
            AppendShare(body, content);
        AppendNeighbours(body, content, language);
        if (content.Related.Count > 0 && !post.BodyHtml.Contains("block-related", StringComparison.Ordinal))
            body.Append(RelatedOf(content, texts));
        if (!content.IsPreview)
            body.Append("<hr><div id=\"comments\">").Append(Thread(content, options)).Append("</div>");
        return PublicPage.Document(
            post.Title,
            body.ToString(),
            head: PostPageHead.Of(content, options) + $"<style>{PostPageStyle.Sheet}{PageSheet.Of(look)}</style>",
            language: language,
            title: post.Details.SearchTitle,
            above: $"<p class=\"kicker\"><a href=\"{Encoded.Html(site.Address)}\">{Encoded.Html(site.Name)}</a> · <a href=\"{Encoded.Html(addresses.OfBlog(post.Blog))}\">{Encoded.Html(post.Blog.Name)}</a></p>{(look.BylinePlace == BylinePlace.AboveTitle ? byline : string.Empty)}"
        );
    }

    private static string Lead(PostPageContent content)
    {
        if (content.Post.PictureAddress is not { } picture)
            return string.Empty;
        var sizes = PictureAddress.Parse(picture) is { } own
            ? $" srcset=\"{Encoded.Html(own.SourceSet())}\" sizes=\"(max-width: {content.Post.Blog.PageLook.Measure}rem) 100vw, {content.Post.Blog.PageLook.Measure}rem\""
            : string.Empty;
        return $"<img class=\"lead focus\" src=\"{Encoded.Html(picture)}\"{sizes} alt=\"{Encoded.Html(content.Post.PictureAlt)}\"><style>.lead.focus{{object-position:{content.Post.FocusX}% {content.Post.FocusY}%}}</style>";
    }

    private static void AppendFields(StringBuilder body, PostPageContent content)
    {
        if (content.Fields.Count == 0)
            return;
        body.Append("<dl class=\"fields\">");
        foreach (var (label, words) in content.Fields)
            body.Append("<div><dt>")
                .Append(Encoded.Html(label))
                .Append("</dt><dd>")
                .Append(Encoded.Html(words))
                .Append("</dd></div>");
        body.Append("</dl>");
    }

    // Plain links: nothing is loaded from elsewhere. The two that need the browser are shown by script where it can do
    // them.
    private static void AppendShare(StringBuilder body, PostPageContent content)
    {
        body.Append(ShareMarkup.Line(content.Post.Blog.Site, content.Post.Title, content.Address, "share"))
            .Append(ShareScript);
    }

    private const string ShareScript = """
        <script>
        (() => {
          const share = document.querySelector('.share'), copy = share.querySelector('[data-copy]'), sheet = share.querySelector('[data-sheet]')
          if (navigator.clipboard) { copy.hidden = false; copy.onclick = () => navigator.clipboard.writeText(share.dataset.address).then(() => (copy.textContent = share.dataset.copied)) }
          if (navigator.share) { sheet.hidden = false; sheet.onclick = () => navigator.share({ title: share.dataset.title, url: share.dataset.address }).catch(() => {}) }
          if (navigator.clipboard) for (const block of document.querySelectorAll('pre.copyable')) {
            const button = document.createElement('button')
            button.type = 'button'; button.textContent = 'Copy'; const text = block.textContent
            button.onclick = () => navigator.clipboard.writeText(text).then(() => (button.textContent = 'Copied'))
            block.append(button)
          }
        })()
        </script>
        """;

    private static void AppendNeighbours(StringBuilder body, PostPageContent content, string language)
    {
        if (content.Older is null && content.Newer is null)
            return;
        var texts = ListingTexts.For(language);
        body.Append("<nav class=\"neighbours\" aria-label=\"").Append(Encoded.Html(texts.Pages)).Append("\">");
        foreach (
            var (link, words, relation) in new[]
            {
                (content.Older, $"‹ {texts.Older}", "prev"),
                (content.Newer, $"{texts.Newer} ›", "next"),
            }
        )
        {
            if (link is not null)
                body.Append("<a rel=\"")
                    .Append(relation)
                    .Append("\" href=\"")
                    .Append(Encoded.Html(link.Address))
                    .Append("\"><small>")
                    .Append(Encoded.Html(words))
                    .Append("</small> ")
                    .Append(Encoded.Html(link.Title))
                    .Append("</a>");
        }

        body.Append("</nav>");
    }

    private static string RelatedOf(PostPageContent content, BlockTexts texts) =>
        $"<aside class=\"related\"><strong>{Encoded.Html(texts.Related)}</strong><ul>{string.Concat(content.Related.Select(link => $"<li><a href=\"{Encoded.Html(link.Address)}\">{Encoded.Html(link.Title)}</a></li>"))}</ul></aside>";

    private static string Thread(PostPageContent content, AntiphonOptions options)
    {
        var (post, site) = (content.Post, content.Post.Blog.Site);
        var identifier = PostThreads.IdentifierOf(post);
        var form = new ThreadForm(
            options.AddressOf($"embed/threads/{site.PublicKey}"),
            identifier,
            content.Address,
            post.Title,
            content.Thread.IsOpen
        )
        {
            Settings = content.Thread.Settings,
            Order = content.Thread.Settings.Order,
        };
        return ThreadContainer.Begin(new ThreadKey(site.PublicKey, identifier), content.Address, post.Title)
            + ThreadFragment.Render(site, content.Comments, form)
            + $"</div><script src=\"{options.AddressOf("embed/antiphon.js")}\" async></script>";
    }
}

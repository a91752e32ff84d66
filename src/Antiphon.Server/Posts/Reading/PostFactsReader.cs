using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Html;
using Antiphon.Core.Text;
using Antiphon.Data.Posts;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Posts.Reading;

/// <summary>What channels can say of a post whose blog and site are loaded.</summary>
internal sealed class PostFactsReader(PostAddresses addresses)
{
    private const int ExcerptWords = 60;

    /// <summary>The facts, with a link that counts where the channel counts.</summary>
    public PostFacts Of(Post post, ChannelSettings settings, ChannelKind kind)
    {
        var facts = Of(post);
        // Only what people read and follow is counted; receivers that tell posts apart by their address get it as it
        // is.
        return kind == ChannelKind.Social
            ? facts with
            {
                Link = CampaignLink.Of(facts.Link, settings.CampaignSource, "social", settings.Campaign),
            }
            : facts;
    }

    /// <summary>The facts, with the post's own address.</summary>
    public PostFacts Of(Post post)
    {
        var site = post.Blog.Site;
        var excerpt = post.Excerpt ?? Shortened.ToWords(post.PlainText ?? HtmlText.Of(post.BodyHtml), ExcerptWords);
        return new PostFacts(
            post.Title,
            excerpt,
            addresses.Of(post),
            post.Author,
            post.Category,
            post.Tags,
            post.PublishedAt is { } at ? SiteCulture.LongDate(at, site.Language, site.TimeZone) : string.Empty,
            post.Blog.Name,
            site.Name
        );
    }

    /// <summary>The post's own address.</summary>
    public string LinkOf(Post post) => addresses.Of(post);
}

using Antiphon.Core.Channels;
using Antiphon.Core.Html;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Server.Pages;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>The text partners get: as much as the channel gives, with a link to the post itself.</summary>
internal static class PartnerText
{
    /// <summary>As HTML.</summary>
    public static string Html(SendOrder order)
    {
        var (post, facts) = (order.Post!, order.Facts!);
        var lead = $"<p><a href=\"{Encoded.Html(facts.Link)}\">{Encoded.Html(facts.Title)}</a></p>";
        return order.Channel.Settings.Extent switch
        {
            BodyExtent.Whole => HtmlCleaner.ForPosts.Clean(
                PostBlocks.Alone(post.BodyHtml, BlockTexts.For(post.Blog.Site.Language)),
                new Uri(facts.Link)
            ) + lead,
            BodyExtent.Excerpt => $"<p>{Encoded.Html(facts.Excerpt)}</p>{lead}",
            _ => lead,
        };
    }
}

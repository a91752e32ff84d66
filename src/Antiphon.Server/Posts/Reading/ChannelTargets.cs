using Antiphon.Core.Channels;
using Antiphon.Core.Html;
using Antiphon.Core.Text;
using Antiphon.Data.Channels;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Posts.Reading;

/// <summary>Where a post goes within a channel.</summary>
internal sealed class ChannelTargets(PostFactsReader facts, IOptions<AntiphonOptions> options)
{
    private const int MostPages = 50;
    private static readonly string[] Forms = ["rss", "atom", "json"];

    /// <summary>
    /// For pings each page the post links to, for a hub each feed the post stands in, otherwise one place without a
    /// name.
    /// </summary>
    public IReadOnlyList<string> Of(Post post, Channel channel) =>
        channel.Kind switch
        {
            ChannelKind.Pings =>
            [
                .. LinksInText
                    .Of(post.BodyHtml)
                    .Where(address => FoldedAddress.Of(address) != FoldedAddress.Of(facts.LinkOf(post)))
                    .Take(MostPages),
            ],
            ChannelKind.Hub => [.. Forms.Select(form => options.Value.AddressOf($"feeds/{post.Blog.Key}.{form}"))],
            _ => [string.Empty],
        };

    /// <summary>What of a post decides where it goes.</summary>
    public static ChannelPost Of(Post post) =>
        new(post.BlogId, post.Blog.Following is null, [.. post.AllCategories], post.Tags, post.Author, post.IsFeatured);
}

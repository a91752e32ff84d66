using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Writing;
using Antiphon.Core.Html;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Server.Embed;

namespace Antiphon.Server.Channels.Sending;

/// <summary>A post as partners get it: the properties of an h-entry (microformats2), as much of the text as the channel gives.</summary>
internal sealed class PartnerEntry
{
    /// <summary>Property that holds the post's own address, which the partner names as canonical.</summary>
    public const string Canonical = "canonical";

    /// <summary>The properties.</summary>
    public JsonObject Of(SendOrder order)
    {
        var (post, facts, extent) = (order.Post!, order.Facts!, order.Channel.Settings.Extent);
        var properties = new JsonObject { ["name"] = Values(facts.Title), [Canonical] = Values(facts.Link) };
        var lead = $"<p><a href=\"{Encoded.Html(facts.Link)}\">{Encoded.Html(facts.Title)}</a></p>";
        var html = extent switch
        {
            BodyExtent.Whole => HtmlCleaner.ForPosts.Clean(PostBlocks.Alone(post.BodyHtml, BlockTexts.For(post.Blog.Site.Language)), new Uri(facts.Link)) + lead,
            BodyExtent.Excerpt => $"<p>{Encoded.Html(facts.Excerpt)}</p>{lead}",
            _ => lead,
        };
        properties["content"] = new JsonArray(new JsonObject { ["html"] = html });
        if (facts.Excerpt.Length > 0) properties["summary"] = Values(facts.Excerpt);
        if (post.AllCategories.Concat(post.Tags).Distinct().ToArray() is { Length: > 0 } terms) properties["category"] = Values(terms);
        if (facts.Author is { } author) properties["author"] = Values(author);
        if (post.PublishedAt is { } published) properties["published"] = Values(AtomWriter.Date(published));
        if (order.Channel.Settings.WithPicture && post.PictureAddress is { } picture) properties["photo"] = new JsonArray(new JsonObject { ["value"] = picture, ["alt"] = post.PictureAlt ?? string.Empty });
        return properties;
    }

    private static JsonArray Values(params string[] values) => [.. values.Select(value => JsonValue.Create(value))];
}

using System.Text.Json.Nodes;
using Antiphon.Core.Feeds.Writing;

namespace Antiphon.Server.Channels.Sending.Partners;

/// <summary>
/// A post as Micropub takes it: the properties of an h-entry (microformats2), as much of the text as the channel gives.
/// </summary>
internal static class MicropubEntry
{
    /// <summary>Property that holds the post's own address, which the partner names as canonical.</summary>
    public const string Canonical = "canonical";

    /// <summary>The properties.</summary>
    public static JsonObject Of(SendOrder order)
    {
        var (post, facts) = (order.Post!, order.Facts!);
        var properties = new JsonObject { ["name"] = Values(facts.Title), [Canonical] = Values(facts.Link) };
        properties["content"] = new JsonArray(new JsonObject { ["html"] = PartnerText.Html(order) });
        if (facts.Excerpt.Length > 0)
            properties["summary"] = Values(facts.Excerpt);
        if (post.AllCategories.Concat(post.Tags).Distinct().ToArray() is { Length: > 0 } terms)
            properties["category"] = Values(terms);
        if (facts.Author is { } author)
            properties["author"] = Values(author);
        if (post.PublishedAt is { } published)
            properties["published"] = Values(AtomWriter.Date(published));
        if (order.Channel.Settings.WithPicture && post.PictureAddress is { } picture)
            properties["photo"] = new JsonArray(
                new JsonObject { ["value"] = picture, ["alt"] = post.PictureAlt ?? string.Empty }
            );
        return properties;
    }

    private static JsonArray Values(params string[] values) => [.. values.Select(value => JsonValue.Create(value))];
}

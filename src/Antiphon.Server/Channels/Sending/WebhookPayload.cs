using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using Antiphon.Core.Syndication.Channels;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Data.Entities.Syndication.Mailing;
using Antiphon.Server.Posts;

namespace Antiphon.Server.Channels.Sending;

/// <summary>What webhooks are told, by event. Members are added over time and never change their meaning.</summary>
internal sealed class WebhookPayload(TimeProvider clock)
{
    private static readonly JsonSerializerOptions Form = new(JsonSerializerDefaults.Web) { WriteIndented = true, Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping, DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull };

    /// <summary>Name of an event, such as "post.published".</summary>
    public static string NameOf(ChannelEvent what) => what switch
    {
        ChannelEvent.PostPublished => "post.published",
        ChannelEvent.PostUpdated => "post.updated",
        ChannelEvent.PostWithdrawn => "post.withdrawn",
        ChannelEvent.CommentPublished => "comment.published",
        ChannelEvent.SubscriberJoined => "subscriber.joined",
        _ => "subscriber.left",
    };

    /// <summary>What happened to a post.</summary>
    public string OfPost(SendOrder order)
    {
        var (post, facts) = (order.Post!, order.Facts!);
        var what = order.Delivery.Act switch { DeliveryAct.Update => ChannelEvent.PostUpdated, DeliveryAct.Withdraw => ChannelEvent.PostWithdrawn, _ => ChannelEvent.PostPublished };
        var isGone = what == ChannelEvent.PostWithdrawn;
        return Write(what, order.Delivery.CreatedAt, new
        {
            id = PostAddresses.StableId(post),
            title = post.Title,
            address = facts.Link,
            blog = post.Blog.Name,
            author = post.Author,
            excerpt = isGone ? null : facts.Excerpt,
            categories = post.AllCategories,
            tags = post.Tags,
            picture = isGone ? null : post.PictureAddress,
            publishedAt = post.PublishedAt,
            updatedAt = post.UpdatedAt,
        });
    }

    /// <summary>A comment that became public; nothing of its writer but the name.</summary>
    public static string OfComment(Comment comment, string thread, string? address, DateTimeOffset at) =>
        Write(ChannelEvent.CommentPublished, at, new { id = comment.Key, author = comment.Author, text = comment.Text, html = comment.Html, thread, address, isTeam = comment.IsTeam, writtenAt = comment.CreatedAt });

    /// <summary>Somebody joined or left.</summary>
    public static string OfSubscriber(Subscriber subscriber, ChannelEvent what, DateTimeOffset at) => Write(what, at, new { mail = subscriber.Mail, name = subscriber.Name, since = subscriber.CreatedAt });

    /// <summary>A message that says nothing happened.</summary>
    public string OfTest(Channel channel) => JsonSerializer.Serialize(new { @event = "test", at = clock.GetUtcNow(), data = new { channel = channel.Name } }, Form);

    private static string Write(ChannelEvent what, DateTimeOffset at, object data) => JsonSerializer.Serialize(new { @event = NameOf(what), at, data }, Form);
}

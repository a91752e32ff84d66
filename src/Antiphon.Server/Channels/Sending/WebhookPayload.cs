using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using Antiphon.Core.Channels;
using Antiphon.Data.Channels;
using Antiphon.Server.Posts.Reading;

namespace Antiphon.Server.Channels.Sending;

/// <summary>What webhooks are told, by event. Members are added over time and never change their meaning.</summary>
internal sealed class WebhookPayload(TimeProvider clock)
{
    private static readonly JsonSerializerOptions Form = new(JsonSerializerDefaults.Web)
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
        DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    };

    /// <summary>Name of an event, such as "post.published".</summary>
    public static string NameOf(ChannelEvent what) =>
        what switch
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
        var what = order.Delivery.Act switch
        {
            DeliveryAct.Update => ChannelEvent.PostUpdated,
            DeliveryAct.Withdraw => ChannelEvent.PostWithdrawn,
            _ => ChannelEvent.PostPublished,
        };
        var isGone = what == ChannelEvent.PostWithdrawn;
        return Write(
            what,
            order.Delivery.CreatedAt,
            new
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
            }
        );
    }

    /// <summary>A message that says nothing happened.</summary>
    public string OfTest(Channel channel) =>
        JsonSerializer.Serialize(
            new
            {
                @event = "test",
                at = clock.GetUtcNow(),
                data = new { channel = channel.Name },
            },
            Form
        );

    /// <summary>A message about an event.</summary>
    public static string Write(ChannelEvent what, DateTimeOffset at, object data) =>
        JsonSerializer.Serialize(
            new
            {
                @event = NameOf(what),
                at,
                data,
            },
            Form
        );
}

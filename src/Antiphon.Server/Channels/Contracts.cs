using Antiphon.Core.Syndication;

namespace Antiphon.Server.Channels;

/// <summary>Deliveries of one post, counted.</summary>
internal sealed record PostDeliveriesView(long PostId, string Title, DateTimeOffset? PublishedAt, int Total, int Delivered, int Open, int Failed, int Cancelled, DateTimeOffset LastAt);

/// <summary>The mail channel.</summary>
/// <param name="Subscribers">How many get the next mail.</param>
/// <param name="Open">Mails on their way.</param>
/// <param name="Failed">Mails given up.</param>
/// <param name="Posts">Posts that were mailed, latest first.</param>
internal sealed record MailChannelView(int Subscribers, int Open, int Failed, IReadOnlyList<PostDeliveriesView> Posts);

/// <summary>One delivery with what the receiver said.</summary>
internal sealed record DeliveryView(
    long Id, string Mail, DeliveryState State, int Attempts, DateTimeOffset CreatedAt, DateTimeOffset? DeliveredAt, DateTimeOffset? NextAttemptAt, string? LastAnswer);

/// <summary>How many deliveries an act touched.</summary>
internal sealed record TouchedView(int Count);

namespace Antiphon.Server.Readers;

/// <summary>A subscriber as the team sees them.</summary>
internal sealed record SubscriberView(long Id, string Mail, string? Name, DateTimeOffset CreatedAt, DateTimeOffset? LeftAt, int Received);

/// <summary>A page of subscribers with the counts above it.</summary>
internal sealed record SubscriberPage(int Active, int Left, IReadOnlyList<SubscriberView> Subscribers, long? Next);

/// <summary>Somebody to add.</summary>
internal sealed record SubscriberRequest(string Mail, string? Name);

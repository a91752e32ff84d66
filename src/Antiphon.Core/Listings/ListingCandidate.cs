using Antiphon.Core.Posts;

namespace Antiphon.Core.Listings;

/// <summary>A post as far as choosing needs it.</summary>
/// <param name="Id">The post.</param>
/// <param name="BlogId">The blog it belongs to.</param>
/// <param name="Title">Its title, for the neighbours shown in an explanation.</param>
/// <param name="Status">Its status.</param>
/// <param name="PublishedAt">When it was or will be published; null for a draft without a date.</param>
public sealed record ListingCandidate(long Id, long BlogId, string Title, PostStatus Status, DateTimeOffset? PublishedAt);

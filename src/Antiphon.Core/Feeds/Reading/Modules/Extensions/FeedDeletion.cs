using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Reading.Modules.Extensions;

/// <summary>An entry that is no more (RFC 6721 §3).</summary>
/// <param name="Ref">Identifier of the entry.</param>
/// <param name="When">When it was deleted; null when the feed does not say so readably.</param>
/// <param name="By">Who deleted it, or null.</param>
/// <param name="Comment">Why, as plain text, or null.</param>
public sealed record FeedDeletion(string Ref, DateTimeOffset? When, FeedPerson? By, string? Comment);

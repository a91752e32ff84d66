namespace Antiphon.Core.Feeds.Model;

/// <summary>What an entry answers (RFC 4685 §3).</summary>
/// <param name="Ref">Identifier of the entry that is answered.</param>
/// <param name="Link">Its page, or null.</param>
public sealed record FeedReply(string Ref, string? Link);

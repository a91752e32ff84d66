namespace Antiphon.Core.Feeds.Conversion;

/// <summary>A feed in another format.</summary>
/// <param name="Bytes">The document in UTF-8.</param>
/// <param name="ContentType">The Content-Type to serve it with.</param>
/// <param name="Lost">What the format could not carry.</param>
public sealed record ConvertedFeed(byte[] Bytes, string ContentType, IReadOnlyList<LostValue> Lost);

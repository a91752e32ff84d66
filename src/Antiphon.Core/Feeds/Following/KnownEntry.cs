namespace Antiphon.Core.Feeds.Following;

/// <summary>An entry that was taken over at an earlier visit.</summary>
/// <param name="Key">Our key of it.</param>
/// <param name="Id">Identifier it had in the feed.</param>
/// <param name="Link">Its page, or null.</param>
/// <param name="Title">Its title.</param>
/// <param name="Text">Its text without markup.</param>
public sealed record KnownEntry(long Key, string? Id, string? Link, string Title, string Text);

namespace Antiphon.StandIns.World;

/// <summary>Somebody else's blog.</summary>
/// <param name="Name">Part of its address.</param>
/// <param name="Title">Title.</param>
/// <param name="Description">What it is about.</param>
/// <param name="Feed">File name of its feed, or null when it has none.</param>
/// <param name="Linked">How its page tells of the feed: "alternate", "anchor" or "not".</param>
/// <param name="Posts">Posts, newest first.</param>
public sealed record OutsideBlog(string Name, string Title, string Description, string? Feed, string Linked, IReadOnlyList<OutsidePost> Posts);

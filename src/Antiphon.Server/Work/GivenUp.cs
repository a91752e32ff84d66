namespace Antiphon.Server.Work;

/// <summary>Work that was given up, as the team is told of it.</summary>
/// <param name="Site">The site it is of.</param>
/// <param name="Title">What did not happen, in one sentence without a full stop.</param>
/// <param name="Path">Path of the screen where it is shown, below the site's, without leading slash.</param>
internal sealed record GivenUp(long Site, string Title, string Path);

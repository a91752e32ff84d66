namespace Antiphon.StandIns.World;

/// <summary>A post of somebody else's blog.</summary>
/// <param name="Number">Number in its address.</param>
/// <param name="Title">Title.</param>
/// <param name="Body">Body as HTML.</param>
/// <param name="Author">Author.</param>
/// <param name="Category">Category.</param>
/// <param name="DaysAgo">Age on the day the stand-ins first started.</param>
/// <param name="Picture">Kind of picture, or null.</param>
public sealed record OutsidePost(int Number, string Title, string Body, string Author, string Category, double DaysAgo, string? Picture);

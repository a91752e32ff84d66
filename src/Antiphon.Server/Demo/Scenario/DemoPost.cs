namespace Antiphon.Server.Demo.Scenario;

/// <summary>A post of The Night Log.</summary>
/// <param name="DaysAgo">Age; negative for a post in the future.</param>
/// <param name="Title">Title.</param>
/// <param name="Author">I, D or P for Imogen, Dov and Priya.</param>
/// <param name="Category">Category.</param>
/// <param name="Picture">Kind of picture, or empty.</param>
/// <param name="Text">First paragraph.</param>
internal sealed record DemoPost(
    double DaysAgo,
    string Title,
    char Author,
    string Category,
    string Picture,
    string Text
);

namespace Antiphon.Core.Posts.Terms;

/// <summary>A category and the one above it.</summary>
/// <param name="Name">Its name; capitals make no difference.</param>
/// <param name="Above">Name of the category above it, or null at the top.</param>
public sealed record CategoryNode(string Name, string? Above);

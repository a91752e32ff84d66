namespace Antiphon.Core.Posts.Fields;

/// <summary>A field of a blog's own, such as the instrument of an observation.</summary>
/// <param name="Key">Its name in imports, exports and feeds: small letters, digits and hyphens. Never changes.</param>
/// <param name="Label">Its name on the screen and for readers.</param>
/// <param name="Kind">What it holds.</param>
/// <param name="Choices">The words of a <see cref="OwnFieldKind.Choice"/>; empty for every other kind.</param>
/// <param name="Unit">What stands behind a number, such as "mm", or null.</param>
/// <param name="IsRequired">Whether a post cannot be published without it.</param>
/// <param name="IsPublic">Whether readers see it.</param>
public sealed record OwnField(
    string Key,
    string Label,
    OwnFieldKind Kind,
    IReadOnlyList<string> Choices,
    string? Unit,
    bool IsRequired,
    bool IsPublic
);

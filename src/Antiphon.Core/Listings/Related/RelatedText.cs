namespace Antiphon.Core.Listings.Related;

/// <summary>A post as far as likeness needs it.</summary>
/// <param name="Id">The post.</param>
/// <param name="Categories">Its categories.</param>
/// <param name="Tags">Its tags.</param>
/// <param name="Title">Its title.</param>
/// <param name="Text">Its text without markup.</param>
public sealed record RelatedText(
    long Id,
    IReadOnlyList<string> Categories,
    IReadOnlyList<string> Tags,
    string Title,
    string Text
);

namespace Antiphon.Core.Posts.Checking;

/// <summary>A post as it is looked at before it is published.</summary>
/// <param name="Title">Title as plain text.</param>
/// <param name="Slug">Readable part of its address; empty where it comes from the title.</param>
/// <param name="BodyHtml">Cleaned body.</param>
/// <param name="Excerpt">Own short text, or null.</param>
/// <param name="PictureAddress">Its picture, or null.</param>
/// <param name="PictureAlt">What the picture shows.</param>
/// <param name="Category">Category, or null.</param>
/// <param name="Tags">Tags.</param>
/// <param name="OtherTitles">Titles of the other posts of its blog.</param>
public sealed record PostDraft(
    string Title,
    string Slug,
    string BodyHtml,
    string? Excerpt,
    string? PictureAddress,
    string? PictureAlt,
    string? Category,
    IReadOnlyList<string> Tags,
    IReadOnlyCollection<string> OtherTitles
);

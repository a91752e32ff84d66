namespace Antiphon.Core.Comments.Transfer;

/// <summary>A comment on its way in or out, in any of the formats.</summary>
/// <param name="Id">What tells it from others where it comes from.</param>
/// <param name="Thread">Identifier of its thread.</param>
/// <param name="Address">Address of the page, or null.</param>
/// <param name="Title">Title of the page, or null.</param>
/// <param name="ParentId">Id of the comment it answers, or null.</param>
/// <param name="Author">Name of the writer.</param>
/// <param name="Mail">Mail of the writer, or null.</param>
/// <param name="Text">As typed.</param>
/// <param name="Published">When it was written.</param>
/// <param name="Standing">Where it stands.</param>
public sealed record PortableComment(
    string Id,
    string Thread,
    string? Address,
    string? Title,
    string? ParentId,
    string Author,
    string? Mail,
    string Text,
    DateTimeOffset Published,
    CommentStanding Standing = CommentStanding.Public
)
{
    /// <summary>Whether somebody of the team wrote it.</summary>
    public bool IsTeam { get; init; }

    /// <summary>Votes up.</summary>
    public int Up { get; init; }

    /// <summary>Votes down.</summary>
    public int Down { get; init; }

    /// <summary>Rating of 1 to 5, or null.</summary>
    public int? Rating { get; init; }
}

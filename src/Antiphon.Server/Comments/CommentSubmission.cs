namespace Antiphon.Server.Comments;

/// <summary>What a reader's form sends.</summary>
/// <param name="Identifier">Identifier of the thread.</param>
/// <param name="Address">Canonical address of the page.</param>
/// <param name="Title">Title of the page, for moderators.</param>
/// <param name="Name">Name.</param>
/// <param name="Mail">Mail or empty.</param>
/// <param name="Text">The comment.</param>
/// <param name="Trap">A field people do not see; programs fill it in.</param>
/// <param name="Key">Key made by the form, so that sending twice stores once; empty without script.</param>
internal sealed record CommentSubmission(
    string Identifier,
    string Address,
    string Title,
    string Name,
    string Mail,
    string Text,
    string Trap,
    string Key
)
{
    /// <summary>Key of where it came from.</summary>
    public string? PlaceKey { get; init; }

    /// <summary>Seconds since the form was shown, as the script counts them; null without script.</summary>
    public int? SecondsToWrite { get; init; }

    /// <summary>Key of the comment it answers; null for none.</summary>
    public string? Answers { get; init; }

    /// <summary>Key of the network it came from.</summary>
    public string? NetworkKey { get; init; }

    /// <summary>Key of the device it was written on; null without script.</summary>
    public string? OwnerKey { get; init; }

    /// <summary>What the writer wants to be told by mail: empty, "answers" or "all".</summary>
    public string Follow { get; init; } = string.Empty;

    /// <summary>Rating as it was sent; empty for none.</summary>
    public string Rating { get; init; } = string.Empty;

    /// <summary>Picture sent with it, or null.</summary>
    public SentPicture? Picture { get; init; }

    /// <summary>What the script found for the small piece of work; empty without script.</summary>
    public string Work { get; init; } = string.Empty;
}

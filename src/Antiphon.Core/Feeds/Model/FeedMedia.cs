namespace Antiphon.Core.Feeds.Model;

/// <summary>A picture, sound or film of an entry (Media RSS).</summary>
/// <param name="Url">Where it is.</param>
/// <param name="Type">Media type as given.</param>
/// <param name="Medium">image, audio, video, document or executable, as given.</param>
/// <param name="Width">Width in pixels.</param>
/// <param name="Height">Height in pixels.</param>
/// <param name="Length">Size in bytes.</param>
public sealed record FeedMedia(
    string? Url,
    string? Type = null,
    string? Medium = null,
    int? Width = null,
    int? Height = null,
    long? Length = null
)
{
    /// <summary>Its title.</summary>
    public string? Title { get; init; }

    /// <summary>What it shows.</summary>
    public string? Description { get; init; }

    /// <summary>Small picture that stands for it.</summary>
    public string? Thumbnail { get; init; }

    /// <summary>Who made it; several names are parted by commas.</summary>
    public string? Credit { get; init; }

    /// <summary>True for a picture, by its medium or its type.</summary>
    public bool IsPicture =>
        Medium == "image" || Type?.StartsWith("image/", StringComparison.OrdinalIgnoreCase) == true;
}

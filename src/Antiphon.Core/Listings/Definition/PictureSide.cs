namespace Antiphon.Core.Listings.Definition;

/// <summary>The side a picture stands on, as the language reads.</summary>
public enum PictureSide
{
    /// <summary>Where a line starts.</summary>
    Start,

    /// <summary>Where a line ends.</summary>
    End,
}

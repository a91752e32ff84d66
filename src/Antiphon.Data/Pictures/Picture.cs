using Antiphon.Core.Pictures;

namespace Antiphon.Data.Pictures;

/// <summary>A picture of a site's library. Its file lies beside the database, under its key.</summary>
public sealed class Picture
{
    /// <summary>Identifies the picture in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the site the picture belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Random key that stands in its address.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>
    /// Key of the picture this is a cut of, made for one use and sharing its file; null for what was received. A cut's
    /// own key begins with that key.
    /// </summary>
    public string? OfKey { get; set; }

    /// <summary>Key of the picture whose file this is made from.</summary>
    public string FileKey => OfKey ?? Key;

    /// <summary>Name of the file as it was uploaded, or what it was made from.</summary>
    public string Name { get; set; } = string.Empty;

    /// <summary>What it shows, for those who do not see it; empty until somebody said.</summary>
    public string Alt { get; set; } = string.Empty;

    /// <summary>Words below it, or null.</summary>
    public string? Caption { get; set; }

    /// <summary>Who made it, or null.</summary>
    public string? Credit { get; set; }

    /// <summary>Type of the file kept.</summary>
    public PictureType Type { get; set; }

    /// <summary>Width of the file kept, upright, in pixels.</summary>
    public int FileWidth { get; set; }

    /// <summary>Height of the file kept.</summary>
    public int FileHeight { get; set; }

    /// <summary>Width as it is shown, after turning and cutting.</summary>
    public int Width { get; set; }

    /// <summary>Height as it is shown.</summary>
    public int Height { get; set; }

    /// <summary>Size of the file kept, in bytes.</summary>
    public long Bytes { get; set; }

    /// <summary>What was done to it.</summary>
    public PictureEdit Edit { get; set; } = PictureEdit.None;

    /// <summary>How far from the left the point is that crops keep, in hundredths.</summary>
    public int FocusX { get; set; } = 50;

    /// <summary>How far from the top that point is.</summary>
    public int FocusY { get; set; } = 50;

    /// <summary>Grows with every change of what is seen; stands in the names of the forms made from it.</summary>
    public int Version { get; set; } = 1;

    /// <summary>
    /// Sent by a reader with a comment: it stands in no library, and is shown while the comment is public.
    /// </summary>
    public bool IsFromReader { get; set; }

    /// <summary>When it was added.</summary>
    public DateTimeOffset AddedAt { get; set; }

    /// <summary>Where it was fetched from, so that it is not fetched twice; null for what was uploaded.</summary>
    public string? SourceAddress { get; set; }
}

using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Pictures;

/// <summary>Limits of the library, section "Pictures".</summary>
internal sealed class PictureOptions
{
    /// <summary>Largest file taken, in bytes. Default 20 million.</summary>
    [Range(100_000, 200_000_000)]
    public int MaxBytes { get; set; } = 20_000_000;

    /// <summary>Most pixels of a picture taken; more would fill the memory when it is unpacked. Default 50 million.</summary>
    [Range(1_000_000, 200_000_000)]
    public int MaxPixels { get; set; } = 50_000_000;
}

using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Pictures;

/// <summary>Limits of the library, section "Pictures".</summary>
internal sealed class PictureOptions
{
    /// <summary>Largest file taken, in bytes. Default 20 million.</summary>
    [Range(100_000, 200_000_000)]
    public int MaxBytes { get; set; } = 20_000_000;

    /// <summary>
    /// Most pixels of a picture taken; more would fill the memory when it is unpacked. Default 50 million.
    /// </summary>
    [Range(1_000_000, 200_000_000)]
    public int MaxPixels { get; set; } = 50_000_000;

    /// <summary>Forms of pictures made at the same time; an unpacked picture is large. Default 2.</summary>
    [Range(1, 100)]
    public int MadeAtOnce { get; set; } = 2;

    /// <summary>
    /// Forms asked for by one address that are being made or wait for it; a page may show many new pictures at once.
    /// Default 60.
    /// </summary>
    [Range(1, 10_000)]
    public int WaitingOfSender { get; set; } = 60;

    /// <summary>Forms that are being made or wait for it in all. Default 200.</summary>
    [Range(1, 10_000)]
    public int Waiting { get; set; } = 200;
}

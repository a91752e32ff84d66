using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Platform.Limits;

/// <summary>How bodies that anybody may send are let in, section "Arriving".</summary>
internal sealed class ArrivalOptions
{
    /// <summary>Bodies that arrive from one address at the same time. Default 8.</summary>
    [Range(1, 1000)]
    public int AtOnceOfSender { get; set; } = 8;

    /// <summary>Bodies that arrive at the same time in all. Default 200.</summary>
    [Range(1, 10_000)]
    public int AtOnce { get; set; } = 200;

    /// <summary>Files that arrive in the workplace from one address at the same time. Default 6.</summary>
    [Range(1, 1000)]
    public int FilesOfSender { get; set; } = 6;

    /// <summary>Files that arrive in the workplace at the same time in all; each may be 25 MB. Default 24.</summary>
    [Range(1, 1000)]
    public int Files { get; set; } = 24;

    /// <summary>Seconds a body may take to arrive. Default 30.</summary>
    [Range(1, 600)]
    public int Seconds { get; set; } = 30;

    /// <summary>Largest body of a form, in bytes; a comment's picture among it. Default 12 MB.</summary>
    [Range(100_000, 25_000_000)]
    public int MaxBytes { get; set; } = 12_000_000;
}

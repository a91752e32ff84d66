using System.ComponentModel.DataAnnotations;

namespace Antiphon.Server.Outgoing;

/// <summary>Bounds of requests to other sites, section "Outgoing".</summary>
internal sealed class OutgoingOptions
{
    /// <summary>
    /// Private "host:port" pairs that may be reached all the same; empty by default. The demo names its stand-ins here.
    /// </summary>
    public List<string> AllowedHosts { get; set; } = [];

    /// <summary>Longest answer, decompressed, in bytes. Default 10 MB.</summary>
    [Range(1000, 1_000_000_000)]
    public long MaxBytes { get; set; } = 10_000_000;

    /// <summary>Longest time for one answer with all redirects, in seconds. Default 15.</summary>
    [Range(1, 300)]
    public int TimeoutSeconds { get; set; } = 15;

    /// <summary>Most redirects followed. Default 5.</summary>
    [Range(0, 20)]
    public int MaxRedirects { get; set; } = 5;
}

using System.Globalization;

namespace Antiphon.Core.Text;

/// <summary>Sizes as people read them.</summary>
public static class ByteCount
{
    /// <summary>"812 bytes", "41 kB" or "3.2 MB"; decimal units.</summary>
    public static string InWords(long bytes) =>
        bytes switch
        {
            < 1000 => string.Create(CultureInfo.InvariantCulture, $"{bytes} bytes"),
            < 1_000_000 => string.Create(CultureInfo.InvariantCulture, $"{bytes / 1000.0:0} kB"),
            _ => string.Create(CultureInfo.InvariantCulture, $"{bytes / 1_000_000.0:0.#} MB"),
        };
}

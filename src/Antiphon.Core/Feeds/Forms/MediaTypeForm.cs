using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>Media types (RFC 6838 §4.2).</summary>
internal static partial class MediaTypeForm
{
    private static readonly string[] Tops =
    [
        "application",
        "audio",
        "example",
        "font",
        "haptics",
        "image",
        "message",
        "model",
        "multipart",
        "text",
        "video",
    ];

    /// <summary>True for a type and subtype, with parameters or without, under a registered top-level type.</summary>
    public static bool IsValid(string text) =>
        Form().Match(text.Trim()) is { Success: true } type
        && (
            Tops.Contains(type.Groups[1].Value.ToLowerInvariant())
            || type.Groups[1].Value.StartsWith("x-", StringComparison.OrdinalIgnoreCase)
        );

    /// <summary>The type without parameters, in small letters.</summary>
    public static string Bare(string text) => text.Split(';')[0].Trim().ToLowerInvariant();

    /// <summary>True for what is XML (RFC 7303 §3).</summary>
    public static bool IsXml(string text) =>
        Bare(text) is var bare
        && (bare is "text/xml" or "application/xml" || bare.EndsWith("+xml", StringComparison.Ordinal));

    [GeneratedRegex(
        """^([A-Za-z0-9][A-Za-z0-9!#$&^_.+-]{0,126})/[A-Za-z0-9][A-Za-z0-9!#$&^_.+-]{0,126}(?:\s*;\s*[A-Za-z0-9!#$&^_.+-]+=(?:[A-Za-z0-9!#$&'*^_`|~.+-]+|"[^"]*"))*\s*;?$"""
    )]
    private static partial Regex Form();
}

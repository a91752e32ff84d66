using System.Collections.Frozen;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>
/// The subtags of languages that are registered (the registry of BCP 47, of 25 August 2025), read once from the file
/// beside this one.
/// </summary>
internal static class LanguageSubtags
{
    private static readonly Lazy<FrozenDictionary<string, FrozenSet<string>>> Kinds = new(Read);
    private static readonly Lazy<FrozenDictionary<string, string>> Replaced = new(() =>
        Kinds
            .Value["replaced"]
            .Select(pair => pair.Split('='))
            .ToFrozenDictionary(pair => pair[0], pair => pair[1], StringComparer.OrdinalIgnoreCase)
    );

    /// <summary>A language; those from qaa to qtz are for private use.</summary>
    public static bool IsLanguage(string subtag) => Has("language", subtag) || IsBetween(subtag, "qaa", "qtz");

    /// <summary>A language within another.</summary>
    public static bool IsExtended(string subtag) => Has("extlang", subtag);

    /// <summary>A script; those from Qaaa to Qabx are for private use.</summary>
    public static bool IsScript(string subtag) => Has("script", subtag) || IsBetween(subtag, "qaaa", "qabx");

    /// <summary>A country or a larger region; some are for private use.</summary>
    public static bool IsRegion(string subtag) =>
        Has("region", subtag) || IsBetween(subtag, "qm", "qz") || IsBetween(subtag, "xa", "xz");

    /// <summary>A variant.</summary>
    public static bool IsVariant(string subtag) => Has("variant", subtag);

    /// <summary>A whole tag from before there were subtags.</summary>
    public static bool IsGrandfathered(string tag) => Has("grandfathered", tag);

    /// <summary>What is written instead of a subtag today, or null.</summary>
    public static string? Replacement(string subtag) => Replaced.Value.GetValueOrDefault(subtag);

    private static bool Has(string kind, string subtag) => Kinds.Value[kind].Contains(subtag);

    private static bool IsBetween(string subtag, string first, string last) =>
        subtag.Length == first.Length
        && string.Compare(subtag, first, StringComparison.OrdinalIgnoreCase) >= 0
        && string.Compare(subtag, last, StringComparison.OrdinalIgnoreCase) <= 0;

    private static FrozenDictionary<string, FrozenSet<string>> Read()
    {
        using var stream = typeof(LanguageSubtags).Assembly.GetManifestResourceStream("Feeds/subtags.txt")!;
        using var reader = new StreamReader(stream);
        return reader
            .ReadToEnd()
            .Split('\n', StringSplitOptions.RemoveEmptyEntries)
            .Select(line => line.Split(' '))
            .ToFrozenDictionary(line => line[0], line => line.Skip(1).ToFrozenSet(StringComparer.OrdinalIgnoreCase));
    }
}

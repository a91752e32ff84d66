using System.Text;

namespace Antiphon.Core.Feeds.Reading.Encodings;

/// <summary>Names of encodings: the registered ones, and those that programs write and that are registered nowhere.</summary>
internal static class EncodingNames
{
    static EncodingNames() => Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);

    private static readonly Dictionary<string, string> Informal = new(StringComparer.OrdinalIgnoreCase)
    {
        ["utf8"] = "utf-8",
        ["utf_8"] = "utf-8",
        ["utf 8"] = "utf-8",
        ["utf-8n"] = "utf-8",
        ["utf8mb4"] = "utf-8",
        ["unicode"] = "utf-8",
        ["utf16"] = "utf-16",
        ["cp1252"] = "windows-1252",
        ["cp-1252"] = "windows-1252",
        ["win-1252"] = "windows-1252",
        ["windows1252"] = "windows-1252",
        ["windows_1252"] = "windows-1252",
        ["ansi"] = "windows-1252",
        ["cp1251"] = "windows-1251",
        ["win1251"] = "windows-1251",
        ["windows1251"] = "windows-1251",
        ["cp1250"] = "windows-1250",
        ["iso8859-1"] = "iso-8859-1",
        ["iso88591"] = "iso-8859-1",
        ["iso-88591"] = "iso-8859-1",
        ["iso 8859-1"] = "iso-8859-1",
        ["latin-1"] = "iso-8859-1",
        ["8859_1"] = "iso-8859-1",
        ["iso8859-15"] = "iso-8859-15",
        ["latin-9"] = "iso-8859-15",
        ["iso8859-2"] = "iso-8859-2",
        ["sjis"] = "shift_jis",
        ["shift-jis"] = "shift_jis",
        ["x-sjis"] = "shift_jis",
        ["eucjp"] = "euc-jp",
        ["big-5"] = "big5",
        ["gb-2312"] = "gb2312",
        ["koi8r"] = "koi8-r",
        ["ascii7"] = "us-ascii",
    };

    /// <summary>The registered name that is meant by one that is not, or null.</summary>
    public static string? Registered(string name) => Informal.GetValueOrDefault(name.Trim());

    /// <summary>The encoding a name stands for; null when it stands for none.</summary>
    public static Encoding? Find(string? name)
    {
        if (name is null)
            return null;
        name = Registered(name) ?? name;
        // Like browsers (the Encoding Standard), Latin-1 is read as its superset Windows-1252.
        if (
            name.Equals("iso-8859-1", StringComparison.OrdinalIgnoreCase)
            || name.Equals("us-ascii", StringComparison.OrdinalIgnoreCase)
            || name.Equals("latin1", StringComparison.OrdinalIgnoreCase)
        )
            name = "windows-1252";
        try
        {
            return Encoding.GetEncoding(name);
        }
        catch (Exception unknown) when (unknown is ArgumentException or NotSupportedException)
        {
            return null;
        }
    }

    /// <summary>True for a name of an encoding whose characters are all two or four bytes wide.</summary>
    public static bool IsWide(string name) =>
        name.StartsWith("utf-16", StringComparison.OrdinalIgnoreCase)
        || name.StartsWith("utf-32", StringComparison.OrdinalIgnoreCase)
        || name.StartsWith("utf16", StringComparison.OrdinalIgnoreCase)
        || name.Contains("ucs-", StringComparison.OrdinalIgnoreCase);

    /// <summary>True for a name of Latin-1.</summary>
    public static bool IsLatin(string? name) =>
        name is not null
        && (Registered(name) ?? name).ToLowerInvariant() is "iso-8859-1" or "latin1" or "l1" or "iso_8859-1";

    /// <summary>True for a name of ASCII.</summary>
    public static bool IsAscii(string? name) =>
        name?.ToLowerInvariant() is "us-ascii" or "ascii" or "iso646-us" or "ansi_x3.4-1968";
}

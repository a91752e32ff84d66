namespace Antiphon.Core.Feeds.Reading;

/// <summary>Names that programs give to encodings and that are registered nowhere.</summary>
internal static class EncodingNames
{
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
}

using System.Globalization;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Puts language tags right.</summary>
internal static class LanguageRepair
{
    private static readonly Lazy<Dictionary<string, string>> ByName = new(Names);

    /// <summary>The tag that was meant, or null when nobody can know.</summary>
    public static string? Tag(string value)
    {
        // Settings of programs have an underscore, and the characters behind a point; of several the first counts.
        var text = value.Trim().Split(['.', ',', ';', '/'])[0].Trim().Replace('_', '-').Replace(' ', '-');
        foreach (var tag in new[] { text, Known(text), text.Split('-')[0], Known(text.Split('-')[0]) })
        {
            if (tag is { Length: > 1 } && LanguageForm.Tag(tag) is null or { Rule.Severity: Severity.Advice })
                return tag == value ? null : tag;
        }

        return null;
    }

    private static string? Known(string text)
    {
        var parts = text.Split('-');
        // The United Kingdom is GB.
        if (parts.Length > 1 && parts[^1].Equals("UK", StringComparison.OrdinalIgnoreCase))
            return string.Join('-', parts[..^1]) + "-GB";
        return ByName.Value.GetValueOrDefault(text.Replace("-", " ", StringComparison.Ordinal));
    }

    // Names in English and in the language itself, and the codes of three letters that libraries use.
    private static Dictionary<string, string> Names()
    {
        var names = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase)
        {
            ["ger"] = "de",
            ["fre"] = "fr",
            ["dut"] = "nl",
            ["cze"] = "cs",
            ["gre"] = "el",
            ["chi"] = "zh",
            ["wel"] = "cy",
            ["jp"] = "ja",
            ["cz"] = "cs",
            ["dk"] = "da",
            ["english"] = "en",
            ["german"] = "de",
            ["deutsch"] = "de",
            ["french"] = "fr",
            ["spanish"] = "es",
            ["italian"] = "it",
            ["dutch"] = "nl",
            ["portuguese"] = "pt",
            ["polish"] = "pl",
            ["swedish"] = "sv",
            ["danish"] = "da",
            ["norwegian"] = "no",
            ["finnish"] = "fi",
            ["russian"] = "ru",
            ["japanese"] = "ja",
            ["chinese"] = "zh",
            ["arabic"] = "ar",
            ["hebrew"] = "he",
            ["turkish"] = "tr",
            ["greek"] = "el",
            ["czech"] = "cs",
            ["hungarian"] = "hu",
            ["korean"] = "ko",
        };
        foreach (
            var culture in CultureInfo
                .GetCultures(CultureTypes.NeutralCultures)
                .Where(culture => culture.Name.Length == 2)
        )
        {
            names.TryAdd(culture.EnglishName, culture.Name);
            names.TryAdd(culture.NativeName, culture.Name);
        }

        return names;
    }
}

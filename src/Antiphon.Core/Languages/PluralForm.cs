namespace Antiphon.Core.Languages;

/// <summary>The forms a word takes beside a number (Unicode CLDR, plural rules for cardinal numbers).</summary>
internal static class PluralForm
{
    /// <summary>The form's name: zero, one, two, few, many or other.</summary>
    /// <param name="language">Primary subtag of the language.</param>
    /// <param name="number">A whole number, not negative.</param>
    public static string Of(string language, long number) =>
        language switch
        {
            "fr" => number < 2 ? "one" : "other",
            "pl" => Polish(number),
            "ar" => Arabic(number),
            "he" => number switch
            {
                1 => "one",
                2 => "two",
                _ => "other",
            },
            _ => number == 1 ? "one" : "other",
        };

    private static string Polish(long number) =>
        number == 1 ? "one"
        : number % 10 is >= 2 and <= 4 && number % 100 is not (>= 12 and <= 14) ? "few"
        : "many";

    private static string Arabic(long number) =>
        number switch
        {
            0 => "zero",
            1 => "one",
            2 => "two",
            _ => (number % 100) switch
            {
                >= 3 and <= 10 => "few",
                >= 11 => "many",
                _ => "other",
            },
        };
}

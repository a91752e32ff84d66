using System.Globalization;
using System.Text;

namespace Antiphon.Core.Posts;

/// <summary>The readable part of a post's address.</summary>
public static class Slug
{
    /// <summary>Longest slug made from a title, in characters.</summary>
    public const int MaxLength = 80;

    // How a language writes its letters where there are only those of ASCII; where it does not say, accents are
    // dropped.
    private static readonly Dictionary<string, Dictionary<char, string>> OfLanguage = new()
    {
        ["de"] = Letters("ä=ae ö=oe ü=ue"),
        ["da"] = Letters("æ=ae ø=oe å=aa"),
        ["nb"] = Letters("æ=ae ø=oe å=aa"),
        ["nn"] = Letters("æ=ae ø=oe å=aa"),
        ["no"] = Letters("æ=ae ø=oe å=aa"),
    };

    // Letters that are no letter with an accent, in any language.
    private static readonly Dictionary<char, string> OfAll = Letters("ß=ss æ=ae œ=oe ø=o ł=l đ=d ð=d þ=th ı=i ħ=h ŋ=n");

    /// <summary>
    /// Letters and digits of any script in lower case, those of Latin as the language writes them in ASCII ("ä" is "ae"
    /// in German and "a" in Swedish), everything between them one
    /// hyphen; cut at a hyphen near <see cref="MaxLength"/>. A title without letters or digits gives "post".
    /// </summary>
    /// <param name="title">The title.</param>
    /// <param name="language">Language tag of the title; null where it is not known.</param>
    public static string FromTitle(string title, string? language = null)
    {
        var slug = new StringBuilder(title.Length);
        foreach (var c in Spelled(title, language).Normalize(NormalizationForm.FormD))
        {
            if (c is '\'' or '’' || CharUnicodeInfo.GetUnicodeCategory(c) == UnicodeCategory.NonSpacingMark)
                continue;
            if (char.IsLetterOrDigit(c))
                slug.Append(c);
            else if (slug.Length > 0 && slug[^1] != '-')
                slug.Append('-');
        }

        var whole = slug.ToString().Normalize(NormalizationForm.FormC).Trim('-');
        return whole.Length == 0 ? "post" : Shorten(whole);
    }

    /// <summary>The slug itself when free, otherwise with the first free number from 2 appended.</summary>
    public static string MakeUnique(string slug, Func<string, bool> taken)
    {
        if (!taken(slug))
            return slug;
        var number = 2;
        while (taken($"{slug}-{number}"))
            number++;
        return $"{slug}-{number}";
    }

    private static string Shorten(string slug)
    {
        if (slug.Length <= MaxLength)
            return slug;
        var cut = slug.LastIndexOf('-', MaxLength);
        return slug[..(cut > 0 ? cut : MaxLength)];
    }

    private static string Spelled(string title, string? language)
    {
        var own = OfLanguage.GetValueOrDefault(language?.Split('-')[0].ToLowerInvariant() ?? string.Empty, OfAll);
        var spelled = new StringBuilder(title.Length);
        foreach (var c in title.Normalize(NormalizationForm.FormC).ToLowerInvariant())
            spelled.Append(own.GetValueOrDefault(c) ?? OfAll.GetValueOrDefault(c) ?? c.ToString());
        return spelled.ToString();
    }

    private static Dictionary<char, string> Letters(string pairs) =>
        pairs.Split(' ').ToDictionary(pair => pair[0], pair => pair[2..]);
}

using System.Globalization;
using System.Text;

namespace Antiphon.Core.Posts;

/// <summary>The readable part of a post's address.</summary>
public static class Slug
{
    /// <summary>Longest slug made from a title, in characters.</summary>
    public const int MaxLength = 80;

    /// <summary>
    /// Letters and digits of any script in lower case, Latin accents dropped, everything between them one hyphen;
    /// cut at a hyphen near <see cref="MaxLength"/>. A title without letters or digits gives "post".
    /// </summary>
    public static string FromTitle(string title)
    {
        var slug = new StringBuilder(title.Length);
        foreach (var c in title.Normalize(NormalizationForm.FormD))
        {
            if (CharUnicodeInfo.GetUnicodeCategory(c) == UnicodeCategory.NonSpacingMark)
                continue;
            if (c is '\'' or '’')
                continue;
            if (char.IsLetterOrDigit(c))
                slug.Append(char.ToLowerInvariant(c));
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
}

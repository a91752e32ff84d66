using System.Globalization;

namespace Antiphon.Core.Sites;

/// <summary>A host name somebody enters for a blog's own pages, such as blog.quillmoor.example.</summary>
public static class HostName
{
    private const int Longest = 253;

    /// <summary>
    /// The name as requests carry it: small letters, labels of other scripts in their ASCII form (RFC 5890). Null for
    /// what is none: an address of numbers, a name without a dot,
    /// a label that is empty, longer than 63 characters or has other signs than letters, digits and inner hyphens (RFC
    /// 1123 §2.1). A whole address is taken by its host.
    /// </summary>
    public static string? Parse(string? entered)
    {
        var text = (entered ?? string.Empty).Trim().TrimEnd('.');
        if (Uri.TryCreate(text, UriKind.Absolute, out var address) && address.Scheme is "http" or "https")
            text = address.Host;
        try
        {
            text = new IdnMapping { UseStd3AsciiRules = true }
                .GetAscii(text)
                .ToLowerInvariant();
        }
        catch (ArgumentException)
        {
            return null;
        }

        return
            text.Length <= Longest
            && Uri.CheckHostName(text) == UriHostNameType.Dns
            && text.Contains('.', StringComparison.Ordinal)
            && !text.Contains('_', StringComparison.Ordinal)
            ? text
            : null;
    }
}

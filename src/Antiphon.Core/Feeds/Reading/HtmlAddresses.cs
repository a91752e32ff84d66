using System.Text.RegularExpressions;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Makes the addresses inside HTML absolute; everything else stays as it was written.</summary>
public static partial class HtmlAddresses
{
    /// <summary>
    /// The HTML with the addresses of links, pictures and files resolved against the base (RFC 3986 §5); an empty one
    /// means the base itself. Without a base nothing changes.
    /// </summary>
    public static string? Resolve(string? html, Uri? baseAddress)
    {
        if (html is null || baseAddress is null || !html.Contains('<', StringComparison.Ordinal))
            return html;
        return Tag()
            .Replace(html, tag => Address()
                    .Replace(tag.Value, match =>
                    {
                        var quoted = match.Groups["quoted"];
                        var value = quoted.Success ? quoted.Value : match.Groups["bare"].Value;
                        var quote = quoted.Success ? match.Groups["quote"].Value : "\"";
                        var resolved = Resolved(value, baseAddress);
                        return resolved == value ? match.Value : match.Groups["name"].Value + quote + resolved + quote;
                    }));
    }

    private static string Resolved(string value, Uri baseAddress)
    {
        var address = value.Trim();
        if (address.StartsWith('#') || Scheme().IsMatch(address))
            return value;
        var decoded = address.Replace("&amp;", "&", StringComparison.Ordinal);
        return Uri.TryCreate(baseAddress, decoded, out var resolved)
            ? resolved.AbsoluteUri.Replace("&", "&amp;", StringComparison.Ordinal)
            : value;
    }

    [GeneratedRegex(@"<[a-zA-Z][^<>]*>")]
    private static partial Regex Tag();

    [GeneratedRegex(
        @"(?<name>\s(?:href|src|cite|longdesc|action|background|data|poster|usemap|codebase|classid|profile)\s*=\s*)(?:(?<quote>[""'])(?<quoted>[^""']*)\k<quote>|(?<bare>[^\s""'>]+))",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Address();

    [GeneratedRegex(@"^[A-Za-z][A-Za-z0-9+.-]*:")]
    private static partial Regex Scheme();
}

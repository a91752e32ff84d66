using System.Text;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>Puts addresses right.</summary>
internal static class AddressRepair
{
    /// <summary>What no address may have, as escapes; backslashes as the slashes they were meant to be.</summary>
    public static string Escaped(string value)
    {
        var text = new StringBuilder();
        var hash = value.IndexOf('#', StringComparison.Ordinal);
        for (var at = 0; at < value.Length; at++)
        {
            var c = value[at];
            if (c == '\\')
                text.Append('/');
            else if (
                c is '<' or '>' or '"' or '{' or '}' or '|' or '^' or '`' or '[' or ']'
                || char.IsControl(c)
                || (c == '#' && at > hash)
            )
                text.Append(Uri.HexEscape(c));
            else
                text.Append(c);
        }

        return text.ToString();
    }

    /// <summary>Percent signs that begin no escape, escaped themselves.</summary>
    public static string WithWholeEscapes(string value)
    {
        var text = new StringBuilder();
        for (var at = 0; at < value.Length; at++)
        {
            var isEscape =
                at + 2 < value.Length && char.IsAsciiHexDigit(value[at + 1]) && char.IsAsciiHexDigit(value[at + 2]);
            text.Append(value[at] == '%' && !isEscape ? "%25" : value[at].ToString());
        }

        return text.ToString();
    }

    /// <summary>Without a line's end within, and with other spaces escaped.</summary>
    public static string WithoutSpaces(string value) =>
        string.Concat(
            value
                .Trim()
                .Where(c => c is not ('\r' or '\n' or '\t'))
                .Select(c => char.IsWhiteSpace(c) ? "%20" : c.ToString())
        );

    /// <summary>Without name and password.</summary>
    public static string? WithoutUser(string value)
    {
        var text = value.Trim();
        var start = text.IndexOf("://", StringComparison.Ordinal) + 3;
        var end = text.AsSpan(start).IndexOfAny('/', '?', '#');
        var authority = end < 0 ? text[start..] : text[start..(start + end)];
        var at = authority.LastIndexOf('@');
        return at < 0 ? null : text[..start] + authority[(at + 1)..] + (end < 0 ? string.Empty : text[(start + end)..]);
    }

    /// <summary>
    /// The whole of a relative address: against where the feed belongs, or by its name where it begins like one of a
    /// site.
    /// </summary>
    public static string? Whole(string value, Uri? address)
    {
        var text = WithoutSpaces(value);
        if (text.StartsWith("//", StringComparison.Ordinal))
            return "https:" + text;
        if (text.StartsWith("www.", StringComparison.OrdinalIgnoreCase))
            return "https://" + text;
        return address is not null && LinkResolver.Resolve(text, address) is { } whole && LinkResolver.IsAbsolute(whole)
            ? whole
            : null;
    }

    /// <summary>A host name without what stands around it, or a path from the root.</summary>
    public static string? OfCloud(string value)
    {
        var text = value.Trim();
        return LinkResolver.IsWeb(text) ? new Uri(text).Host
            : text.Contains('/', StringComparison.Ordinal) ? text.Split('/')[0]
            : "/" + text;
    }
}

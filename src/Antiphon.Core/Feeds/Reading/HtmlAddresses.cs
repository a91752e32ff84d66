using System.Net;
using System.Text;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading;

/// <summary>Makes the addresses inside HTML absolute; everything else stays as it was written.</summary>
public static class HtmlAddresses
{
    /// <summary>
    /// The HTML with the addresses of links, pictures and files resolved against the base (RFC 3986 §5); an empty one
    /// means the base itself. Without a base, and where every address is absolute, it is the text that was given.
    /// </summary>
    public static string? Resolve(string? html, Uri? baseAddress)
    {
        if (html is null || baseAddress is null)
            return html;
        StringBuilder? written = null;
        var copied = 0;
        var scan = new TagScan(html);
        while (scan.NextTag())
        {
            while (scan.NextAttribute())
            {
                if (ResolvedIn(in scan, baseAddress) is not { } resolved)
                    continue;
                var quote = html[scan.ValueStart] == '\'' ? '\'' : '"';
                (written ??= new StringBuilder(html.Length + 256))
                    .Append(html, copied, scan.ValueStart - copied)
                    .Append(quote)
                    .Append(resolved)
                    .Append(quote);
                copied = scan.ValueEnd;
            }
        }

        return written?.Append(html, copied, html.Length - copied).ToString() ?? html;
    }

    /// <summary>The same, made when it is asked for.</summary>
    internal static LateText Late(string? html, Uri? baseAddress) =>
        baseAddress is null ? new LateText(html) : new LateText(html, baseAddress, Resolve);

    // The value to write instead, escaped; null where the attribute holds no address that changes.
    private static string? ResolvedIn(in TagScan scan, Uri baseAddress)
    {
        var name = scan.AttributeName;
        if (scan.ValueEnd == scan.ValueStart)
            return null;
        if (HoldsAddress(name))
            return Resolved(scan.Value, baseAddress);
        return
            name.Equals("srcset", StringComparison.OrdinalIgnoreCase)
            || name.Equals("imagesrcset", StringComparison.OrdinalIgnoreCase)
            ? ResolvedSet(scan.Value, baseAddress)
            : null;
    }

    private static bool HoldsAddress(ReadOnlySpan<char> name) =>
        name.Length switch
        {
            3 => Is(name, "src"),
            4 => Is(name, "href") || Is(name, "cite") || Is(name, "data"),
            6 => Is(name, "action") || Is(name, "poster") || Is(name, "usemap"),
            7 => Is(name, "classid") || Is(name, "profile"),
            8 => Is(name, "longdesc") || Is(name, "codebase"),
            10 => Is(name, "background") || Is(name, "formaction"),
            _ => false,
        };

    private static bool Is(ReadOnlySpan<char> name, string attribute) =>
        name.Equals(attribute, StringComparison.OrdinalIgnoreCase);

    private static string? Resolved(ReadOnlySpan<char> value, Uri baseAddress)
    {
        var address = value.Trim();
        if (address.StartsWith("#") || HasScheme(address))
            return null;
        var written = address.Contains('&') ? WebUtility.HtmlDecode(address.ToString()) : address.ToString();
        if (!Uri.TryCreate(baseAddress, written, out var resolved))
            return null;
        var text = resolved.AbsoluteUri.Replace("&", "&amp;", StringComparison.Ordinal);
        return value.SequenceEqual(text) ? null : text;
    }

    // Candidates are parted by commas, each an address and, behind white space, what it is for (HTML Standard,
    // §4.8.4.2.1). An address of data holds commas itself and is absolute: such a list stays as it is.
    private static string? ResolvedSet(ReadOnlySpan<char> value, Uri baseAddress)
    {
        if (value.Contains("data:", StringComparison.OrdinalIgnoreCase))
            return null;
        var (candidates, isChanged) = (new List<string>(), false);
        foreach (var candidate in value.ToString().Split(',', StringSplitOptions.TrimEntries))
        {
            var end = candidate.AsSpan().IndexOfAny(" \t\r\n\f");
            var (address, rest) = end < 0 ? (candidate, string.Empty) : (candidate[..end], candidate[end..]);
            var resolved = address.Length == 0 ? null : Resolved(address, baseAddress);
            isChanged |= resolved is not null;
            candidates.Add((resolved ?? address) + rest);
        }

        return isChanged ? string.Join(", ", candidates) : null;
    }

    // scheme ":" (RFC 3986 §3.1)
    private static bool HasScheme(ReadOnlySpan<char> address)
    {
        if (address.Length == 0 || !char.IsAsciiLetter(address[0]))
            return false;
        foreach (var c in address)
        {
            if (c == ':')
                return true;
            if (!char.IsAsciiLetterOrDigit(c) && c is not ('+' or '-' or '.'))
                return false;
        }

        return false;
    }
}

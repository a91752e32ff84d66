namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>Finds web addresses in a folded text, with or without scheme, in HTML or in square brackets.</summary>
internal static class AddressesInText
{
    private const int LongestBareEnding = 8;

    /// <summary>The next address from a place on, as a range of the text; null when there is none.</summary>
    public static (int Start, int End)? Next(ReadOnlySpan<char> text, int from)
    {
        while (from < text.Length)
        {
            var dot = text[from..].IndexOfAny('.', ':');
            if (dot < 0)
                return null;
            dot += from;
            if (text[dot] == ':')
            {
                if (text[dot..].StartsWith("://") && SchemeStart(text, dot) is { } start)
                    return (start, End(text, dot + 3));
                from = dot + 1;
                continue;
            }

            if (Bare(text, dot) is { } bare)
                return bare;
            from = dot + 1;
        }

        return null;
    }

    /// <summary>The host of an address, without "www.".</summary>
    public static ReadOnlySpan<char> HostOf(ReadOnlySpan<char> address)
    {
        var scheme = address.IndexOf("://");
        var rest = scheme < 0 ? address : address[(scheme + 3)..];
        var end = rest.IndexOfAny("/?#:");
        var host = end < 0 ? rest : rest[..end];
        return host.StartsWith("www.") ? host[4..] : host;
    }

    /// <summary>What stands behind the host of an address.</summary>
    public static ReadOnlySpan<char> PathOf(ReadOnlySpan<char> address)
    {
        var scheme = address.IndexOf("://");
        var rest = scheme < 0 ? address : address[(scheme + 3)..];
        var start = rest.IndexOf('/');
        return start < 0 ? default : rest[(start + 1)..];
    }

    private static int? SchemeStart(ReadOnlySpan<char> text, int colon)
    {
        if (colon >= 5 && text[(colon - 5)..colon].SequenceEqual("https"))
            return colon - 5;
        return colon >= 4 && text[(colon - 4)..colon].SequenceEqual("http") ? colon - 4 : null;
    }

    // "shop.example/x" and "www.shop.example": labels with dots between, the last of letters alone, and no "@" before.
    private static (int Start, int End)? Bare(ReadOnlySpan<char> text, int dot)
    {
        var start = dot;
        while (start > 0 && IsLabel(text[start - 1]))
            start--;
        if (start == dot || (start > 0 && text[start - 1] is '@' or '.' or '/'))
            return null;
        var (end, lastDot) = (dot, dot);
        while (end < text.Length && (IsLabel(text[end]) || text[end] == '.'))
        {
            if (text[end] == '.')
                lastDot = end;
            end++;
        }

        if (lastDot == end - 1)
        {
            end = lastDot;
            lastDot = text[start..end].LastIndexOf('.') + start;
            if (lastDot < start)
                return null;
        }

        var ending = text[(lastDot + 1)..end];
        if (
            ending.Length is < 2 or > LongestBareEnding
            || ending.ContainsAnyExceptInRange('a', 'z')
            || (end < text.Length && text[end] == '@')
        )
            return null;
        return (start, End(text, end));
    }

    private static int End(ReadOnlySpan<char> text, int from)
    {
        var end = from;
        while (
            end < text.Length
            && !char.IsWhiteSpace(text[end])
            && text[end] is not ('"' or '\'' or '<' or '>' or '[' or ']' or '(' or ')' or '|')
        )
            end++;
        while (end > from && text[end - 1] is '.' or ',' or ';' or '!' or '?' or ':')
            end--;
        return end;
    }

    private static bool IsLabel(char c) => char.IsAsciiLetterOrDigit(c) || c == '-';
}

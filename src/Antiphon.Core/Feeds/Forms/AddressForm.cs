using System.Buffers;
using System.Net;
using System.Net.Sockets;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>
/// Addresses as they stand in feeds: the syntax of RFC 3986 with the characters of RFC 3987, and what is plainly a slip
/// of the pen. White space around an address is looked at by those formats that forbid it.
/// </summary>
internal static partial class AddressForm
{
    private const int LongestLabel = 63;
    private const int HighestPort = 65535;

    private static readonly SearchValues<char> Plain = SearchValues.Create(
        "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_.~/"
    );

    // Behind the host a query and a fragment may follow; what is escaped, or a name with a password, is looked at closely.
    private static readonly SearchValues<char> PlainBehindHost = SearchValues.Create(
        "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_.~/?=&+,:!*'()@$#"
    );

    // Letters doubled, left out or turned about.
    private static readonly string[] Misspelt =
    [
        "htp",
        "htps",
        "htpp",
        "htpps",
        "hhttp",
        "hhttps",
        "hhtp",
        "hhtps",
        "httpp",
        "httpps",
        "htttp",
        "htttps",
        "ttp",
        "ttps",
        "htt",
        "htts",
        "hppt",
        "hpps",
        "httsp",
        "httpss",
        "httl",
        "htto",
        "httos",
        "hxxp",
        "hxxps",
    ];

    private static readonly string[] Unsuited =
    [
        "javascript",
        "vbscript",
        "data",
        "file",
        "about",
        "blob",
        "feed",
        "view-source",
        "chrome",
        "c",
        "d",
    ];

    /// <summary>An absolute address that can be fetched (http or https).</summary>
    public static Fault? Fetched(string value) =>
        Absolute(value) ?? (IsWeb(value) ? null : new Fault(AddressRules.Unsuited, value.Trim()));

    /// <summary>An absolute address (RFC 3986 §4.3).</summary>
    public static Fault? Absolute(string value) => Slip(value, mayBeRelative: false);

    /// <summary>An absolute address or a relative reference (RFC 3986 §4.1).</summary>
    public static Fault? Reference(string value) => Slip(value, mayBeRelative: true);

    /// <summary>
    /// An absolute IRI of any scheme, such as a name that is never fetched (RFC 3987 §2.2); where it leads is nobody's
    /// concern.
    /// </summary>
    public static Fault? Name(string value)
    {
        var text = value.Trim();
        if (IsPlain(text))
            return null;
        if (!Scheme().IsMatch(text))
            return new Fault(SharedRules.LinkNotAbsolute, text);
        return Characters(text)
            ?? (Authority(text) is { Rule.Severity: Severity.Error } wrong ? wrong : null)
            ?? (
                IsName(text)
                    ? null
                    : new Fault(AddressRules.Name, text, text[..text.IndexOf(':', StringComparison.Ordinal)])
            );
    }

    /// <summary>What was meant by an address whose scheme is misspelt, or null when it is not.</summary>
    public static string? WithRightScheme(string value)
    {
        var text = value.Trim();
        if (Twice().Match(text) is { Success: true } twice)
            return twice.Groups[1].Value;
        if (Beginning().Match(text) is not { Success: true } start)
            return null;
        var (scheme, between) = (start.Groups[1].Value.ToLowerInvariant(), start.Groups[2].Value);
        var isRight = scheme is "http" or "https";
        // One slash alone is a path.
        if (isRight ? between is "://" or "/" : !Misspelt.Contains(scheme) || between == "/")
            return null;
        var rest = text[start.Length..];
        // What follows is a host, or nobody knows what was meant; behind three slashes it may be a path as well.
        var host = rest.Split('/', '?', '#')[0];
        if (between == ":///" && !(host.Contains('.', StringComparison.Ordinal) && IsHost(host)))
            return null;
        return rest.Length > 0 && (char.IsLetterOrDigit(rest[0]) || rest[0] == '[')
            ? (scheme.Contains('s', StringComparison.Ordinal) ? "https://" : "http://") + rest
            : null;
    }

    // Names that are no places: of RFC 8141, of a UUID (RFC 9562 §4) and with a day (RFC 4151 §2.1).
    private static bool IsName(string text) =>
        text.StartsWith("urn:uuid:", StringComparison.OrdinalIgnoreCase) ? Guid.TryParseExact(text[9..], "D", out _)
        : text.StartsWith("urn:", StringComparison.OrdinalIgnoreCase) ? Urn().IsMatch(text)
        : !text.StartsWith("tag:", StringComparison.OrdinalIgnoreCase) || Tag().IsMatch(text);

    private static bool IsWeb(string value) => value.TrimStart().StartsWith("http", StringComparison.OrdinalIgnoreCase);

    // Nearly every address is letters, digits and slashes behind a host name with a dot, and needs no closer look.
    private static bool IsPlain(string text)
    {
        var start =
            text.StartsWith("https://", StringComparison.Ordinal) ? 8
            : text.StartsWith("http://", StringComparison.Ordinal) ? 7
            : 0;
        if (start == 0)
            return false;
        var rest = text.AsSpan(start);
        var end = rest.IndexOf('/');
        var host = end < 0 ? rest : rest[..end];
        if (host.ContainsAnyExcept(Plain) || (end >= 0 && !IsPlainPath(rest[end..])))
            return false;
        var dot = host.LastIndexOf('.');
        return dot > 0
            && dot < host.Length - 2
            && host[0] != '.'
            && host.Length <= LongestLabel
            && char.IsAsciiLetter(host[^1])
            && host[0] != '-'
            && !host.Contains("..", StringComparison.Ordinal)
            && !host.Contains("-.", StringComparison.Ordinal)
            && !host.Contains(".-", StringComparison.Ordinal)
            && !host[dot..].SequenceEqual(".local")
            && !host[dot..].SequenceEqual(".localhost");
    }

    private static bool IsPlainPath(ReadOnlySpan<char> path) =>
        !path.ContainsAnyExcept(PlainBehindHost) && path.Count('#') <= 1;

    private static Fault? Slip(string value, bool mayBeRelative)
    {
        var text = value.Trim();
        if (IsPlain(text))
            return null;
        if (WithRightScheme(text) is { } right)
            return new Fault(AddressRules.SchemeMisspelt, text, right);
        var scheme = Scheme().Match(text);
        if (!scheme.Success && !mayBeRelative)
            return text.Length > 0 ? new Fault(SharedRules.LinkNotAbsolute, text) : null;
        if (Characters(text) is { } wrong)
            return wrong;
        if (!scheme.Success)
            return null;
        if (Unsuited.Contains(scheme.Groups[1].Value.ToLowerInvariant()))
            return new Fault(AddressRules.Unsuited, text);
        if (text.StartsWith("mailto:", StringComparison.OrdinalIgnoreCase))
            return IsToMail(text) ? null : new Fault(AddressRules.Mail, text);
        return Authority(text) ?? EscapedTwice(text);
    }

    // To whom may be left open, or said in a header field (RFC 6068 §2).
    private static bool IsToMail(string text)
    {
        var to = text["mailto:".Length..].Split('?')[0];
        return to.Length == 0
            ? text.Contains('?', StringComparison.Ordinal)
            : to.Split(',').All(one => MailForm.IsAddress(Uri.UnescapeDataString(one)));
    }

    private static Fault? Characters(string text)
    {
        if (text.Any(char.IsWhiteSpace))
            return new Fault(ContentRules.AddressWithSpace, text);
        var host = HostEnd(text);
        for (var at = 0; at < text.Length; at++)
        {
            var c = text[at];
            if (
                c == '%'
                && !(at + 2 < text.Length && char.IsAsciiHexDigit(text[at + 1]) && char.IsAsciiHexDigit(text[at + 2]))
            )
                return new Fault(AddressRules.Escape, text, text[at..Math.Min(text.Length, at + 3)]);
            // Square brackets belong to the host alone, where they stand around an IP address.
            var isForbidden = c is '<' or '>' or '"' or '{' or '}' or '|' or '\\' or '^' or '`' || char.IsControl(c);
            if (isForbidden || (c is '[' or ']' && at >= host) || (c == '#' && text.IndexOf('#') < at))
                return new Fault(AddressRules.Character, text, c.ToString());
        }

        return null;
    }

    private static int HostEnd(string text)
    {
        var start = text.IndexOf("//", StringComparison.Ordinal);
        if (start < 0)
            return 0;
        var end = text.AsSpan(start + 2).IndexOfAny('/', '?', '#');
        return end < 0 ? text.Length : start + 2 + end;
    }

    private static Fault? Authority(string text)
    {
        if (
            !text.StartsWith("http:", StringComparison.OrdinalIgnoreCase)
            && !text.StartsWith("https:", StringComparison.OrdinalIgnoreCase)
        )
            return null;
        var start = text.IndexOf("://", StringComparison.Ordinal);
        if (start < 0)
            return new Fault(AddressRules.Host, text);
        var authority = text[(start + 3)..Math.Max(start + 3, HostEnd(text))];
        var host = authority[(authority.LastIndexOf('@') + 1)..];
        var colon = host.LastIndexOf(':');
        if (colon > host.LastIndexOf(']'))
        {
            if (!IsPort(host[(colon + 1)..]))
                return new Fault(AddressRules.Port, text, host[(colon + 1)..]);
            host = host[..colon];
        }

        if (!IsHost(host))
            return new Fault(AddressRules.Host, text);
        if (IsLocal(host))
            return new Fault(AddressRules.Local, text);
        return authority.Contains('@', StringComparison.Ordinal) ? new Fault(AddressRules.WithPassword, text) : null;
    }

    // An empty port is the usual one (RFC 3986 §3.2.3).
    private static bool IsPort(string port) =>
        port.Length == 0
        || (
            port.Length <= 5
            && port.All(char.IsAsciiDigit)
            && int.Parse(port, System.Globalization.CultureInfo.InvariantCulture) is > 0 and <= HighestPort
        );

    private static bool IsHost(string host)
    {
        if (host.StartsWith('['))
            return host.EndsWith(']')
                && IPAddress.TryParse(host[1..^1], out var address)
                && address.AddressFamily == AddressFamily.InterNetworkV6;
        var labels = (host.EndsWith('.') ? host[..^1] : host).Split('.');
        if (
            labels.Any(label =>
                label.Length is 0 or > LongestLabel || label[0] == '-' || label[^1] == '-' || !label.All(IsOfHost)
            )
        )
            return false;
        // Four numbers are an IP address, so each must be one of its parts.
        return !labels[^1].All(char.IsAsciiDigit)
            || (labels.Length == 4 && labels.All(part => byte.TryParse(part, out _)));
    }

    private static bool IsOfHost(char c) => char.IsLetterOrDigit(c) || c is '-' or '_' or '%' or '~' || c > 0x7F;

    /// <summary>True for an address of the reader's own machine or network.</summary>
    public static bool IsAtHome(Uri? address) => address is not null && (address.IsLoopback || IsLocal(address.Host));

    private static bool IsLocal(string host) =>
        host.Equals("localhost", StringComparison.OrdinalIgnoreCase)
        || host.EndsWith(".local", StringComparison.OrdinalIgnoreCase)
        || host.EndsWith(".localhost", StringComparison.OrdinalIgnoreCase)
        || LocalNumbers().IsMatch(host)
        || host == "[::1]";

    private static Fault? EscapedTwice(string text) =>
        text.Contains("&amp;", StringComparison.OrdinalIgnoreCase) ? new Fault(AddressRules.EscapedTwice, text) : null;

    [GeneratedRegex("^urn:[A-Za-z0-9][A-Za-z0-9-]{0,30}[A-Za-z0-9]:.+", RegexOptions.IgnoreCase)]
    private static partial Regex Urn();

    [GeneratedRegex("^tag:[^,:/]+,[0-9]{4}(?:-[0-9]{2}(?:-[0-9]{2})?)?:", RegexOptions.IgnoreCase)]
    private static partial Regex Tag();

    [GeneratedRegex("^([A-Za-z][A-Za-z0-9+.-]*):(?!//$)")]
    private static partial Regex Scheme();

    // A scheme before an address that has one.
    [GeneratedRegex("^https?:/{0,3}(https?://.+)$", RegexOptions.IgnoreCase)]
    private static partial Regex Twice();

    [GeneratedRegex(@"^([A-Za-z]{3,7})([:;/\\]{1,6})")]
    private static partial Regex Beginning();

    [GeneratedRegex(
        @"^(?:127\.\d+\.\d+\.\d+|10\.\d+\.\d+\.\d+|192\.168\.\d+\.\d+|172\.(?:1[6-9]|2\d|3[01])\.\d+\.\d+|0\.0\.0\.0)$"
    )]
    private static partial Regex LocalNumbers();
}

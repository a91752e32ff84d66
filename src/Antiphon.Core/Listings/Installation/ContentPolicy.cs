namespace Antiphon.Core.Listings.Installation;

/// <summary>What a page's Content-Security-Policy (CSP Level 3) lets our script do.</summary>
public static class ContentPolicy
{
    /// <summary>The first directive of the policies that forbids the address, or null when none does.</summary>
    /// <param name="policies">Policies as sent, by header and meta element; each must allow it.</param>
    /// <param name="directive">"script-src" or "connect-src".</param>
    /// <param name="address">What would be loaded or asked.</param>
    /// <param name="page">The page, for 'self'.</param>
    public static string? Forbidding(IEnumerable<string> policies, string directive, Uri address, Uri page)
    {
        foreach (var directives in policies.SelectMany(policy => policy.Split(',')).Select(Parse))
        {
            var name = directives.ContainsKey(directive) ? directive : "default-src";
            if (directives.TryGetValue(name, out var sources) && !Allows(sources, address, page))
                return name;
        }

        return null;
    }

    private static Dictionary<string, string[]> Parse(string policy)
    {
        var directives = new Dictionary<string, string[]>(StringComparer.OrdinalIgnoreCase);
        foreach (
            var parts in policy
                .Split(';')
                .Select(text => text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries))
                .Where(parts => parts.Length > 0)
        )
        {
            // The first of a repeated directive counts (§6.1).
            directives.TryAdd(parts[0], parts[1..]);
        }

        return directives;
    }

    // With 'strict-dynamic' addresses are not looked at, and a pasted script carries no nonce.
    private static bool Allows(string[] sources, Uri address, Uri page) =>
        !sources.Contains("'strict-dynamic'", StringComparer.OrdinalIgnoreCase)
        && sources.Any(source => Matches(source, address, page));

    private static bool Matches(string source, Uri address, Uri page)
    {
        if (source == "*")
            return address.Scheme is "http" or "https";
        if (source.Equals("'self'", StringComparison.OrdinalIgnoreCase))
            return IsSameOrigin(address, page);
        if (source.EndsWith(':'))
            return IsScheme(source[..^1], address.Scheme);
        var scheme = source.Contains("://", StringComparison.Ordinal)
            ? source[..source.IndexOf("://", StringComparison.Ordinal)]
            : page.Scheme;
        var rest = source[(source.IndexOf("://", StringComparison.Ordinal) is var at and >= 0 ? at + 3 : 0)..];
        var slash = rest.IndexOf('/', StringComparison.Ordinal);
        var (authority, path) = slash < 0 ? (rest, string.Empty) : (rest[..slash], rest[slash..]);
        return IsScheme(scheme, address.Scheme) && IsHost(authority, address) && IsPath(path, address);
    }

    private static bool IsSameOrigin(Uri one, Uri other) =>
        one.Scheme == other.Scheme && one.Host == other.Host && one.Port == other.Port;

    // http in a policy also allows https (§6.7.2.8).
    private static bool IsScheme(string named, string scheme) =>
        named.Equals(scheme, StringComparison.OrdinalIgnoreCase)
        || (named.Equals("http", StringComparison.OrdinalIgnoreCase) && scheme == "https");

    private static bool IsHost(string authority, Uri address)
    {
        var colon = authority.LastIndexOf(':');
        var (host, port) = colon < 0 ? (authority, string.Empty) : (authority[..colon], authority[(colon + 1)..]);
        var fits = host.StartsWith("*.", StringComparison.Ordinal)
            ? address.Host.EndsWith(host[1..], StringComparison.OrdinalIgnoreCase)
            : host.Equals(address.Host, StringComparison.OrdinalIgnoreCase);
        return fits
            && (
                port == "*"
                || (
                    port.Length == 0
                        ? address.IsDefaultPort
                        : port == address.Port.ToString(System.Globalization.CultureInfo.InvariantCulture)
                )
            );
    }

    private static bool IsPath(string path, Uri address) =>
        path.Length is 0 or 1
        || (
            path.EndsWith('/')
                ? address.AbsolutePath.StartsWith(path, StringComparison.Ordinal)
                : address.AbsolutePath == path
        );
}

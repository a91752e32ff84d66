namespace Antiphon.Core.Text;

/// <summary>The many spellings of one page's address as one, to tell that two mean the same page.</summary>
public static class FoldedAddress
{
    /// <summary>
    /// The address without scheme, "www.", fragment, trailing slash and counting parameters (utm_*, and click
    /// identifiers, whose names end in clid), lower-cased host; null when it is no http(s) address.
    /// </summary>
    public static string? Of(string? address)
    {
        if (!Uri.TryCreate(address?.Trim(), UriKind.Absolute, out var uri) || uri.Scheme is not ("http" or "https"))
            return null;
        var host = uri.IsDefaultPort ? uri.Host : $"{uri.Host}:{uri.Port}";
        if (host.StartsWith("www.", StringComparison.OrdinalIgnoreCase))
            host = host[4..];
        var query = uri
            .Query.TrimStart('?')
            .Split('&', StringSplitOptions.RemoveEmptyEntries)
            .Where(part => !IsCounting(part.Split('=')[0]))
            .ToList();
        var path = uri.AbsolutePath.TrimEnd('/');
        return host.ToLowerInvariant() + path + (query.Count == 0 ? "" : "?" + string.Join('&', query));
    }

    private static bool IsCounting(string name) =>
        name.StartsWith("utm_", StringComparison.OrdinalIgnoreCase)
        || name.EndsWith("clid", StringComparison.OrdinalIgnoreCase);
}

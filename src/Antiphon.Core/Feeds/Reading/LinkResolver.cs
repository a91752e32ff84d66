namespace Antiphon.Core.Feeds.Reading;

/// <summary>Makes the addresses of a feed absolute.</summary>
public static class LinkResolver
{
    /// <summary>
    /// The address resolved against the base (RFC 3986 §5); the raw text when it cannot be; null when empty.
    /// </summary>
    public static string? Resolve(string? address, Uri? baseAddress)
    {
        var text = address?.Trim();
        if (string.IsNullOrEmpty(text))
            return null;
        if (baseAddress is null || text.Contains("://", StringComparison.Ordinal))
            return text;
        return Uri.TryCreate(baseAddress, text, out var resolved) && resolved.IsAbsoluteUri
            ? resolved.AbsoluteUri
            : text;
    }

    /// <summary>
    /// Where a link of a page or a document leads, resolved against where that was read; null where it leads to no web
    /// address. An empty link leads to the page itself.
    /// </summary>
    public static Uri? Web(Uri address, string? link) =>
        link is not null && Uri.TryCreate(address, link.Trim(), out var found) && found.Scheme is "http" or "https"
            ? found
            : null;

    /// <summary>The base after an xml:base attribute, which may itself be relative.</summary>
    public static Uri? Narrow(Uri? outer, string? xmlBase)
    {
        if (string.IsNullOrWhiteSpace(xmlBase))
            return outer;
        var text = xmlBase.Trim();
        if (outer is not null)
            return Uri.TryCreate(outer, text, out var inner) ? inner : outer;
        return Uri.TryCreate(text, UriKind.Absolute, out var alone) ? alone : null;
    }

    /// <summary>True for an absolute address with a scheme and, for http and https, a host.</summary>
    public static bool IsAbsolute(string? address) =>
        Uri.TryCreate(address?.Trim(), UriKind.Absolute, out var uri)
        && !uri.IsFile
        && (uri.Scheme is not ("http" or "https") || uri.Host.Length > 0);

    /// <summary>True for an absolute http or https address.</summary>
    public static bool IsWeb(string? address) =>
        Uri.TryCreate(address?.Trim(), UriKind.Absolute, out var uri)
        && uri.Scheme is "http" or "https"
        && uri.Host.Length > 0;
}

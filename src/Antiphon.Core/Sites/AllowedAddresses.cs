namespace Antiphon.Core.Sites;

/// <summary>Decides whether a page or an origin belongs to the addresses a site may embed on.</summary>
public static class AllowedAddresses
{
    /// <summary>
    /// The origin (scheme, host, port when not the default) of an address, lower-cased, or null when it is not an
    /// http(s) address.
    /// </summary>
    public static string? OriginOf(string? address)
    {
        if (!Uri.TryCreate(address?.Trim(), UriKind.Absolute, out var uri))
            return null;
        if (uri.Scheme is not ("http" or "https"))
            return null;
        return uri.GetLeftPart(UriPartial.Authority).ToLowerInvariant();
    }

    /// <summary>
    /// True when the origin of <paramref name="address"/> equals that of one allowed address; paths play no part, as
    /// browsers send origins only.
    /// </summary>
    public static bool Allows(IEnumerable<string> allowed, string? address)
    {
        var origin = OriginOf(address);
        return origin is not null && allowed.Any(text => OriginOf(text) == origin);
    }
}

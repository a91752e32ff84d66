namespace Antiphon.Server.Platform.Requests;

/// <summary>Cookies of the workplace.</summary>
internal static class OwnCookies
{
    private const string HostPrefix = "__Host-";

    /// <summary>
    /// Where readers reach us over TLS, the cookie goes over nothing else, and its name has browsers refuse it from
    /// other hosts and paths (RFC 6265bis, 4.1.3.2). The public address decides, as a
    /// web server in front may speak plainly to us.
    /// </summary>
    public static void Secure(CookieBuilder cookie, AntiphonOptions options)
    {
        if (!options.IsSecure)
            return;
        (cookie.Name, cookie.SecurePolicy, cookie.Path) = (HostPrefix + cookie.Name, CookieSecurePolicy.Always, "/");
    }
}

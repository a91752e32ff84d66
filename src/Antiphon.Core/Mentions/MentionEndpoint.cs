using AngleSharp.Html.Dom;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Mentions;

/// <summary>Where a page takes mentions, and how.</summary>
/// <param name="Way">How.</param>
/// <param name="Address">Where.</param>
public sealed record MentionEndpoint(MentionWay Way, Uri Address)
{
    /// <summary>
    /// Finds it: Webmention in the Link header, then in the page (Webmention, 3.1.2), then Pingback in its header and
    /// in the page (Pingback 1.0, section 2); null when the page offers neither.
    /// </summary>
    /// <param name="links">Link headers as they were sent.</param>
    /// <param name="pingback">X-Pingback header, or null.</param>
    /// <param name="page">The page; null where it is no HTML.</param>
    /// <param name="address">Where the page was read, after redirects.</param>
    public static MentionEndpoint? Of(IEnumerable<string>? links, string? pingback, IHtmlDocument? page, Uri address)
    {
        if (
            LinkHeader.Read(links, address).FirstOrDefault(link => link.Relations.Contains("webmention")) is { } header
            && LinkResolver.Web(address, header.Target.AbsoluteUri) is { } inHeader
        )
            return new MentionEndpoint(MentionWay.Webmention, inHeader);
        // An empty address is an address: the page itself.
        if (
            page?.QuerySelector("link[rel~=webmention][href], a[rel~=webmention][href]")?.GetAttribute("href")
                is { } inPage
            && LinkResolver.Web(address, inPage) is { } taken
        )
            return new MentionEndpoint(MentionWay.Webmention, taken);
        if (
            LinkResolver.Web(
                address,
                pingback ?? page?.QuerySelector("link[rel~=pingback][href]")?.GetAttribute("href")
            ) is
            { } older
        )
            return new MentionEndpoint(MentionWay.Pingback, older);
        return null;
    }
}

using AngleSharp.Html.Dom;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Core.Channels.Protocols;

/// <summary>A way a page of a partner offers to take posts.</summary>
/// <param name="Protocol">How.</param>
/// <param name="Address">Where; for AtomPub the service document, or a collection.</param>
public sealed record PartnerOffer(PartnerProtocol Protocol, Uri Address)
{
    /// <summary>
    /// What an answer offers: Micropub by its header or its page (Micropub, 5.3), AtomPub by the page or, where the
    /// answer is a service document, by its first collection; null for nothing.
    /// </summary>
    /// <param name="links">Link headers as they were sent.</param>
    /// <param name="bytes">The body.</param>
    /// <param name="page">The body as a page; null when it is no HTML.</param>
    /// <param name="address">Where it was read, after redirects.</param>
    public static PartnerOffer? Of(IEnumerable<string>? links, byte[] bytes, IHtmlDocument? page, Uri address)
    {
        if (page is null && ServiceDocument.Collections(bytes, address) is { } collections)
            return collections.Count == 0 ? null : new PartnerOffer(PartnerProtocol.AtomPub, collections[0]);
        if (
            LinkHeader.Read(links, address).FirstOrDefault(link => link.Relations.Contains("micropub")) is { } header
            && LinkResolver.Web(address, header.Target.AbsoluteUri) is { } named
        )
            return new PartnerOffer(PartnerProtocol.Micropub, named);
        if (page is null)
            return null;
        if (
            LinkResolver.Web(address, page.QuerySelector("link[rel~=micropub][href]")?.GetAttribute("href")) is
            { } micropub
        )
            return new PartnerOffer(PartnerProtocol.Micropub, micropub);
        return
            LinkResolver.Web(
                address,
                page.QuerySelector($"link[rel~=service][type='{ServiceDocument.MediaType}'][href]")
                    ?.GetAttribute("href")
            )
                is { } service
            ? new PartnerOffer(PartnerProtocol.AtomPub, service)
            : null;
    }
}

using System.Collections.Frozen;

namespace Antiphon.Core.Feeds.Forms;

/// <summary>Relations of links that are registered (RFC 4287 §7.1, RFC 8288 §4.2), and those feeds have besides.</summary>
internal static class LinkRelations
{
    private static readonly FrozenSet<string> Registered = (
        "about acl alternate amphtml api-catalog appendix apple-touch-icon apple-touch-startup-image archives author blocked-by bookmark "
        + "c2pa-manifest canonical chapter cite-as collection compression-dictionary contents convertedfrom copyright create-form current "
        + "deprecation describedby describes disclosure dns-prefetch duplicate edit edit-form edit-media enclosure external first "
        + "geofeed glossary help hosts hub ice-server icon index intervalafter intervalbefore intervalcontains intervaldisjoint "
        + "intervalduring intervalequals intervalfinishedby intervalfinishes intervalin intervalmeets intervalmetby "
        + "intervaloverlappedby intervaloverlaps intervalstartedby intervalstarts item last latest-version license linkset lrdd "
        + "manifest mask-icon me media-feed memento micropub modulepreload monitor monitor-group next next-archive nofollow noopener "
        + "noreferrer opener openid2.local_id openid2.provider original p3pv1 payment pingback preconnect predecessor-version "
        + "prefetch preload prerender prev prev-archive preview previous privacy-policy profile publication related replies "
        + "restconf ruleinput search section self service service-desc service-doc service-meta sip-trunking-capability sponsored "
        + "start status stylesheet subsection successor-version sunset tag terms-of-service timegate timemap type ugc up "
        + "version-history via webmention working-copy working-copy-of"
    )
        .Split(' ')
        .ToFrozenSet(StringComparer.OrdinalIgnoreCase);

    /// <summary>True for a registered name; an address is a relation of its own and needs none.</summary>
    public static bool IsKnown(string relation) =>
        Registered.Contains(relation) || relation.Contains(':', StringComparison.Ordinal);
}

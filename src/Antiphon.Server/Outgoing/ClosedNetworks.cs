using System.Net;

namespace Antiphon.Server.Outgoing;

/// <summary>
/// Addresses that are no way to a public site: what IANA's registries of special-purpose addresses (RFC 6890) list as
/// not globally reachable, and IPv6 forms that carry an IPv4 address within.
/// </summary>
internal static class ClosedNetworks
{
    /// <summary>Each network with what it is for.</summary>
    public static IReadOnlyList<(IPNetwork Network, string For)> All { get; } =
    [
        Of("0.0.0.0/8", "this network, RFC 791"),
        Of("10.0.0.0/8", "private use, RFC 1918"),
        Of("100.64.0.0/10", "shared by carriers, RFC 6598"),
        Of("127.0.0.0/8", "loopback, RFC 1122"),
        Of("169.254.0.0/16", "link local, RFC 3927"),
        Of("172.16.0.0/12", "private use, RFC 1918"),
        Of("192.0.0.0/24", "protocol assignments, RFC 6890"),
        Of("192.0.2.0/24", "documentation, RFC 5737"),
        Of("192.88.99.0/24", "relays of 6to4, RFC 7526"),
        Of("192.168.0.0/16", "private use, RFC 1918"),
        Of("198.18.0.0/15", "benchmarks, RFC 2544"),
        Of("198.51.100.0/24", "documentation, RFC 5737"),
        Of("203.0.113.0/24", "documentation, RFC 5737"),
        Of("224.0.0.0/4", "multicast, RFC 1112"),
        Of("240.0.0.0/4", "reserved, and broadcast, RFC 1112"),
        Of("::/96", "unspecified, loopback and IPv4-compatible, RFC 4291"),
        Of("64:ff9b::/96", "translated to IPv4, RFC 6052"),
        Of("64:ff9b:1::/48", "translated to IPv4 within a network, RFC 8215"),
        Of("100::/64", "discarded, RFC 6666"),
        Of("100:0:0:1::/64", "dummy prefix, RFC 9780"),
        Of("2001::/23", "protocol assignments, Teredo among them, RFC 2928"),
        Of("2001:db8::/32", "documentation, RFC 3849"),
        Of("2002::/16", "6to4, RFC 3056"),
        Of("3fff::/20", "documentation, RFC 9637"),
        Of("5f00::/16", "segment routing, RFC 9602"),
        Of("fc00::/7", "unique local, RFC 4193"),
        Of("fe80::/10", "link local, RFC 4291"),
        Of("fec0::/10", "site local, RFC 3879"),
        Of("ff00::/8", "multicast, RFC 4291"),
    ];

    private static (IPNetwork, string) Of(string network, string why) => (IPNetwork.Parse(network), why);
}

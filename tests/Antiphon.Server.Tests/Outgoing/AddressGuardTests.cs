using System.Net;
using System.Numerics;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Tests.Outgoing;

public sealed class AddressGuardTests
{
    public static TheoryData<string> Networks => [.. ClosedNetworks.All.Select(closed => closed.Network.ToString())];

    [Theory]
    [MemberData(nameof(Networks))]
    public void A_closed_network_is_closed_from_its_first_address_to_its_last(string network)
    {
        var closed = IPNetwork.Parse(network);
        var (first, last) = Ends(closed);
        Assert.False(AddressGuard.IsPublic(first));
        Assert.False(AddressGuard.IsPublic(last));
    }

    /// <summary>
    /// Not globally reachable by IANA's registries of special-purpose addresses, and what carries such an address
    /// within.
    /// </summary>
    [Theory]
    [InlineData("127.255.1.1")]
    [InlineData("169.254.169.254")]
    [InlineData("172.31.255.255")]
    [InlineData("192.88.99.1")]
    [InlineData("255.255.255.255")]
    [InlineData("::")]
    [InlineData("::1")]
    [InlineData("::7f00:1")]
    [InlineData("::ffff:127.0.0.1")]
    [InlineData("::ffff:10.0.0.1")]
    [InlineData("64:ff9b::7f00:1")]
    [InlineData("64:ff9b:1::a00:1")]
    [InlineData("100::1")]
    [InlineData("2001::1")]
    [InlineData("2001:0:4136:e378:8000:63bf:3fff:fdd2")]
    [InlineData("2001:2::1")]
    [InlineData("2001:10::1")]
    [InlineData("2001:db8::1")]
    [InlineData("2002:7f00:1::")]
    [InlineData("3fff::1")]
    [InlineData("5f00::1")]
    [InlineData("fc00::1")]
    [InlineData("fd12:3456::1")]
    [InlineData("fe80::1")]
    [InlineData("fec0::1")]
    [InlineData("ff02::1")]
    public void An_address_that_leads_inward_is_not_visited(string address) =>
        Assert.False(AddressGuard.IsPublic(IPAddress.Parse(address)));

    [Theory]
    [InlineData("93.184.216.34")]
    [InlineData("172.32.0.1")]
    [InlineData("192.0.1.1")]
    [InlineData("2606:2800:220:1::1")]
    [InlineData("2001:4860:4860::8888")]
    [InlineData("2a00::1")]
    public void An_address_of_the_public_is_visited(string address) =>
        Assert.True(AddressGuard.IsPublic(IPAddress.Parse(address)));

    private static (IPAddress First, IPAddress Last) Ends(IPNetwork network)
    {
        var first = network.BaseAddress.GetAddressBytes();
        var whole = (BigInteger.One << ((first.Length * 8) - network.PrefixLength)) - 1;
        var last = (new BigInteger(first, isUnsigned: true, isBigEndian: true) | whole).ToByteArray(
            isUnsigned: true,
            isBigEndian: true
        );
        return (network.BaseAddress, new IPAddress([.. new byte[first.Length - last.Length], .. last]));
    }
}

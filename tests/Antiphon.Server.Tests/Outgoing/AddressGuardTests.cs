using System.Net;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Tests.Outgoing;

public sealed class AddressGuardTests
{
    [Theory]
    [InlineData("93.184.216.34", true)]
    [InlineData("2606:2800:220:1::1", true)]
    [InlineData("127.0.0.1", false)]
    [InlineData("127.255.1.1", false)]
    [InlineData("0.0.0.0", false)]
    [InlineData("10.1.2.3", false)]
    [InlineData("100.64.0.1", false)]
    [InlineData("169.254.169.254", false)]
    [InlineData("172.16.0.1", false)]
    [InlineData("172.31.255.255", false)]
    [InlineData("172.32.0.1", true)]
    [InlineData("192.168.1.1", false)]
    [InlineData("198.18.0.1", false)]
    [InlineData("224.0.0.1", false)]
    [InlineData("255.255.255.255", false)]
    [InlineData("::1", false)]
    [InlineData("::", false)]
    [InlineData("fc00::1", false)]
    [InlineData("fe80::1", false)]
    [InlineData("ff02::1", false)]
    [InlineData("::ffff:127.0.0.1", false)]
    [InlineData("::ffff:10.0.0.1", false)]
    [InlineData("64:ff9b::7f00:1", false)]
    public void Only_public_addresses_are_visited(string address, bool isPublic) => Assert.Equal(isPublic, AddressGuard.IsPublic(IPAddress.Parse(address)));
}

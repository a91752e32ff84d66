using System.Text;
using Antiphon.Core.Feeds.Hub;

namespace Antiphon.Core.Tests.Feeds.Hub;

public sealed class HubSignatureTests
{
    private static readonly byte[] Body = Encoding.UTF8.GetBytes("what do ya want for nothing?");

    // Test case 2 of RFC 2202 and RFC 4231.
    [Theory]
    [InlineData("sha1=effcdf6ae5eb2fa2d27416d5f184df9c259a7c79", true)]
    [InlineData("sha256=5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843", true)]
    [InlineData("SHA256=5BDCC146BF60754E6A042426089575C75A003F089D2739839DEC58B964EC3843", true)]
    [InlineData("sha256=5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3844", false)]
    [InlineData("md5=750c783e6ab0b503eaa86e310a5db738", false)]
    [InlineData("sha256", false)]
    [InlineData("", false)]
    [InlineData(null, false)]
    public void Only_a_signature_that_fits_is_taken(string? header, bool fits) =>
        Assert.Equal(fits, HubSignature.Fits(header, Body, "Jefe"));

    [Fact]
    public void What_we_sign_fits() => Assert.True(HubSignature.Fits(HubSignature.Of(Body, "secret"), Body, "secret"));
}

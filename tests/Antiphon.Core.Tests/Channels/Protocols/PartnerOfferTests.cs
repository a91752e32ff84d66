using System.Text;
using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Tests.Html;

namespace Antiphon.Core.Tests.Channels.Protocols;

/// <summary>Whatever address of a partner is given, the way it takes posts is found from there.</summary>
public sealed class PartnerOfferTests
{
    private static readonly Uri Address = new("https://parish.example/news/");
    private const string Service =
        "<service xmlns='http://www.w3.org/2007/app'><workspace><collection href='posts'/></workspace></service>";
    private const string Both =
        "<link rel=service type='application/atomsvc+xml' href=/atom/service><link rel=micropub href=../micropub>";

    [Theory]
    [InlineData(Both, true, null, PartnerProtocol.Micropub, "https://parish.example/micropub")]
    [InlineData(
        "<link rel=service type='application/atomsvc+xml' href=/atom/service>",
        true,
        null,
        PartnerProtocol.AtomPub,
        "https://parish.example/atom/service"
    )]
    [InlineData(
        "<p>Nothing</p>",
        true,
        "<https://takes.example/mp>; rel=\"micropub\"",
        PartnerProtocol.Micropub,
        "https://takes.example/mp"
    )]
    [InlineData(Service, false, null, PartnerProtocol.AtomPub, "https://parish.example/news/posts")]
    public void An_offer_is_found(string body, bool isPage, string? link, PartnerProtocol protocol, string address) =>
        Assert.Equal(
            new PartnerOffer(protocol, new Uri(address)),
            PartnerOffer.Of(
                link is null ? null : [link],
                Encoding.UTF8.GetBytes(body),
                isPage ? TestPage.Of(body) : null,
                Address
            )
        );

    [Theory]
    [InlineData("<p>Nothing</p>", true)]
    [InlineData("<link rel=micropub href='javascript:x'>", true)]
    [InlineData("<link rel=service type='text/html' href=/about>", true)]
    [InlineData("{}", false)]
    public void Otherwise_there_is_none(string body, bool isPage) =>
        Assert.Null(PartnerOffer.Of(null, Encoding.UTF8.GetBytes(body), isPage ? TestPage.Of(body) : null, Address));
}

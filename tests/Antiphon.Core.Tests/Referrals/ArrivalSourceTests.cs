using Antiphon.Core.Referrals;

namespace Antiphon.Core.Tests.Referrals;

/// <summary>What brought a reader, from what their link and browser tell.</summary>
public sealed class ArrivalSourceTests
{
    private static readonly string[] Own = ["quillmoor.example", "antiphon.example"];

    [Theory]
    [InlineData("lantern", null, ArrivalKind.Link, "lantern")]
    [InlineData(" Lantern ", "https://quillmoor.example/", ArrivalKind.Link, "lantern")]
    [InlineData("<script>alert(1)</script>", null, ArrivalKind.Link, "scriptalert1script")]
    [InlineData("<>", "https://tarn.example/a", ArrivalKind.Page, "tarn.example")]
    [InlineData(null, "https://www.Tarn.example/a?b=c", ArrivalKind.Page, "tarn.example")]
    [InlineData(null, "tarn.example", ArrivalKind.Page, "tarn.example")]
    [InlineData(null, null, ArrivalKind.Direct, "")]
    [InlineData("", " ", ArrivalKind.Direct, "")]
    [InlineData(null, "no address at all", ArrivalKind.Direct, "")]
    public void The_link_says_it_first_then_the_page_before(
        string? campaign,
        string? referrer,
        ArrivalKind kind,
        string name
    ) => Assert.Equal(new ArrivalSource(kind, name), ArrivalSource.Of(campaign, referrer, Own));

    [Theory]
    [InlineData("https://quillmoor.example/visit")]
    [InlineData("https://www.Quillmoor.example/")]
    [InlineData("antiphon.example")]
    public void Who_turns_a_page_within_the_site_did_not_come(string referrer) =>
        Assert.Null(ArrivalSource.Of(null, referrer, Own));

    [Fact]
    public void A_made_up_source_is_no_longer_than_a_name() =>
        Assert.Equal(60, ArrivalSource.Of(new string('a', 5000), null, Own)!.Name.Length);

    [Theory]
    [InlineData("", true)]
    [InlineData(null, true)]
    [InlineData("Quarrybot/2.0 (+https://quarry.example/bot)", true)]
    [InlineData("curl/8.5", true)]
    [InlineData("Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101", false)]
    public void Programs_are_not_counted(string? name, bool isProgram) =>
        Assert.Equal(isProgram, ArrivalSource.IsProgram(name));
}

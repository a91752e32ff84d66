using Antiphon.Core.Mentions;

namespace Antiphon.Core.Tests.Mentions;

public sealed class PingbackCallTests
{
    private static readonly PingbackCall Call = new(
        "https://tarnlane.example/7?a=1&b=<2>",
        "https://log.quillmoor.example/posts/abc"
    );

    [Fact]
    public void What_is_written_is_read_again() => Assert.Equal(Call, PingbackCall.Read(Call.Write()));

    [Fact]
    public void A_value_may_stand_without_its_type() =>
        Assert.Equal(
            new PingbackCall("a", "b"),
            PingbackCall.Read(
                "<methodCall><methodName>pingback.ping</methodName><params><param><value>a</value></param><param><value> b </value></param></params></methodCall>"
            )
        );

    [Theory]
    [InlineData(
        "<methodCall><methodName>system.multicall</methodName><params><param><value>a</value></param><param><value>b</value></param></params></methodCall>"
    )]
    [InlineData(
        "<methodCall><methodName>pingback.ping</methodName><params><param><value>a</value></param></params></methodCall>"
    )]
    [InlineData(
        "<!DOCTYPE x [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;'>]><methodCall><methodName>pingback.ping</methodName><params><param><value>&b;</value></param><param><value>b</value></param></params></methodCall>"
    )]
    [InlineData("<methodCall><methodName>pingback.ping</methodName>")]
    [InlineData("no xml")]
    [InlineData("")]
    public void Nothing_else_is_a_call(string xml) => Assert.Null(PingbackCall.Read(xml));

    [Fact]
    public void A_call_of_more_than_anybody_writes_is_not_read() =>
        Assert.Null(PingbackCall.Read(new PingbackCall(new string('x', PingbackCall.MostCharacters), "b").Write()));

    [Fact]
    public void A_refusal_is_told_from_an_answer()
    {
        Assert.Equal(
            "No such <post>.",
            PingbackCall.FaultIn(PingbackCall.Refused(PingbackFault.NoTarget, "No such <post>."))
        );
        Assert.Contains("<int>32</int>", PingbackCall.Refused(PingbackFault.NoTarget, "x"), StringComparison.Ordinal);
        Assert.Null(PingbackCall.FaultIn(PingbackCall.Taken("Thank you.")));
        Assert.NotNull(PingbackCall.FaultIn("<html>"));
    }
}

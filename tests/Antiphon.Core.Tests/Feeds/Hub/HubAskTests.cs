using Antiphon.Core.Feeds.Hub;

namespace Antiphon.Core.Tests.Feeds.Hub;

/// <summary>What is asked of our hub.</summary>
public sealed class HubAskTests
{
    [Theory]
    [InlineData("", 864_000)]
    [InlineData("nonsense", 864_000)]
    [InlineData("-5", 864_000)]
    [InlineData("1", 3600)]
    [InlineData("86400", 86_400)]
    [InlineData("99999999999", 2_592_000)]
    public void A_lease_is_a_wish_within_bounds(string wished, int seconds) =>
        Assert.Equal(seconds, Read(("hub.lease_seconds", wished)).Ask!.Lease.TotalSeconds);

    [Theory]
    [InlineData("hub.mode", "publish")]
    [InlineData("hub.mode", "")]
    [InlineData("hub.callback", "")]
    [InlineData("hub.callback", "ftp://reader.example/")]
    [InlineData("hub.callback", "/reader")]
    [InlineData("hub.topic", "")]
    public void What_is_missing_or_no_address_is_refused_by_name(string field, string value) =>
        Assert.StartsWith(field, Read((field, value)).Problem, StringComparison.Ordinal);

    [Theory]
    [InlineData(199, true)]
    [InlineData(200, false)]
    public void A_secret_is_under_two_hundred_bytes(int length, bool isGood) =>
        Assert.Equal(isGood, Read(("hub.secret", new string('a', length))).Ask is not null);

    [Theory]
    [InlineData(
        "https://reader.example/hub",
        "https://reader.example/hub?hub.mode=subscribe&hub.topic=https%3A%2F%2Flog.example%2Ff.rss&hub.challenge=c1&hub.lease_seconds=864000"
    )]
    [InlineData(
        "https://reader.example/hub?id=7",
        "https://reader.example/hub?id=7&hub.mode=subscribe&hub.topic=https%3A%2F%2Flog.example%2Ff.rss&hub.challenge=c1&hub.lease_seconds=864000"
    )]
    public void The_question_keeps_what_the_callback_asks_already(string callback, string expected) =>
        Assert.Equal(expected, Read(("hub.callback", callback)).Ask!.Question("c1").AbsoluteUri);

    [Fact]
    public void A_message_is_signed_as_its_reader_checks_it() =>
        Assert.Equal(
            "sha256=f7bc83f430538424b13298e6aa6fb143ef4d59a14946175997479dbc2d1a3cd8",
            HubSignature.Of("The quick brown fox jumps over the lazy dog"u8, "key")
        );

    private static (HubAsk? Ask, string? Problem) Read(params (string Name, string Value)[] other)
    {
        var form = new Dictionary<string, string>
        {
            ["hub.mode"] = "subscribe",
            ["hub.callback"] = "https://reader.example/hub",
            ["hub.topic"] = "https://log.example/f.rss",
        };
        foreach (var (name, value) in other)
            form[name] = value;
        return HubAsk.Read(name => form.GetValueOrDefault(name, string.Empty));
    }
}

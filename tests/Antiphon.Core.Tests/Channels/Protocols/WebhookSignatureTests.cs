using Antiphon.Core.Channels.Protocols;

namespace Antiphon.Core.Tests.Channels.Protocols;

public sealed class WebhookSignatureTests
{
    private static readonly DateTimeOffset At = DateTimeOffset.FromUnixTimeSeconds(1_790_000_000);
    private const string Body = "{\"event\":\"post.published\"}";

    [Fact]
    public void What_is_signed_fits_for_five_minutes_either_way()
    {
        var signature = WebhookSignature.Of("id-1", At, Body, "secret");
        bool Fits(int seconds) =>
            WebhookSignature.Fits("id-1", "1790000000", Body, signature, "secret", At.AddSeconds(seconds));
        Assert.Equal([false, true, true, true, false], new[] { -301, -300, 0, 300, 301 }.Select(Fits));
    }

    [Theory]
    [InlineData("id-2", "1790000000", Body, "secret")]
    [InlineData("id-1", "1790000001", Body, "secret")]
    [InlineData("id-1", "1790000000", "{}", "secret")]
    [InlineData("id-1", "1790000000", Body, "other")]
    [InlineData("id-1", "soon", Body, "secret")]
    public void Nothing_else_fits(string id, string time, string body, string secret) =>
        Assert.False(
            WebhookSignature.Fits(id, time, body, WebhookSignature.Of("id-1", At, Body, "secret"), secret, At)
        );

    [Fact]
    public void While_secrets_are_exchanged_both_fit()
    {
        var signature = WebhookSignature.Of("id-1", At, Body, "new", "old");
        Assert.All(new[] { "new", "old" }, secret =>
            Assert.True(WebhookSignature.Fits("id-1", "1790000000", Body, signature, secret, At))
        );
        Assert.False(WebhookSignature.Fits("id-1", "1790000000", Body, signature, "older", At));
    }
}

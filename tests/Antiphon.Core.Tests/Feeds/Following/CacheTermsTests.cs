using Antiphon.Core.Feeds.Following;

namespace Antiphon.Core.Tests.Feeds.Following;

public sealed class CacheTermsTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData("public, max-age=900", 900)]
    [InlineData("Max-Age=\"60\"", 60)]
    [InlineData("no-cache, max-age=900", null)]
    [InlineData("no-store", null)]
    [InlineData("max-age=soon", null)]
    [InlineData(null, null)]
    public void The_age_a_copy_may_have(string? header, int? seconds) =>
        Assert.Equal(seconds, (int?)CacheTerms.MaxAge(header)?.TotalSeconds);

    [Theory]
    [InlineData("120", 120)]
    [InlineData("Tue, 24 Nov 2026 12:10:00 GMT", 600)]
    [InlineData("Tue, 24 Nov 2026 11:00:00 GMT", null)]
    [InlineData("later", null)]
    [InlineData(null, null)]
    public void How_long_to_wait(string? header, int? seconds) =>
        Assert.Equal(seconds, (int?)CacheTerms.RetryAfter(header, Now)?.TotalSeconds);
}

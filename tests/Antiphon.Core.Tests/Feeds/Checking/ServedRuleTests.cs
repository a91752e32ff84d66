using System.Text;
using Antiphon.Core.Feeds.Checking;

namespace Antiphon.Core.Tests.Feeds.Checking;

public sealed class ServedRuleTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);
    private static readonly Uri Secure = new("https://moor.example/feed");
    private static readonly Uri Plain = new("http://moor.example/feed");
    private static readonly ServedStep Step = new(Secure, true);

    private static readonly ServedFacts Good = new(Secure, Secure)
    {
        HasValidator = true,
        HeedsValidator = true,
        IsCompressed = true,
        IsOpenToPages = true,
        ForbidsKeeping = false,
        IsNamedByPage = true,
        Took = TimeSpan.FromSeconds(1),
    };

    public static TheoryData<string, ServedFacts> Faults =>
        new()
        {
            { "", Good },
            { "", new ServedFacts(Secure, Secure) },
            { "", Good with { Asked = new Uri("http://127.0.0.1/feed"), Answered = new Uri("http://127.0.0.1/feed") } },
            { "http-moved", Good with { Steps = [Step] } },
            { "", Good with { Steps = [Step with { IsPermanent = false }] } },
            { "http-many-redirects", Good with { Steps = [Step, Step with { IsPermanent = false }, Step] } },
            { "http-loses-security http-insecure", Good with { Answered = Plain } },
            { "http-insecure", Good with { Asked = Plain, Answered = Plain } },
            { "http-no-validator", Good with { HasValidator = false, HeedsValidator = null } },
            { "http-validator-ignored", Good with { HeedsValidator = false } },
            { "http-not-to-be-kept", Good with { ForbidsKeeping = true } },
            { "http-not-compressed", Good with { IsCompressed = false } },
            { "http-closed-to-pages", Good with { IsOpenToPages = false } },
            { "http-slow", Good with { Took = TimeSpan.FromSeconds(6) } },
            { "http-not-named-by-page", Good with { IsNamedByPage = false } },
        };

    [Theory]
    [MemberData(nameof(Faults))]
    public void How_a_feed_is_served_is_checked(string rules, ServedFacts served) =>
        Assert.Equal(rules.Split(' ', StringSplitOptions.RemoveEmptyEntries).Order(), Rules(served, "https").Order());

    [Fact]
    public void An_insecure_file_in_a_secure_feed_is_told() =>
        Assert.Equal(["http-mixed-content"], Rules(Good, "http"));

    private static IEnumerable<string> Rules(ServedFacts served, string files)
    {
        var feed =
            $"<rss version=\"2.0\"><channel><title>Moor</title><link>https://moor.example/</link><description>d</description><item><title>a</title><guid isPermaLink=\"false\">1</guid><description>{new string('x', 5000)}</description><enclosure url=\"{files}://moor.example/a.ogg\" length=\"1\" type=\"audio/ogg\"/></item></channel></rss>";
        return FeedCheck
            .Run(Encoding.UTF8.GetBytes(feed), new FeedCheckOptions(Now, Served: served))
            .Findings.Select(finding => finding.Rule.Id)
            .Where(id => id.StartsWith("http-", StringComparison.Ordinal));
    }
}

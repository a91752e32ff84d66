using System.Globalization;
using System.Text;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using Antiphon.Core.Tests.Feeds.Checking.Cases;

namespace Antiphon.Core.Tests.Feeds.Checking;

/// <summary>
/// Every rule speaks where it should, says little else of the same slip, and is silent about what the standards allow.
/// </summary>
public sealed class EveryRuleTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    private static readonly Dictionary<string, Spoilt> Spoilt = Numbered(
        RuleCases.All.Select(one => (one.Id, one.Case))
    );
    private static readonly Dictionary<string, Spoilt> Odd = Numbered(LegalCases.All);
    private static readonly Dictionary<string, Spoilt> Near = Numbered(NearMisses.All);
    private static readonly Dictionary<string, (byte[] Bytes, string? Type)> Served = Numbered(
        EncodingCases.All.Select(one => (one.Id, (one.Bytes, one.Type)))
    );

    public static TheoryData<string> Cases => [.. Spoilt.Keys];

    public static TheoryData<string> LegalNames => [.. Odd.Keys];

    public static TheoryData<string> NearNames => [.. Near.Keys];

    public static TheoryData<string> ServedCases => [.. Served.Keys];

    public static TheoryData<string> LegallyServed => [.. EncodingCases.Legal.Select(one => one.Name)];

    [Theory]
    [InlineData(GoodFeeds.Rss)]
    [InlineData(GoodFeeds.Atom)]
    [InlineData(GoodFeeds.Json)]
    [InlineData(GoodFeeds.Rdf)]
    public void A_good_feed_raises_nothing(string feed) => Assert.Empty(Found(Encoding.UTF8.GetBytes(feed), null));

    [Theory]
    [MemberData(nameof(Cases))]
    public void The_rule_speaks_of_what_was_spoilt(string name) =>
        Assert.Contains(RuleOf(name), Ids(Encoding.UTF8.GetBytes(Spoilt[name].Text), null));

    [Theory]
    [MemberData(nameof(ServedCases))]
    public void The_rule_speaks_of_the_bytes(string name) =>
        Assert.Contains(RuleOf(name), Ids(Served[name].Bytes, Served[name].Type));

    [Theory]
    [MemberData(nameof(LegalNames))]
    public void What_is_allowed_passes(string name) => AssertSilent(Encoding.UTF8.GetBytes(Odd[name].Text), null);

    [Theory]
    [MemberData(nameof(NearNames))]
    public void The_rule_is_silent_about_what_is_nearly_a_slip(string name) =>
        Assert.DoesNotContain(RuleOf(name), Ids(Encoding.UTF8.GetBytes(Near[name].Text), null));

    // A feed that was spoilt in one place was silent before; what a repair corrects is silent after it.
    [Fact]
    public void No_rule_is_without_a_silent_neighbour() =>
        Assert.Equal(
            [],
            RuleCases
                .All.Where(one => one.Case.Good.Length == 0 || one.Case.Bad.Contains(one.Case.Good))
                .Select(one => one.Id)
                .Except(RepairableRules.All)
                .Except(NearMisses.All.Select(one => one.Id))
                .Except(RuleCases.All.Where(one => !one.Case.Bad.Contains(one.Case.Good)).Select(one => one.Id))
        );

    [Theory]
    [MemberData(nameof(LegallyServed))]
    public void Bytes_that_are_what_they_say_pass(string name)
    {
        var (_, bytes, type) = EncodingCases.Legal.Single(one => one.Name == name);
        AssertSilent(bytes, type);
    }

    // Rules about how a feed is served are raised by answers, not by documents.
    [Fact]
    public void No_rule_is_without_a_case() =>
        Assert.Equal(
            RuleCatalogue
                .All.Select(rule => rule.Id)
                .Where(id => !id.StartsWith("http-", StringComparison.Ordinal))
                .Order(StringComparer.Ordinal),
            RuleCases
                .All.Select(one => one.Id)
                .Concat(EncodingCases.All.Select(one => one.Id))
                .Where(id => !id.StartsWith("http-", StringComparison.Ordinal))
                .Distinct()
                .Order(StringComparer.Ordinal)
        );

    // One slip is one finding, or readers of a check do not see which it is.
    [Fact]
    public void A_slip_is_no_shower()
    {
        var more = RuleCases
            .All.Select(one => (one.Id, Found: Found(Encoding.UTF8.GetBytes(one.Case.Text), null)))
            .Select(one =>
                (one.Id, Count: one.Found.Count(finding => finding.Rule.Severity != Severity.Advice) - 1, one.Found)
            )
            .Where(one => one.Count > 0)
            .ToList();
        var share = more.Sum(one => one.Count) / (double)RuleCases.All.Count;
        Assert.True(
            share <= 0.05,
            share.ToString(CultureInfo.InvariantCulture)
                + "\n"
                + string.Join(
                    "\n",
                    more.Select(one => one.Id + ": " + string.Join(' ', one.Found.Select(finding => finding.Rule.Id)))
                )
        );
    }

    private static string RuleOf(string name) => name.Split(' ')[0];

    private static Dictionary<string, T> Numbered<T>(IEnumerable<(string Id, T Case)> cases) =>
        cases
            .GroupBy(one => one.Id)
            .SelectMany(same => same.Select((one, at) => (Name: at == 0 ? one.Id : $"{one.Id} {at + 1}", one.Case)))
            .ToDictionary(one => one.Name, one => one.Case);

    private static void AssertSilent(byte[] bytes, string? type) =>
        Assert.Equal(
            [],
            Found(bytes, type)
                .Where(finding => finding.Rule.Severity != Severity.Advice)
                .Select(finding => $"{finding.Rule.Id}: {finding.Message}")
        );

    private static IEnumerable<string> Ids(byte[] bytes, string? type) =>
        Found(bytes, type).Select(finding => finding.Rule.Id);

    private static IReadOnlyList<Finding> Found(byte[] bytes, string? type)
    {
        var address = bytes.AsSpan().StartsWith("{"u8)
            ? "https://quillmoor.example/feed.json"
            : "https://quillmoor.example/feed";
        return FeedCheck.Run(bytes, new FeedCheckOptions(Now, type, new Uri(address))).Findings;
    }
}

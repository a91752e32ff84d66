using System.Text;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using Antiphon.Core.Tests.Feeds.Checking.Cases;

namespace Antiphon.Core.Tests.Feeds.Repair;

/// <summary>
/// What holds of every repair, over every case of every rule: what is said to be repairable is right afterwards, nothing
/// new is wrong, nothing an author wrote is lost, and repairing twice changes nothing.
/// </summary>
public sealed partial class RepairLawTests
{
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);

    private static readonly Dictionary<string, (string Rule, byte[] Bytes, string? Type)> Spoilt = RuleCases
        .All.Select(one => (one.Id, Bytes: Encoding.UTF8.GetBytes(one.Case.Text), Type: (string?)null))
        .Concat(EncodingCases.All)
        .Select((one, at) => (Name: $"{one.Id} {at}", one))
        .ToDictionary(one => one.Name, one => one.one);

    public static TheoryData<string> Cases => [.. Spoilt.Keys];

    public static TheoryData<string> Legal => [.. LegalCases.All.Select(one => one.Name).Distinct()];

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_repair_keeps_its_laws(string name)
    {
        var (rule, bytes, type) = Spoilt[name];
        var repaired = Repair(bytes, type);
        if (repaired.Text is null)
            return;
        var before = repaired.Before.Findings.Select(finding => finding.Rule.Id).ToHashSet();
        var fresh = repaired.Remaining.Where(finding =>
            finding.Rule.Severity != Severity.Advice && !before.Contains(finding.Rule.Id)
        );
        Assert.Equal([], fresh.Select(finding => $"new: {finding.Rule.Id} {finding.Message}"));
        if (RepairableRules.Contains(rule))
            Assert.Equal(
                [],
                repaired
                    .Remaining.Where(finding => finding.Rule.Id == rule)
                    .Select(finding => $"left: {finding.Message}")
            );
        // Text that was read in the wrong encoding has other words afterwards, and half a character was no word.
        var words = rule is "text-garbled" or "json-half-character" ? [] : Words(repaired.Before.Feed!);
        Assert.Equal([], words.Except(AllWords(repaired.Text)).Select(word => $"lost: {word}"));
        var again = Repair(repaired.Bytes, null);
        Assert.Equal([], again.Changes.Select(change => $"again: {change.Rule} {change.Description}"));
        Assert.Equal(repaired.Text, again.Text);
    }

    [Theory]
    [MemberData(nameof(Legal))]
    public void A_feed_without_errors_comes_back_to_the_byte(string name)
    {
        var bytes = Encoding.UTF8.GetBytes(LegalCases.All.First(one => one.Name == name).Case.Text);
        var repaired = Repair(bytes, null);
        Assert.Equal([], repaired.Changes.Where(change => IsSevere(change.Rule)).Select(change => change.Description));
        if (repaired.Changes.Count == 0)
            Assert.Equal(bytes, repaired.Bytes);
    }

    [Fact]
    public void What_every_case_of_a_rule_is_put_right_of_is_said_to_be_repairable()
    {
        var put = Spoilt
            .Values.GroupBy(one => one.Rule)
            .Where(cases => cases.All(IsPutRight))
            .Select(cases => cases.Key)
            .ToList();
        Assert.Equal([], put.Except(RepairableRules.All).Select(rule => $"repaired, not said: {rule}"));
        Assert.Equal([], RepairableRules.All.Except(put).Select(rule => $"said, not repaired: {rule}"));
    }

    private static bool IsPutRight((string Rule, byte[] Bytes, string? Type) one)
    {
        var repaired = Repair(one.Bytes, one.Type);
        return repaired.Text is not null
            && repaired.Remaining.All(finding => finding.Rule.Id != one.Rule)
            && repaired.Changes.Count > 0;
    }

    private static bool IsSevere(string rule) =>
        RuleCatalogue.All.First(known => known.Id == rule).Severity != Severity.Advice;

    private static RepairResult Repair(byte[] bytes, string? type)
    {
        var address =
            bytes.AsSpan().IndexOf("jsonfeed.org"u8) >= 0
                ? "https://quillmoor.example/feed.json"
                : "https://quillmoor.example/feed";
        return FeedRepair.Run(bytes, new FeedCheckOptions(Now, type, new Uri(address)));
    }

    // What an author wrote: titles, texts, names and where they lead.
    private static IEnumerable<string> Words(Feed feed) =>
        feed
            .Items.SelectMany(item =>
                new[] { item.Title, item.Summary, item.ContentHtml }
                    .Concat(item.Authors.Select(author => author.Name))
                    .Concat(item.Categories)
            )
            .Concat([feed.Title, feed.Description, feed.Copyright])
            .Concat(feed.Authors.Select(author => author.Name))
            .OfType<string>()
            .SelectMany(text => Word().Matches(Tag().Replace(text, " ")).Select(word => word.Value))
            .Where(word => word != "amp" && word != "CDATA")
            .Distinct();

    private static HashSet<string> AllWords(string text) =>
        Word().Matches(Escape().Replace(text, " ")).Select(word => word.Value).ToHashSet();

    [GeneratedRegex(@"[\p{L}\p{N}]{3,}")]
    private static partial Regex Word();

    [GeneratedRegex("<[^<>]*>|&(?:[a-z]+|#x?[0-9A-Fa-f]+);")]
    private static partial Regex Tag();

    [GeneratedRegex(@"\\[nrt]|\\u[0-9a-fA-F]{4}")]
    private static partial Regex Escape();
}

using System.Text;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Findings;
using Antiphon.Core.Tests.Feeds.Checking.Cases;

namespace Antiphon.Core.Tests.Feeds.Repair;

/// <summary>
/// Good feeds damaged at random, one to four times: what a repair gives is well-formed, has no error that was not there
/// before, and repairing it again changes nothing. ANTIPHON_DAMAGES says how many,
/// ANTIPHON_DAMAGED which (seeds with commas between).
/// </summary>
public sealed class DamageTests
{
    private const int FewDamages = 1500;

    // Seeds that once broke a law.
    private static readonly int[] Found = [1669, 32004, 32759, 40523, 65836, 77348, 84132, 89991];
    private static readonly DateTimeOffset Now = new(2026, 11, 24, 12, 0, 0, TimeSpan.Zero);
    private static readonly string[] Feeds = [GoodFeeds.Rss, GoodFeeds.Atom, GoodFeeds.Json, GoodFeeds.Rdf];

    private static readonly string[] Scraps =
    [
        "<",
        ">",
        "&",
        "\"",
        "</item>",
        "<b>",
        "]]>",
        "&nbsp;",
        "<!--",
        "\u0001",
        "é",
        " xmlns=\"\"",
        "/",
        "{",
        "}",
        ",",
        "<item>",
        "<title>x</title>",
        "-5",
        "null",
        "  ",
        "<link/>",
    ];

    [Fact]
    public void A_damaged_feed_is_repaired_by_the_same_laws()
    {
        var seeds = Environment.GetEnvironmentVariable("ANTIPHON_DAMAGED")?.Split(',').Select(int.Parse);
        var count = int.TryParse(Environment.GetEnvironmentVariable("ANTIPHON_DAMAGES"), out var asked)
            ? asked
            : FewDamages;
        var broken = (seeds ?? Found.Concat(Enumerable.Range(0, count)))
            .AsParallel()
            .Select(Broken)
            .OfType<string>()
            .Take(200)
            .ToList();
        Assert.True(broken.Count == 0, string.Join('\n', broken));
    }

    private static string? Broken(int seed)
    {
        var random = new Random(seed);
        var text = new StringBuilder(Feeds[seed % Feeds.Length]);
        for (var times = random.Next(1, 5); times > 0; times--)
            Damage(text, random);
        var repaired = Repair(text.ToString());
        if (repaired.Text is null)
            return null;
        var before = repaired.Before.Findings.Select(finding => finding.Rule.Id).ToHashSet();
        var fresh = repaired.Remaining.FirstOrDefault(finding =>
            finding.Rule.Severity == Severity.Error
            && !before.Contains(finding.Rule.Id)
            && !StoodThere(finding, text.ToString(), repaired.Before)
        );
        if (
            repaired.Remaining.Any(finding =>
                finding.Rule == DocumentRules.NotWellFormed || finding.Rule == DocumentRules.JsonNotWellFormed
            )
        )
            return $"{seed}: not well-formed";
        // What stood behind a break was not seen before.
        if (fresh is not null && !repaired.Before.Findings.Any(finding => MendRules.IsBreak(finding.Rule)))
            return $"{seed}: new {fresh.Rule.Id} {fresh.Message}";
        var again = Repair(repaired.Text);
        return again.Changes.Count == 0
            ? null
            : $"{seed}: again {again.Changes[0].Rule} {again.Changes[0].Description}";
    }

    // A value that cannot be read is told once the element around it is put right: it was there to the letter, or had
    // elements in it.
    private static bool StoodThere(Finding finding, string damaged, FeedCheckResult before) =>
        finding.Path is { } path
            && before.Findings.Any(other =>
                IsMarkup(other.Rule) && other.Path?.StartsWith(path + "/", StringComparison.Ordinal) == true
            )
        || finding
            .Arguments.Select(value =>
                Regex.Escape(value.TrimEnd('…')).Replace(@"\ ", @"\s+", StringComparison.Ordinal)
            )
            .Any(value => value.Length > 0 && Regex.IsMatch(damaged, $@"(>\s*|""){value}"));

    private static bool IsMarkup(CheckRule rule) =>
        rule.Id.EndsWith("markup-not-escaped", StringComparison.Ordinal) || rule.Id == "atom-child-in-text";

    private static void Damage(StringBuilder text, Random random)
    {
        var at = random.Next(text.Length - 1);
        switch (random.Next(4))
        {
            case 0:
                text.Remove(at, Math.Min(random.Next(1, 12), text.Length - at));
                break;
            case 1:
                text.Insert(at, Scraps[random.Next(Scraps.Length)]);
                break;
            case 2:
                text[at] = (char)random.Next(' ', '~');
                break;
            default:
                var piece = text.ToString(at, Math.Min(random.Next(5, 60), text.Length - at));
                text.Insert(random.Next(text.Length), piece);
                break;
        }
    }

    private static RepairResult Repair(string text) =>
        FeedRepair.Run(
            Encoding.UTF8.GetBytes(text),
            new FeedCheckOptions(
                Now,
                null,
                new Uri(
                    text.Contains("jsonfeed.org", StringComparison.Ordinal)
                        ? "https://quillmoor.example/feed.json"
                        : "https://quillmoor.example/feed"
                )
            )
        );
}

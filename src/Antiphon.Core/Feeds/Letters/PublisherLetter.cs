using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Letters;

/// <summary>
/// A letter to whoever publishes a faulty feed: what is wrong in plain words, where, what to write instead. A draft for
/// somebody to read, change and send.
/// </summary>
/// <param name="Subject">Subject of the mail.</param>
/// <param name="Body">Plain text, its lines ended by a line feed.</param>
public sealed record PublisherLetter(string Subject, string Body)
{
    /// <summary>Most rules told one by one; a letter longer than that is not read.</summary>
    public const int MostRules = 10;

    private const int MostLines = 3;

    /// <summary>Writes a letter from what was found; null when there is nothing a publisher has to change.</summary>
    /// <param name="feed">The feed with its findings.</param>
    /// <param name="title">Title of the feed; null for its address alone.</param>
    /// <param name="repairable">Findings that a corrected copy puts right.</param>
    /// <param name="words">Words of the letter.</param>
    /// <param name="texts">What the rules say, in the same language.</param>
    public static PublisherLetter? Of(
        CheckedFeed feed,
        string? title,
        int repairable,
        LetterWords words,
        RuleTexts texts
    )
    {
        var rules = feed
            .Findings.Where(finding => finding.Rule.Severity != Severity.Advice)
            .GroupBy(finding => finding.Rule)
            .OrderBy(rule => rule.Key.Severity)
            .ThenBy(rule => rule.Key.ReadersCope)
            .ToList();
        if (rules.Count == 0)
            return null;
        var told = rules.Take(MostRules).Select((rule, number) => Told([.. rule], number + 1, words, texts));
        string?[] parts =
        [
            words.Greeting,
            words.Opening(title, feed.Name, Count(feed, Severity.Error), Count(feed, Severity.Warning)),
            words.ToChange,
            .. told,
            rules.Count > MostRules ? words.More(rules.Count - MostRules) : null,
            repairable > 0 ? words.Offer(repairable == feed.Findings.Count) : null,
            words.Ending,
        ];
        return new PublisherLetter(
            words.Subject(title ?? feed.Name),
            string.Join("\n\n", parts.Where(part => part is not null)) + "\n"
        );
    }

    private static string Told(List<Finding> findings, int number, LetterWords words, RuleTexts texts)
    {
        var (message, fix) = texts.Of(findings[0]);
        var lines = findings.Select(finding => finding.Line).OfType<int>().Distinct().ToList();
        var place = lines.Count == 0 ? string.Empty : $" ({words.Lines([.. lines.Take(MostLines)], lines.Count)})";
        var clause = findings[0].Rule.Reference is { Length: > 0 } reference ? $" ({reference})" : string.Empty;
        return $"{number}. {message.TrimEnd('.')}{place}.\n   {fix}{clause}";
    }

    private static int Count(CheckedFeed feed, Severity severity) =>
        feed.Findings.Count(finding => finding.Rule.Severity == severity);
}

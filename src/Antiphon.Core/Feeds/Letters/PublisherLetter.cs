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
        var slips = Slip.In(feed.Findings.Where(finding => finding.Rule.Severity != Severity.Advice))
            .OrderBy(slip => slip.Rule.Severity)
            .ThenBy(slip => slip.Rule.ReadersCope)
            .ToList();
        if (slips.Count == 0)
            return null;
        var told = slips.Take(MostRules).Select((slip, number) => Told(slip.Findings, number + 1, words, texts));
        var counts = SeverityCounts.Of(feed.Findings);
        string?[] parts =
        [
            words.Greeting,
            words.Opening(title, feed.Name, counts.Errors, counts.Warnings),
            words.ToChange,
            .. told,
            slips.Count > MostRules ? words.More(slips.Count - MostRules) : null,
            repairable > 0 ? words.Offer(repairable == feed.Findings.Count) : null,
            words.Ending,
        ];
        return new PublisherLetter(
            words.Subject(title ?? feed.Name),
            string.Join("\n\n", parts.Where(part => part is not null)) + "\n"
        );
    }

    private static string Told(IReadOnlyList<Finding> findings, int number, LetterWords words, RuleTexts texts)
    {
        var (message, fix) = texts.Of(findings[0]);
        var lines = findings.Select(finding => finding.Line).OfType<int>().Distinct().ToList();
        var place = lines.Count == 0 ? string.Empty : $" ({words.Lines([.. lines.Take(MostLines)], lines.Count)})";
        var clause = findings[0].Rule.Reference is { Length: > 0 } reference ? $" ({reference})" : string.Empty;
        return $"{number}. {message.TrimEnd('.')}{place}.\n   {fix}{clause}";
    }
}

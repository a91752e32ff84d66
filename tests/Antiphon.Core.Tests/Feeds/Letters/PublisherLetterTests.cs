using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Letters;
using Antiphon.Core.Feeds.Reports;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Tests.Feeds.Letters;

/// <summary>Letters to the publishers of faulty feeds.</summary>
public sealed class PublisherLetterTests
{
    private const string Address = "https://walkers.example/feed.xml";

    public static TheoryData<string> Languages => ["en", "de"];

    [Theory]
    [MemberData(nameof(Languages))]
    public void Every_rule_can_be_told_in_a_letter(string language)
    {
        foreach (var rule in RuleCatalogue.All.Where(rule => rule.Severity != Severity.Advice))
        {
            var letter = Letter(language, [Broken(rule, 12)])!;
            Assert.DoesNotContain("{", letter.Body, StringComparison.Ordinal);
            Assert.DoesNotContain("..", letter.Body, StringComparison.Ordinal);
            Assert.Contains("12", letter.Body, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("en", "one error and 2 warnings")]
    [InlineData("de", "einen Fehler und 2 Warnungen")]
    public void What_was_found_is_counted(string language, string words)
    {
        var (error, warning) = (Rule(Severity.Error), Rule(Severity.Warning));
        Assert.Contains(
            words,
            Letter(language, [Broken(error, 1), Broken(warning, 2), Broken(warning, 3)])!.Body,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void The_same_slip_in_many_places_is_told_once_with_the_first_of_them()
    {
        var rule = Rule(Severity.Error);
        var letter = Letter("en", [.. Enumerable.Range(1, 40).Select(line => Broken(rule, line))])!;
        Assert.Contains("lines 1, 2, 3 and 37 more", letter.Body, StringComparison.Ordinal);
        Assert.DoesNotContain("\n2. ", letter.Body, StringComparison.Ordinal);
    }

    [Fact]
    public void Errors_come_before_warnings_and_a_long_list_is_cut_with_a_word()
    {
        var rules = RuleCatalogue.All.Where(rule => rule.Severity != Severity.Advice).Take(14).Reverse().ToList();
        var letter = Letter("en", [.. rules.Select((rule, line) => Broken(rule, line + 1))])!;
        Assert.Contains("4 more things", letter.Body, StringComparison.Ordinal);
        Assert.Contains("\n\n10. ", letter.Body, StringComparison.Ordinal);
        Assert.DoesNotContain("\n\n11. ", letter.Body, StringComparison.Ordinal);
    }

    [Fact]
    public void The_corrected_copy_is_offered_as_far_as_it_goes()
    {
        var rule = Rule(Severity.Error);
        Assert.Contains("All of it", Letter("en", [Broken(rule, 1)], repairable: 1)!.Body, StringComparison.Ordinal);
        Assert.Contains(
            "Part of it",
            Letter("en", [Broken(rule, 1), Broken(rule, 2)], repairable: 1)!.Body,
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("corrected file", Letter("en", [Broken(rule, 1)])!.Body, StringComparison.Ordinal);
    }

    [Fact]
    public void Nobody_is_written_to_about_advice() =>
        Assert.Null(Letter("en", [Broken(Rule(Severity.Advice), 1)], repairable: 1));

    private static CheckRule Rule(Severity severity) => RuleCatalogue.All.First(rule => rule.Severity == severity);

    private static Finding Broken(CheckRule rule, int line) => Finding.At(rule, line, 1, "one", "two", "three", "four");

    private static PublisherLetter? Letter(string language, Finding[] findings, int repairable = 0) =>
        PublisherLetter.Of(
            new CheckedFeed(Address, Verdict.Invalid, findings),
            "Heather & Hob Walkers",
            repairable,
            LetterWords.For(language),
            RuleTexts.For(language)
        );
}

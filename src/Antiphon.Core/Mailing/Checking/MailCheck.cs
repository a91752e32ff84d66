using System.Globalization;
using System.Text;
using AngleSharp.Html.Dom;
using Antiphon.Core.Findings;
using Antiphon.Core.Html;
using Antiphon.Core.Mailing.Drawing;
using Antiphon.Core.Text;

namespace Antiphon.Core.Mailing.Checking;

/// <summary>Looks a digest over before it goes out.</summary>
public static class MailCheck
{
    private const int MostKilobytes = 100;
    private const int LongSubject = 70;
    private const int FewestWords = 20;
    private const int LongestQuote = 60;

    /// <summary>What was found, what matters most first; empty for a mail with nothing to mend.</summary>
    public static IReadOnlyList<Finding> Run(ComposedDigest mail)
    {
        var findings = new List<Finding>();
        void Report(CheckRule rule, string field, params string[] arguments) =>
            findings.Add(Finding.About(field, rule, arguments));
        if (!mail.Plain.Contains(ComposedDigest.LeaveMark, StringComparison.Ordinal))
            Report(MailRules.LeaveMissing, "closing", "plain-text");
        ExamineSubject(mail.Subject, "subject", Report);
        if (mail.SecondSubject is { } second)
            ExamineSubject(second, "secondSubject", Report);
        foreach (var phrase in SpamPhrases.In(mail.Plain).Take(3))
            Report(MailRules.SpamWords, "posts", $"“{phrase}”");
        if (mail.Html.Length > 0)
            ExamineHtml(mail.Html, Report);
        return [.. findings.OrderBy(finding => finding.Rule.Severity)];
    }

    /// <summary>Addresses its links and pictures lead to, those of the subscriber left out.</summary>
    public static IReadOnlyList<string> Addresses(ComposedDigest mail) =>
        [
            .. HtmlReader
                .ReadOrWords(mail.Html)
                .QuerySelectorAll("a[href], img[src]")
                .Select(element => element.GetAttribute("href") ?? element.GetAttribute("src")!)
                .Where(text => !IsMark(text))
                .Distinct(),
        ];

    private static void ExamineSubject(string subject, string field, Action<CheckRule, string, string[]> report)
    {
        if (subject.Length > LongSubject)
            report(MailRules.SubjectLong, field, [Number(subject.Length)]);
        var letters = subject.Where(char.IsLetter).ToList();
        if (
            (letters.Count > 10 && letters.TrueForAll(char.IsUpper)) || subject.Contains("!!", StringComparison.Ordinal)
        )
            report(MailRules.SubjectShouts, field, [$"“{Shortened.ToLength(subject, LongestQuote)}”"]);
        foreach (var phrase in SpamPhrases.In(subject))
            report(MailRules.SpamWords, field, [$"“{phrase}”"]);
    }

    private static void ExamineHtml(string html, Action<CheckRule, string, string[]> report)
    {
        var body = HtmlReader.BodyOf(html);
        if (!html.Contains(ComposedDigest.LeaveMark, StringComparison.Ordinal))
            report(MailRules.LeaveMissing, "closing", ["HTML"]);
        var kilobytes = Encoding.UTF8.GetByteCount(html) / 1000;
        if (kilobytes >= MostKilobytes)
            report(MailRules.TooLarge, "posts", [Number(kilobytes)]);
        var pictures = body.QuerySelectorAll("img").Where(element => element.GetAttribute("width") != "1").ToList();
        var wordless = pictures.Count(element => string.IsNullOrWhiteSpace(element.GetAttribute("alt")));
        if (wordless > 0)
            report(
                MailRules.PictureWithoutWords,
                "posts",
                [wordless == 1 ? "A picture stands" : $"{Number(wordless)} pictures stand"]
            );
        var words = HtmlText.Of(body.InnerHtml).Split(' ').Length;
        if (pictures.Count > 0 && words < FewestWords * pictures.Count)
            report(MailRules.FewWords, "posts", [Number(words)]);
        var dropped = body.QuerySelectorAll("video, audio, iframe, form, object, embed")
            .Select(element => element.LocalName)
            .Distinct()
            .ToList();
        if (dropped.Count > 0)
            report(MailRules.NotInMail, "posts", [string.Join(", ", dropped)]);
        ExamineLinks(body, report);
    }

    private static void ExamineLinks(IHtmlElement body, Action<CheckRule, string, string[]> report)
    {
        foreach (var link in body.QuerySelectorAll("a[href]"))
        {
            var (address, words) = (link.GetAttribute("href")!, OneLine.Of(link.TextContent));
            if (IsMark(address) || address.StartsWith("mailto:", StringComparison.OrdinalIgnoreCase))
                continue;
            var isWeb = Uri.TryCreate(address, UriKind.Absolute, out var goes) && goes.Scheme is "http" or "https";
            if (!isWeb)
                report(MailRules.LinkLocal, "posts", [Shortened.ToLength(address, LongestQuote)]);
            else if (Named(words) is { } named && !SameHost(named, goes!.Host))
                report(MailRules.LinkDisguised, "posts", [named, goes.Host]);
            else if (goes!.Scheme == "http")
                report(MailRules.LinkInsecure, "posts", [Shortened.ToLength(address, LongestQuote)]);
        }
    }

    // The host that the words of a link name, when they are an address and nothing else.
    private static string? Named(string words)
    {
        if (words.Contains(' ', StringComparison.Ordinal))
            return null;
        var isAddress =
            words.StartsWith("http", StringComparison.OrdinalIgnoreCase)
            || words.StartsWith("www.", StringComparison.OrdinalIgnoreCase);
        return
            isAddress
            && Uri.TryCreate(
                words.Contains("://", StringComparison.Ordinal) ? words : "https://" + words,
                UriKind.Absolute,
                out var read
            )
            ? read.Host
            : null;
    }

    private static bool SameHost(string one, string other) =>
        string.Equals(Bare(one), Bare(other), StringComparison.OrdinalIgnoreCase);

    private static string Bare(string host) =>
        host.StartsWith("www.", StringComparison.OrdinalIgnoreCase) ? host[4..] : host;

    private static bool IsMark(string address) => address is ComposedDigest.LeaveMark or ComposedDigest.ChooseMark;

    private static string Number(int number) => number.ToString(CultureInfo.InvariantCulture);
}

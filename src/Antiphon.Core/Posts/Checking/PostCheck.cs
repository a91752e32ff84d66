using System.Globalization;
using AngleSharp.Dom;
using AngleSharp.Html.Dom;
using Antiphon.Core.Findings;
using Antiphon.Core.Html;
using Antiphon.Core.Text;

namespace Antiphon.Core.Posts.Checking;

/// <summary>Looks a post over before it is published.</summary>
public static class PostCheck
{
    private const int LongTitle = 70;
    private const int LongSlug = 75;
    private const int LongestQuote = 60;

    /// <summary>Text of this length has a start worth being read in place of an excerpt, in characters.</summary>
    private const int ShortText = 240;

    private static readonly HashSet<string> Vague = new(StringComparer.OrdinalIgnoreCase)
    {
        "here",
        "click here",
        "this",
        "link",
        "more",
        "read more",
        "this page",
        "hier",
        "mehr",
        "ici",
    };

    /// <summary>What was found, what matters most first; empty for a post with nothing to mend.</summary>
    public static IReadOnlyList<Finding> Run(PostDraft post)
    {
        var findings = new List<Finding>();
        void Report(CheckRule rule, string field, params string[] arguments) =>
            findings.Add(Finding.About(field, rule, arguments));
        var body = HtmlReader.BodyOf(post.BodyHtml);
        var text = HtmlText.Of(post.BodyHtml);
        ExamineTitle(post, Report);
        if (post.Slug.Length > LongSlug)
            Report(PostRules.SlugLong, "slug", Number(post.Slug.Length));
        if (text.Length == 0 && body.QuerySelector("img, video, audio") is null)
            Report(PostRules.TextMissing, "bodyHtml");
        if (string.IsNullOrWhiteSpace(post.Excerpt) && text.Length > ShortText)
            Report(PostRules.ExcerptMissing, "excerpt");
        if (post.PictureAddress is not null && string.IsNullOrWhiteSpace(post.PictureAlt))
            Report(PostRules.PictureWithoutWords, "pictureAlt");
        if (post.Category is null && post.Tags.Count == 0)
            Report(PostRules.TermsMissing, "category");
        var wordless = body.QuerySelectorAll("img:not([alt])").Length;
        if (wordless > 0)
            Report(
                PostRules.TextPictureWithoutWords,
                "bodyHtml",
                wordless == 1 ? "There is a picture" : $"There are {Number(wordless)} pictures"
            );
        foreach (var prompt in body.QuerySelectorAll("p.prompt"))
            Report(PostRules.PromptLeft, "bodyHtml", Quoted(prompt));
        ExamineHeadings(body, Report);
        ExamineLinks(body, Report);
        return [.. findings.OrderBy(finding => finding.Rule.Severity)];
    }

    private static void ExamineTitle(PostDraft post, Action<CheckRule, string, string[]> report)
    {
        var title = post.Title.Trim();
        if (title.Length == 0)
        {
            report(PostRules.TitleMissing, "title", []);
            return;
        }

        if (title.Length > LongTitle)
            report(PostRules.TitleLong, "title", [Number(title.Length)]);
        if (post.OtherTitles.Contains(title, StringComparer.CurrentCultureIgnoreCase))
            report(PostRules.TitleTwice, "title", []);
        var letters = title.Where(char.IsLetter).ToList();
        if (letters.Count > 10 && letters.TrueForAll(char.IsUpper))
            report(PostRules.TitleShouts, "title", []);
    }

    private static void ExamineHeadings(IHtmlElement body, Action<CheckRule, string, string[]> report)
    {
        // The title above the text is the first order.
        var before = 1;
        foreach (var heading in body.QuerySelectorAll("h1, h2, h3, h4, h5, h6"))
        {
            var (order, words) = (heading.LocalName[1] - '0', Quoted(heading));
            if (words.Length == 0)
                report(PostRules.HeadingEmpty, "bodyHtml", []);
            else if (order == 1)
                report(PostRules.HeadingFirst, "bodyHtml", [words]);
            else if (order > before + 1)
                report(PostRules.HeadingSkips, "bodyHtml", [words]);
            before = order;
        }
    }

    private static void ExamineLinks(IHtmlElement body, Action<CheckRule, string, string[]> report)
    {
        foreach (var link in body.QuerySelectorAll("a[href]"))
        {
            var (address, words) = (Shortened.ToLength(link.GetAttribute("href")!, LongestQuote), Quoted(link));
            if (words.Length == 0 && link.QuerySelector("img[alt]:not([alt=''])") is null)
                report(PostRules.LinkEmpty, "bodyHtml", [address]);
            else if (Vague.Contains(words.TrimEnd('.', '…', '!')))
                report(PostRules.LinkVague, "bodyHtml", [words]);
            if (address.StartsWith("http://", StringComparison.OrdinalIgnoreCase))
                report(PostRules.LinkInsecure, "bodyHtml", [address]);
        }
    }

    private static string Quoted(IElement element) => Shortened.ToLength(OneLine.Of(element.TextContent), LongestQuote);

    private static string Number(int number) => number.ToString(CultureInfo.InvariantCulture);
}

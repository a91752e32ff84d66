using System.Globalization;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking.Rules;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Checking;

/// <summary>Applies the rules about texts, dates and addresses to what was read, so that they are the same for every format.</summary>
internal sealed partial class ContentExaminer(Examination examination)
{
    private const int LongTitle = 300;
    private const int ManyEntries = 500;
    private const int LargeDocument = 2_000_000;
    private static readonly DateTimeOffset FirstFeeds = new(1990, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>Examines the feed as a whole and every entry. Findings have no place in the source: what is read may stand in many ways.</summary>
    public void Examine(Feed feed, Uri? address, int length)
    {
        if (feed.Items.Count > ManyEntries) Report(ContentRules.ManyEntries, feed.Items.Count.ToString(CultureInfo.InvariantCulture));
        if (length > LargeDocument) Report(ContentRules.LargeDocument, ByteCount.InWords(length));
        if (address is not null && feed.FeedLink is { } self && FoldedAddress.Of(self) is { } folded && folded != FoldedAddress.Of(address.AbsoluteUri)) Report(ContentRules.SelfDiffers, self);
        var links = new HashSet<string>(StringComparer.Ordinal);
        foreach (var item in feed.Items) ExamineItem(item, links);
    }

    private void ExamineItem(FeedItem item, HashSet<string> links)
    {
        if (item.Title is { Length: > LongTitle } title) Report(ContentRules.TitleLong, title.Length.ToString(CultureInfo.InvariantCulture));
        if (item.Published < FirstFeeds) Report(ContentRules.DateImplausible, item.Published.Value.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture));
        if (item.Link is { } link)
        {
            if (link.Trim().Contains(' ', StringComparison.Ordinal)) Report(ContentRules.AddressWithSpace, link);
            if (!links.Add(link)) Report(ContentRules.SameAddress, link);
        }

        foreach (var html in new[] { item.Summary, item.ContentHtml }.OfType<string>().Where(html => html.Contains('<', StringComparison.Ordinal))) ExamineHtml(html);
    }

    private void ExamineHtml(string html)
    {
        if (EventAttribute().Match(html) is { Success: true } found) Report(ContentRules.EventAttribute, found.Groups[1].Value.ToLowerInvariant());
        if (ScriptAddress().IsMatch(html)) Report(ContentRules.ScriptAddress);
        if (Pictures().Matches(html).Any(picture => !picture.Value.Contains("alt", StringComparison.OrdinalIgnoreCase))) Report(ContentRules.PictureWithoutWords);
    }

    private void Report(FeedRule rule, params string[] arguments) => examination.Report(Finding.Overall(rule, arguments));

    [GeneratedRegex(@"<[a-zA-Z][^<>]*?\s(on[a-z]{3,20})\s*=", RegexOptions.IgnoreCase, 1000)]
    private static partial Regex EventAttribute();

    [GeneratedRegex(@"(?:href|src)\s*=\s*[""']?\s*(?:javascript|vbscript):", RegexOptions.IgnoreCase, 1000)]
    private static partial Regex ScriptAddress();

    [GeneratedRegex("<img\\b[^>]*>", RegexOptions.IgnoreCase, 1000)]
    private static partial Regex Pictures();
}

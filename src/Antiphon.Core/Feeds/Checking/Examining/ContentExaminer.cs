using System.Globalization;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Rules;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Checking.Examining;

/// <summary>
/// Applies the rules about texts, dates and addresses to what was read, so that they are the same for every format.
/// </summary>
internal sealed partial class ContentExaminer(Examination examination, EntryPlaces places)
{
    private const int LongTitle = 200;
    private const int ManyEntries = 500;
    private const int LargeDocument = 2_000_000;
    private static readonly DateTimeOffset FirstFeeds = new(1990, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <summary>Examines the feed as a whole and every entry.</summary>
    public void Examine(Feed feed, Uri? address, int length)
    {
        if (feed.Items.Count > ManyEntries)
            Report(ContentRules.ManyEntries, null, feed.Items.Count.ToString(CultureInfo.InvariantCulture));
        if (length > LargeDocument)
            Report(ContentRules.LargeDocument, null, ByteCount.InWords(length));
        if (
            address is not null
            && feed.FeedLink is { } self
            && FoldedAddress.Of(self) is { } folded
            && folded != FoldedAddress.Of(address.AbsoluteUri)
        )
            Report(ContentRules.SelfDiffers, null, self);
        var links = new HashSet<string>(StringComparer.Ordinal);
        for (var at = 0; at < feed.Items.Count; at++)
            ExamineItem(feed.Items[at], at, links);
    }

    private void ExamineItem(FeedItem item, int at, HashSet<string> links)
    {
        if (item.Title is { Length: > LongTitle } title)
            Report(ContentRules.TitleLong, places.Title(at), title.Length.ToString(CultureInfo.InvariantCulture));
        if (item.Published < FirstFeeds)
            Report(
                ContentRules.DateImplausible,
                places.Date(at),
                item.Published.Value.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)
            );
        if (item.Link is { } link)
        {
            if (link.Trim().Contains(' ', StringComparison.Ordinal))
                Report(ContentRules.AddressWithSpace, places.Link(at), link);
            if (!links.Add(link))
                Report(ContentRules.SameAddress, places.Link(at), link);
        }

        foreach (
            var html in new[] { item.Summary, item.ContentHtml }
                .OfType<string>()
                .Where(html => html.Contains('<', StringComparison.Ordinal))
        )
            ExamineHtml(html, at);
    }

    private void ExamineHtml(string html, int at)
    {
        if (EventAttribute().Match(html) is { Success: true } found)
            Report(
                ContentRules.EventAttribute,
                places.Text(at, found.Groups[1].Value),
                found.Groups[1].Value.ToLowerInvariant()
            );
        if (ScriptAddress().Match(html) is { Success: true } script)
            Report(ContentRules.ScriptAddress, places.Text(at, script.Groups[1].Value));
        if (
            Pictures()
                .Matches(html)
                .FirstOrDefault(picture => !picture.Value.Contains("alt", StringComparison.OrdinalIgnoreCase)) is
            { } wordless
        )
            Report(ContentRules.PictureWithoutWords, places.Text(at, wordless.Value[..4]));
    }

    private void Report(CheckRule rule, ISourcePlace? place, params string[] arguments)
    {
        if (place is null)
            examination.Report(Finding.Overall(rule, arguments));
        else
            examination.Report(rule, place, arguments);
    }

    [GeneratedRegex(@"<[a-zA-Z][^<>]*?\s(on[a-z]{3,20})\s*=", RegexOptions.IgnoreCase)]
    private static partial Regex EventAttribute();

    [GeneratedRegex(@"(?:href|src)(?>\s*)=(?>\s*)[""']?(?>\s*)((?:javascript|vbscript):)", RegexOptions.IgnoreCase)]
    private static partial Regex ScriptAddress();

    [GeneratedRegex("<img\\b[^<>]*>", RegexOptions.IgnoreCase)]
    private static partial Regex Pictures();
}

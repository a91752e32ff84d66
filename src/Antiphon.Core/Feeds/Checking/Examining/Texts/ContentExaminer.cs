using System.Globalization;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;
using Antiphon.Core.Text;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>
/// Applies the rules about texts, dates and addresses to what was read, so that they are the same for every format.
/// </summary>
internal sealed class ContentExaminer(Examination examination, EntryPlaces places)
{
    private const int LongTitle = 200;
    private const int ManyEntries = 500;
    private const int LargeDocument = 2_000_000;

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
        if (item.Link is { } link)
        {
            if (!links.Add(link))
                Report(ContentRules.SameAddress, places.Link(at), link);
        }
    }

    private void Report(CheckRule rule, ISourcePlace? place, params string[] arguments)
    {
        if (place is null)
            examination.Report(Finding.Overall(rule, arguments));
        else
            examination.Report(rule, place, arguments);
    }
}

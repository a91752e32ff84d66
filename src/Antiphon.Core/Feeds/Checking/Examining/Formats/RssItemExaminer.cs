using System.Globalization;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Rules.Rss;
using Antiphon.Core.Feeds.Source;

namespace Antiphon.Core.Feeds.Checking.Examining.Formats;

/// <summary>Applies the rules of RSS to one item that are not in its vocabulary.</summary>
internal sealed class RssItemExaminer(Examination examination, HashSet<string> guids, bool isOld)
{
    // Two programs of one site write the same moment down some seconds apart.
    private static readonly TimeSpan SameMoment = TimeSpan.FromMinutes(1);

    /// <summary>Examines the item.</summary>
    public void Examine(SourceElement item)
    {
        var (title, description) = (First(item, "title"), First(item, "description"));
        if (IsBlank(title) && IsBlank(description))
            examination.Report(RssRules.ItemEmpty, item);
        if (title is not null)
            TextExaminer.ExamineTitle(examination, title);
        if (description is not null)
            TextExaminer.ExamineHtml(examination, description);
        foreach (var content in item.Of(FeedNamespaces.Content, "encoded"))
            TextExaminer.ExamineHtml(examination, content);
        ExamineLink(item);
        ExamineGuid(item);
        ExamineDate(item);
        ExamineEnclosures(item);
    }

    private static bool IsBlank(SourceElement? element) =>
        element is null || (string.IsNullOrWhiteSpace(element.Text) && element.Children.Count == 0);

    private static SourceElement? First(SourceElement item, string name) => item.Own(name).FirstOrDefault();

    private void ExamineLink(SourceElement item)
    {
        if (!string.IsNullOrWhiteSpace(First(item, "link")?.Text))
            return;
        var guid = First(item, "guid");
        var leads = LinkResolver.IsWeb(guid?.Text) && guid?.Attribute("isPermaLink") != "false";
        if (!leads && !item.Own("enclosure").Any())
            examination.Report(RssRules.ItemLinkMissing, item);
    }

    private void ExamineGuid(SourceElement item)
    {
        if (First(item, "guid") is not { } guid)
        {
            // There was none before RSS 2.0.
            if (!isOld)
                examination.Report(RssRules.GuidMissing, item);
            return;
        }

        var text = guid.Text.Trim();
        if (text.Length == 0)
        {
            examination.Report(RssRules.GuidEmpty, guid);
            return;
        }

        if (!guids.Add(text))
            examination.Report(RssRules.GuidDuplicate, guid.TextPlace, text);
        var isAddress = !string.Equals(guid.Attribute("isPermaLink"), "false", StringComparison.OrdinalIgnoreCase);
        if (isAddress && AddressForm.Fetched(text) is { } fault)
        {
            // What is no address at all is a name that was not said to be one; else the address has a slip.
            if (
                text.StartsWith("http", StringComparison.OrdinalIgnoreCase)
                || AddressForm.WithRightScheme(text) is not null
            )
                examination.Report(fault.Rule, guid.TextPlace, fault.Arguments);
            else
                examination.Report(RssRules.GuidNotAddress, guid.TextPlace, text);
        }
    }

    private void ExamineDate(SourceElement item)
    {
        var date = First(item, "pubDate");
        var other = item.Of(FeedNamespaces.DublinCore, "date").FirstOrDefault();
        if (date is null)
        {
            // Items had no date before RSS 2.0.
            if (other is null && !isOld)
                examination.Report(RssRules.DateMissing, item);
            return;
        }

        RssDateExaminer.Examine(examination, date);
        var (one, two) = (PublishedDateParser.Parse(date.Text), PublishedDateParser.Parse(other?.Text));
        // A day without a time says nothing about the hour.
        var hasTime = other?.Text.Contains(':', StringComparison.Ordinal) == true;
        if (hasTime && (one - two)?.Duration() > SameMoment)
            examination.Report(RssStructureRules.DatesDisagree, other!.TextPlace, date.Text, other.Text);
    }

    private void ExamineEnclosures(SourceElement item)
    {
        var enclosures = item.Own("enclosure").ToList();
        if (enclosures.Count < 2)
            return;
        var again = enclosures
            .Where(enclosure => enclosure.Attribute("url") is not null)
            .GroupBy(enclosure => enclosure.Attribute("url")!.Trim(), StringComparer.Ordinal)
            .FirstOrDefault(same => same.Skip(1).Any());
        if (again is not null)
            examination.Report(RssStructureRules.EnclosureTwice, again.Last(), again.Key);
        else
            examination.Report(
                RssDetailRules.EnclosureSeveral,
                item,
                enclosures.Count.ToString(CultureInfo.InvariantCulture)
            );
    }
}

using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Modules.Extensions;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>Makes the public form of a check.</summary>
internal static class FeedCheckTranslator
{
    /// <summary>The form described in the API.</summary>
    public static FeedCheckView ViewOf(RepairResult repaired, RuleTexts texts)
    {
        var result = repaired.Before;
        return new FeedCheckView(
            result.Format,
            result.Version,
            result.Verdict,
            [.. result.Findings.Select(finding => ViewOf(finding, repaired.PutsRight(finding), texts))],
            Slips(result.Findings),
            result.Feed is null ? null : ViewOf(result.Feed)
        );
    }

    private static List<SlipView> Slips(IReadOnlyList<Finding> findings) =>
        [
            .. findings
                .Index()
                .GroupBy(found => found.Item.Rule, found => found.Index)
                .Select(slip => new SlipView(slip.Key.Id, slip.Key.Severity, [.. slip])),
        ];

    /// <summary>A repaired feed in the form described in the API.</summary>
    public static FeedRepairView RepairOf(RepairResult result, RuleTexts texts) =>
        new(
            result.Text,
            [
                .. result.Changes.Select(change => new RepairChangeView(
                    change.Line,
                    change.Rule,
                    TeamTexts.Say(change.Description)
                )),
            ],
            [.. result.Remaining.Select(finding => ViewOf(finding, isRepairable: false, texts))]
        );

    private static FindingView ViewOf(Finding finding, bool isRepairable, RuleTexts texts)
    {
        var (message, fix) = texts.Of(finding);
        return new FindingView(
            finding.Rule.Id,
            finding.Rule.Severity,
            finding.Line,
            finding.Column,
            finding.Path,
            message,
            fix,
            finding.Rule.Reference,
            finding.Rule.ReadersCope,
            isRepairable
        );
    }

    private static FeedView ViewOf(Feed feed) =>
        new(
            feed.Title,
            feed.Description,
            feed.Link,
            feed.FeedLink,
            feed.Language,
            feed.Updated,
            feed.Published,
            People(feed.Authors),
            feed.Copyright,
            feed.Generator,
            feed.Image is null ? null : new ImageView(feed.Image.Url, feed.Image.Title, feed.Image.Link),
            feed.Icon,
            feed.Categories,
            feed.Hubs,
            feed.Licenses,
            EpisodeReader.Of(feed),
            DeletionReader.Of(feed),
            [.. feed.Items.Select(ViewOf)]
        );

    private static ItemView ViewOf(FeedItem item) =>
        new(
            item.Id,
            item.Title,
            item.Link,
            item.Summary,
            item.ContentHtml,
            item.Published,
            item.Updated,
            People(item.Authors),
            item.Categories,
            [.. item.Enclosures.Select(file => new EnclosureView(file.Url, file.Type, file.Length))],
            item.Image,
            item.CommentsUrl,
            item.Source ?? item.SourceFeed,
            item.Licenses,
            EpisodeReader.Of(item),
            item.Place,
            AreaReader.Of(item)
        );

    private static List<FeedPersonView> People(IEnumerable<FeedPerson> people) =>
        [.. people.Select(person => new FeedPersonView(person.Name, person.Email, person.Url))];
}

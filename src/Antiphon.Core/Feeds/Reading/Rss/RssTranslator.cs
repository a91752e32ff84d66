using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading.Dates;
using Antiphon.Core.Feeds.Reading.Modules;
using Antiphon.Core.Html;

namespace Antiphon.Core.Feeds.Reading.Rss;

/// <summary>Makes the neutral entry of an RSS item; one method for each value that may stand in for another.</summary>
internal static class RssTranslator
{
    public static FeedItem Translate(RssItem item)
    {
        var translated = new FeedItem
        {
            Id = item.Guid ?? item.About,
            Title = item.Title ?? item.DublinCoreTitle,
            Link = Link(item),
            Published = PublishedDateParser.Parse(
                item.PubDate ?? item.DublinCoreDate ?? item.AtomPublished ?? item.TermsIssued
            ),
            Updated = PublishedDateParser.Parse(item.AtomUpdated ?? item.TermsModified),
            CommentsUrl = LinkResolver.Resolve(item.Comments ?? item.AtomReplies, item.Base),
            Source = item.Source,
            SourceFeed = LinkResolver.Resolve(item.SourceFeed, item.Base),
            ExternalLink = LinkResolver.Resolve(item.AtomRelated, item.Base),
            Copyright = item.AtomRights,
            Language = item.Language,
        };
        translated.SetSummary(Summary(item));
        translated.SetContent(Content(item));
        GivePicture(item, translated);
        AddAuthors(item, translated);
        if (item.AtomContributors.Count > 0)
            translated.Contributors.AddRange(item.AtomContributors);
        if (item.AtomLinks.Count > 0)
            translated.Links.AddRange(item.AtomLinks);
        if (item.Licenses.Count > 0)
            translated.Licenses.AddRange(item.Licenses);
        item.Found?.ApplyTo(translated);
        foreach (var category in item.Categories)
        {
            if (!translated.Categories.Contains(category))
                translated.Categories.Add(category);
        }

        foreach (var file in item.Enclosures)
            translated.Enclosures.Add(file with { Url = LinkResolver.Resolve(file.Url, item.Base) });
        return translated;
    }

    // A guid is an address unless it says otherwise (RSS 2.0, guid).
    private static string? Link(RssItem item)
    {
        if ((item.Link ?? item.AtomLink) is { } link)
            return LinkResolver.Resolve(link, item.Link is null ? item.Base : item.LinkBase);
        return item.GuidIsPermaLink && LinkResolver.IsWeb(item.Guid)
            ? LinkResolver.Resolve(item.Guid, item.Base)
            : null;
    }

    private static LateText Summary(RssItem item) =>
        !item.Description.IsNone ? item.Description
        : !item.AtomSummary.IsNone ? item.AtomSummary
        : new LateText(item.DublinCoreDescription ?? item.PodcastSummary);

    private static LateText Content(RssItem item) =>
        !item.ContentEncoded.IsNone ? item.ContentEncoded
        : item.XhtmlBody is { } body ? new LateText(body)
        : item.AtomContent;

    private static void GivePicture(RssItem item, FeedItem translated)
    {
        var enclosed = item
            .Enclosures.Find(file => file.Type?.StartsWith("image/", StringComparison.OrdinalIgnoreCase) == true)
            ?.Url;
        if ((item.Found?.Picture ?? item.PodcastPicture ?? enclosed) is { } picture)
            translated.Image = LinkResolver.Resolve(picture, item.Base ?? Base(translated));
        else
            translated.FindImage(FirstOfTexts, item.Base);
    }

    private static string? FirstOfTexts(FeedItem item, Uri? baseAddress) =>
        (FirstPicture.In(item.ContentHtml) ?? FirstPicture.In(item.Summary)) is { Url: var picture }
            ? LinkResolver.Resolve(picture, baseAddress ?? Base(item))
            : null;

    private static Uri? Base(FeedItem item) => Uri.TryCreate(item.Link, UriKind.Absolute, out var link) ? link : null;

    private static void AddAuthors(RssItem item, FeedItem translated)
    {
        var people = translated.Authors;
        foreach (var text in item.Authors)
            Add(people, PersonParser.Parse(text));
        foreach (var text in item.Creators)
            Add(people, PersonParser.Parse(text));
        people.AddRange(item.AtomAuthors);
        if (people.Count < 2)
            return;
        var once = NamedTwice.LeftOut(people).ToList();
        people.Clear();
        people.AddRange(once);
    }

    private static void Add(List<FeedPerson> people, FeedPerson? person)
    {
        if (person is not null)
            people.Add(person);
    }
}

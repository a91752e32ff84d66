using Antiphon.Core.Channels.Protocols;
using Antiphon.Core.Comments.Threads;
using Antiphon.Core.Feeds.Aloud;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Markdown;
using Antiphon.Core.Importing.Reading;
using Antiphon.Core.Importing.Tidying;
using Antiphon.Core.Listings.Installation;
using Antiphon.Core.Listings.Styles.Matching;
using Antiphon.Core.Mentions;
using Antiphon.Core.Pictures;
using Antiphon.Core.Posts.Blocks;

namespace Antiphon.Core.Tests.Html;

/// <summary>Everything of the core that reads HTML from outside.</summary>
public static class MarkupReaders
{
    private static readonly Uri Here = new("https://moor.example/log");
    private static readonly Uri There = new("https://quillmoor.example/night");

    /// <summary>Has every reader read a text; none may throw.</summary>
    public static void ReadAll(string html)
    {
        var cleaned = HtmlCleaner.ForPosts.Clean(html, Here);
        HtmlCleaner.ForComments.Clean(html);
        HtmlText.Of(html);
        HtmlText.WithLines(html);
        LinksInText.Of(html);
        FirstPicture.In(html);
        BodyTidying.Tidy(html);
        PicturesInText.OutsideIn(cleaned);
        MarkdownWriter.FromHtml(cleaned);
        PostBlocks.Alone(cleaned, BlockTexts.For("en"));
        SpokenEntry.Of(new Feed(), new FeedItem { Title = "t", ContentHtml = html }, SpokenWords.English);
        if (HtmlReader.Read(html).Document is { } page)
            ReadPage(page, html);
    }

    private static void ReadPage(AngleSharp.Html.Dom.IHtmlDocument page, string html)
    {
        MentionReader.Read(page, Here, There);
        MentionEndpoint.Of(null, null, page, Here);
        PartnerOffer.Of(null, [], page, Here);
        PageCard.Of(page, Here);
        PageSigns.Of(page, Here);
        FeedLinkFinder.InPage(page, Here);
        LookMatcher.Match(page, PageSheets.Of(page, Here));
        InstallationCheck.Examine(
            page,
            html,
            Here,
            new ExpectedSnippet("k", "https://antiphon.example/embed/antiphon.js", [], [])
        );
        ThreadPlacement.Examine([new PlacedPage(Here, page)], "k", "https://antiphon.example/embed/antiphon.js");
        PageRecord.Read(page, Here);
    }
}

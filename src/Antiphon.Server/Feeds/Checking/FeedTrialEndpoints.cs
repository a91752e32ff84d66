using System.Text;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Feeds.Aloud;
using Antiphon.Core.Feeds.Conversion;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Mailing;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Drawing;
using Antiphon.Core.Text;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>
/// What the screen tries out with a feed: its entries in a reader's list, in a mail and spoken, and the feed in another
/// format.
/// </summary>
internal static class FeedTrialEndpoints
{
    private const int SnippetWords = 32;
    private const int MostEntries = 30;

    /// <summary>Maps both.</summary>
    public static void MapFeedTrials(this WebApplication app)
    {
        var feeds = app.MapGroup("/api/feeds")
            .RequireAuthorization()
            .AddEndpointFilter<NoNullsInLists>()
            .WithTags("Feeds");
        feeds
            .MapPost("/try", Try)
            .ForSignedIn()
            .WithName("tryFeed")
            .WithSummary("The entries of a feed as readers meet them.");
        feeds
            .MapPost("/try-format", Convert)
            .ForSignedIn()
            .WithName("tryFormat")
            .WithSummary("A feed in another format, with what the format could not carry.");
    }

    private static async Task<Results<Ok<FeedTryView>, ValidationProblem>> Try(
        FeedTryRequest request,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        var (given, problem) = await GivenAsync(request.Url, request.Text, checks, cancellation);
        if (given is null)
            return problem!;
        var options = new FeedReadOptions(given.ContentType, given.Address);
        return FeedReader.Read(given.Bytes, options).Feed is not { } feed
            ? Unreadable(request.Url)
            : TypedResults.Ok(
                new FeedTryView(feed.Title, [.. feed.Items.Take(MostEntries).Select(item => EntryOf(feed, item))])
            );
    }

    private static async Task<Results<Ok<ConvertedView>, ValidationProblem>> Convert(
        FormatTryRequest request,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        var (given, problem) = await GivenAsync(request.Url, request.Text, checks, cancellation);
        if (given is null)
            return problem!;
        var result = checks.Check(given);
        if (result.Feed is null)
            return Unreadable(request.Url);
        var converted = FeedConversion.Convert(result, request.To);
        return TypedResults.Ok(
            new ConvertedView(
                Encoding.UTF8.GetString(converted.Bytes),
                converted.ContentType,
                [.. converted.Lost.Select(lost => new LostView(TeamTexts.Say(lost.Name), lost.Count))]
            )
        );
    }

    private static async Task<(GivenFeed? Feed, ValidationProblem? Problem)> GivenAsync(
        string? url,
        string? text,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        if (string.IsNullOrWhiteSpace(url))
            return (new GivenFeed(Encoding.UTF8.GetBytes(text ?? string.Empty), null, null), null);
        if (FeedCheckEndpoints.AddressOf(url) is not { } address)
            return (null, FeedCheckEndpoints.NoAddress());
        var (answer, problem) = await checks.FetchAsync(address, cancellation);
        return answer is null
            ? (null, FieldProblem.For("url", problem!))
            : (new GivenFeed(answer.Bytes, answer.ContentType, answer.Address), null);
    }

    private static ValidationProblem Unreadable(string? url) =>
        FieldProblem.For(
            string.IsNullOrWhiteSpace(url) ? "text" : "url",
            "This feed cannot be read; the findings say why."
        );

    private static EntryTryView EntryOf(Feed feed, FeedItem item)
    {
        var address = LinkResolver.IsWeb(item.Link) ? new Uri(item.Link!) : null;
        var body = HtmlCleaner.ForFollowedPosts.Clean(item.ContentHtml ?? item.Summary, address);
        var title = HtmlText.Of(item.Title);
        var words = SpokenWords.For(TeamTexts.Language);
        var spoken = SpokenEntry.Of(feed, item, words);
        var mail = MailOf(feed, item, title.Length > 0 ? title : TeamTexts.Say("Untitled"), body);
        return new EntryTryView(
            title.Length > 0 ? title : null,
            item.Authors.FirstOrDefault()?.Name,
            item.Published ?? item.Updated,
            Shortened.ToWords(HtmlText.Of(item.Summary ?? body), SnippetWords),
            LinkResolver.IsWeb(item.Image) ? item.Image : null,
            new MailTryView(mail.Subject, mail.Html, mail.Plain),
            spoken,
            [.. spoken.Index().Where(one => one.Item == words.Silent).Select(one => one.Index)]
        );
    }

    private static MailText MailOf(Feed feed, FeedItem item, string title, string body)
    {
        var name = feed.Title ?? TeamTexts.Say("the site");
        var facts = new PostFacts(
            title,
            string.Empty,
            item.Link ?? string.Empty,
            item.Authors.FirstOrDefault()?.Name,
            null,
            [],
            string.Empty,
            name,
            name
        );
        var content = new DigestContent(
            name,
            feed.Link ?? string.Empty,
            feed.Language ?? "en",
            string.Empty,
            [new DigestEntry(facts, body)],
            []
        );
        return DigestComposer
            .Compose(DigestSettings.WithEachPost, content, DigestColours.Usual)
            .For("#", "#", isSecond: false);
    }
}

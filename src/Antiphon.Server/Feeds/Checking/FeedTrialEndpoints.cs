using System.Text;
using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Feeds.Aloud;
using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Conversion;
using Antiphon.Core.Feeds.Model;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Mailing;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Drawing;
using Antiphon.Core.Text;
using Antiphon.Server.Outgoing;
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
        var (result, problem) = await ReadAsync(request.Url, request.Text, checks, cancellation);
        return result?.Feed is not { } feed
            ? problem!
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
        var (result, problem) = await ReadAsync(request.Url, request.Text, checks, cancellation);
        if (result is null)
            return problem!;
        var converted = FeedConversion.Convert(result, request.To);
        return TypedResults.Ok(
            new ConvertedView(
                Encoding.UTF8.GetString(converted.Bytes),
                converted.ContentType,
                [.. converted.Lost.Select(lost => new LostView(TeamTexts.Say(lost.Name), lost.Count))]
            )
        );
    }

    private static async Task<(FeedCheckResult? Result, ValidationProblem? Problem)> ReadAsync(
        string? url,
        string? text,
        FeedCheckService checks,
        CancellationToken cancellation
    )
    {
        var fetched = new Fetched(FeedCheckService.Nowhere, null, Body: Encoding.UTF8.GetBytes(text ?? string.Empty));
        if (!string.IsNullOrWhiteSpace(url))
        {
            if (FeedCheckEndpoints.AddressOf(url) is not { } address)
                return (null, FeedCheckEndpoints.NoAddress());
            var (answer, problem) = await checks.FetchAsync(address, cancellation);
            if (answer is null)
                return (null, FieldProblem.For("url", problem!));
            fetched = answer;
        }

        var result = checks.CheckFetched(fetched);
        return (
            result.Feed is null ? null : result,
            result.Feed is null
                ? FieldProblem.For(
                    string.IsNullOrWhiteSpace(url) ? "text" : "url",
                    "This feed cannot be read; the findings say why."
                )
                : null
        );
    }

    private static EntryTryView EntryOf(Feed feed, FeedItem item)
    {
        var address = LinkResolver.IsWeb(item.Link) ? new Uri(item.Link!) : null;
        var body = HtmlCleaner.ForPosts.Clean(item.ContentHtml ?? item.Summary, address);
        var title = HtmlText.Of(item.Title);
        var mail = MailOf(feed, item, title.Length > 0 ? title : "Untitled", body);
        return new EntryTryView(
            title.Length > 0 ? title : null,
            item.Authors.FirstOrDefault()?.Name,
            item.Published ?? item.Updated,
            Shortened.ToWords(HtmlText.Of(item.Summary ?? body), SnippetWords),
            LinkResolver.IsWeb(item.Image) ? item.Image : null,
            new MailTryView(mail.Subject, mail.Html, mail.Plain),
            SpokenEntry.Of(feed, item)
        );
    }

    private static MailText MailOf(Feed feed, FeedItem item, string title, string body)
    {
        var name = feed.Title ?? "the site";
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

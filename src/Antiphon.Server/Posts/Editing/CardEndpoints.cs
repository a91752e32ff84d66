using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Html;
using Antiphon.Core.Html.Markdown;
using Antiphon.Core.Html.Trees;
using Antiphon.Core.Sites;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Pictures;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Antiphon.Server.Posts.Editing;

/// <summary>A page to be shown as a card.</summary>
internal sealed record CardRequest(string Address);

/// <summary>A text.</summary>
internal sealed record TextView(string Text);

/// <summary>A card.</summary>
/// <param name="Picture">Its picture in the site's own library, or null.</param>
internal sealed record CardView(string Title, string? Text, string Host, string? Picture);

/// <summary>/api/sites/{site}/posts/card: a page shown as a card, and /markdown: a text in Markdown.</summary>
internal static class CardEndpoints
{
    private const int CardPicture = 320;

    /// <summary>Maps the area.</summary>
    public static void MapCards(this RouteGroupBuilder site)
    {
        var posts = site.MapGroup("/posts").WithTags("Posts");
        posts
            .MapPost("/markdown", ToMarkdown)
            .Needs(SiteRight.Write)
            .WithName("toMarkdown")
            .WithSummary("A text as Markdown.");
        posts
            .MapPost("/from-markdown", FromMarkdown)
            .Needs(SiteRight.Write)
            .WithName("fromMarkdown")
            .WithSummary("Markdown as cleaned HTML.");
        posts
            .MapPost("/card", Make)
            .Needs(SiteRight.Write)
            .WithName("makeCard")
            .WithSummary("Reads once what a page says of itself; its picture is kept in the library.");
    }

    private static Ok<TextView> ToMarkdown(long site, TextView text) =>
        TypedResults.Ok(new TextView(MarkdownWriter.FromHtml(HtmlCleaner.ForPosts.Clean(text.Text))));

    private static Ok<TextView> FromMarkdown(long site, TextView text) =>
        TypedResults.Ok(new TextView(HtmlCleaner.ForPosts.Clean(MarkdownReader.ToHtml(Bounded(text.Text)))));

    private static string Bounded(string text) =>
        text.Length > HtmlLimits.Text.Length ? text[..HtmlLimits.Text.Length] : text;

    private static async Task<Results<Ok<CardView>, ValidationProblem>> Make(
        long site,
        CardRequest request,
        GuardedClient client,
        PictureLibrary library,
        CancellationToken cancellation
    )
    {
        if (!LinkResolver.IsWeb(request.Address))
            return FieldProblem.For("address", "Enter the full address, starting with https://.");
        var fetched = await client.GetPageAsync(new Uri(request.Address), cancellation);
        if (fetched.Problem is { } problem)
            return FieldProblem.For("address", FetchWords.For(problem, fetched.Detail));
        if (PageCard.Of(fetched.Page!, fetched.Address) is not { } card)
            return FieldProblem.For("address", "The page does not say what it is called.");
        // A card without a picture is still a card.
        var picture = card.Picture is null
            ? null
            : (await library.FetchAsync(site, card.Picture, card.Title, cancellation)).Picture;
        return TypedResults.Ok(
            new CardView(
                card.Title,
                card.Text,
                card.Host,
                picture is null ? null : library.AddressOf(picture, CardPicture)
            )
        );
    }
}

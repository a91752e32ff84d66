using System.Text;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Access;

namespace Antiphon.Server.Embed;

/// <summary>/embed/listings/{key}: fragment, JSON and whole page.</summary>
internal static class ListingEmbedEndpoints
{
    /// <summary>Maps the three forms.</summary>
    public static void MapListingEmbeds(this RouteGroupBuilder embed)
    {
        embed.MapGet("/listings/{key}.html", GetFragment).ForAnybody();
        embed.MapGet("/listings/{key}.json", GetJson).ForAnybody();
        embed.MapGet("/listings/{key}", GetPage).ForAnybody();
    }

    private static async Task<IResult> GetFragment(
        string key,
        [AsParameters] ListingQuery query,
        HttpContext http,
        ListingCache listings,
        SeenPages seen
    )
    {
        if (await listings.GetAsync(query.Of(key), http.RequestAborted) is not { } listing)
            return Unknown(http);
        await seen.NoteAsync(key, http.Request, listing.AllowedAddresses);
        return EmbedAnswer.For(http, listing.Html, "text/html; charset=utf-8", listing.AllowedAddresses);
    }

    private static async Task<IResult> GetJson(
        string key,
        [AsParameters] ListingQuery query,
        HttpContext http,
        ListingCache listings
    ) =>
        await listings.GetAsync(query.Of(key), http.RequestAborted) is { } listing
            ? EmbedAnswer.For(http, listing.Json, "application/json; charset=utf-8", listing.AllowedAddresses)
            : Unknown(http);

    private static async Task<IResult> GetPage(
        string key,
        [AsParameters] ListingQuery query,
        HttpContext http,
        ListingCache listings
    ) =>
        await listings.GetAsync(query.Of(key), http.RequestAborted) is { } listing
            ? PublicPage.Frame(
                listing.Title,
                Encoding.UTF8.GetString(listing.Html.Body),
                listing.Language,
                listing.Canonical
            )
            : new MessagePage(StatusCodes.Status404NotFound, language =>
                (PageTexts.For(language).ListingGone, PageTexts.For(language).ListingGoneText)
            );

    // Readable from any page, so that the script can tell the owner; readers keep the baked entries.
    private static IResult Unknown(HttpContext http)
    {
        http.Response.Headers.AccessControlAllowOrigin = "*";
        return TypedResults.Problem(
            "Copy the snippet again from the listing's screen.",
            title: "No listing has this key.",
            statusCode: StatusCodes.Status404NotFound,
            type: "unknown-listing"
        );
    }
}

using Antiphon.Core.Referrals;
using Antiphon.Data;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Mailing;

/// <summary>/go/{key} and /opened/{key}: links and dots of mails. They count and tell nobody who it was.</summary>
internal static class CountingEndpoints
{
    // One transparent dot (GIF89a).
    private static readonly byte[] Dot = Convert.FromBase64String(
        "R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7"
    );

    /// <summary>Maps both.</summary>
    public static void MapCounting(this WebApplication app)
    {
        app.MapGet(
                "/go/{key}",
                (string key, HttpRequest request, AntiphonContext database, CancellationToken cancellation) =>
                    FollowAsync(key, isSecond: false, request, database, cancellation)
            )
            .ExcludeFromDescription()
            .ForAnybody();
        app.MapGet(
                "/go/{key}/b",
                (string key, HttpRequest request, AntiphonContext database, CancellationToken cancellation) =>
                    FollowAsync(key, isSecond: true, request, database, cancellation)
            )
            .ExcludeFromDescription()
            .ForAnybody();
        app.MapGet("/opened/{key}", Opened).ExcludeFromDescription().ForAnybody();
    }

    // It leads only where a mail of ours led; nobody can bring an address of their own.
    private static async Task<Results<RedirectHttpResult, MessagePage>> FollowAsync(
        string key,
        bool isSecond,
        HttpRequest request,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var address = await database
            .EditionLinks.Where(link => link.Key == key)
            .Select(link => link.Address)
            .FirstOrDefaultAsync(cancellation);
        if (address is null)
            return PublicPage.Missing();
        // Programs that look at links before people do are led on and not counted.
        if (ArrivalSource.IsProgram(request.Headers.UserAgent))
            return TypedResults.Redirect(address);
        var second = isSecond ? 1 : 0;
        await database
            .EditionLinks.Where(link => link.Key == key)
            .ExecuteUpdateAsync(
                set =>
                    set.SetProperty(link => link.Clicks, link => link.Clicks + 1)
                        .SetProperty(link => link.SecondClicks, link => link.SecondClicks + second),
                cancellation
            );
        return TypedResults.Redirect(address);
    }

    private static async Task<FileContentHttpResult> Opened(
        string key,
        HttpContext http,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        if (!ArrivalSource.IsProgram(http.Request.Headers.UserAgent))
            await database
                .Editions.Where(edition => edition.Key == key)
                .ExecuteUpdateAsync(
                    set => set.SetProperty(edition => edition.Opens, edition => edition.Opens + 1),
                    cancellation
                );
        http.Response.Headers.CacheControl = "no-store";
        return TypedResults.File(Dot, "image/gif");
    }
}

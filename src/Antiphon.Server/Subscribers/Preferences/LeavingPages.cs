using Antiphon.Data;
using Antiphon.Server.Pages;
using Antiphon.Server.Pages.Texts;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers.Preferences;

/// <summary>/unsubscribe/{key}, the link in every mail.</summary>
internal static class LeavingPages
{
    /// <summary>Maps the page and the one-click post of mail programs (RFC 8058).</summary>
    public static void MapUnsubscribe(this WebApplication app)
    {
        app.MapGet("/unsubscribe/{key}", Ask).ExcludeFromDescription().ForAnybody();
        app.MapPost("/unsubscribe/{key}", Leave).DisableAntiforgery().ExcludeFromDescription().ForAnybody();
    }

    // Opening the link changes nothing, since mail scanners open every link.
    private static async Task<IResult> Ask(string key, AntiphonContext database)
    {
        if (
            await database
                .Subscribers.AsNoTracking()
                .Include(subscriber => subscriber.Site)
                .FirstOrDefaultAsync(subscriber => subscriber.Key == key)
            is not { } found
        )
            return Unknown();
        var texts = PreferenceTexts.For(found.Site.Language);
        if (found.LeftAt is not null)
            return Left(found.Key, found.Site.Language);
        var choose = $"<p><a href=\"/preferences/{Encoded.Html(key)}\">{Encoded.Html(texts.RatherChoose)}</a></p>";
        return PublicPage.Html(
            texts.StopTitle,
            $"<p>{Encoded.Html(texts.StopText.With("site", found.Site.Name))}</p><form method=\"post\"><button>{Encoded.Html(texts.Stop)}</button></form>{choose}",
            language: found.Site.Language
        );
    }

    private static async Task<IResult> Leave(
        string key,
        string? e,
        AntiphonContext database,
        SubscriberLeaving leaving,
        CancellationToken cancellation
    )
    {
        if (
            await database
                .Subscribers.Include(subscriber => subscriber.Site)
                .FirstOrDefaultAsync(subscriber => subscriber.Key == key, cancellation)
            is not { } found
        )
            return Unknown();
        await leaving.LeaveAsync(found, e, cancellation);
        return Left(key, found.Site.Language);
    }

    private static ContentHttpResult Left(string key, string language)
    {
        var texts = PreferenceTexts.For(language);
        return PublicPage.Html(
            texts.LeftTitle,
            $"<p>{Encoded.Html(texts.LeftText)}</p><p><a href=\"/preferences/{Encoded.Html(key)}\">{Encoded.Html(texts.Choose)}</a></p>",
            language: language
        );
    }

    /// <summary>Said to a key nobody has, as after a link that was cut off or made up.</summary>
    public static MessagePage Unknown() =>
        new MessagePage(StatusCodes.Status404NotFound, language =>
            (PageTexts.For(language).LinkUnknown, PreferenceTexts.For(language).Unknown)
        );
}

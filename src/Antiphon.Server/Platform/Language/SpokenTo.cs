using System.Globalization;

namespace Antiphon.Server.Platform.Language;

/// <summary>Sets the language a team is spoken to in, for as long as its request is answered.</summary>
internal static class SpokenTo
{
    /// <summary>Adds it for the API and for the pages mails to a team lead to; pages for readers speak the language of their site.</summary>
    public static void UseSpokenTo(this WebApplication app) =>
        app.Use(
            async (http, next) =>
            {
                if (http.Request.Path.StartsWithSegments("/api") || http.Request.Path.StartsWithSegments("/decide"))
                    CultureInfo.CurrentUICulture = CultureInfo.GetCultureInfo(
                        AskedLanguage.Of(http.Request, TeamTexts.Languages)
                    );
                await next(http);
            }
        );
}

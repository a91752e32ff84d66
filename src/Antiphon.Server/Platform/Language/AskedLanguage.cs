using Microsoft.Net.Http.Headers;

namespace Antiphon.Server.Platform.Language;

/// <summary>The language somebody of the team, or a program, wants to be answered in.</summary>
internal static class AskedLanguage
{
    /// <summary>The primary subtag of the language asked for first (RFC 9110 §12.5.4), or "en".</summary>
    public static string Of(HttpRequest request) =>
        request
            .GetTypedHeaders()
            .AcceptLanguage.OrderByDescending(language => language.Quality ?? 1)
            .Select(language => language.Value.Value?.Split('-')[0].ToLowerInvariant())
            .FirstOrDefault(language => language is not null and not "*")
        ?? "en";
}

using Antiphon.Core.Languages;

namespace Antiphon.Server.Pages;

/// <summary>The language a reader's browser asks for; it decides where no site does.</summary>
internal static class AskedLanguage
{
    /// <summary>
    /// The first language of Accept-Language (RFC 9110 §12.5.4) that we have texts in; English when there is none.
    /// </summary>
    public static string Of(HttpRequest request) =>
        request
            .GetTypedHeaders()
            .AcceptLanguage.OrderByDescending(asked => asked.Quality ?? 1)
            .Where(asked => asked.Quality != 0)
            .Select(asked => asked.Value.ToString().Split('-')[0].ToLowerInvariant())
            .FirstOrDefault(ReaderLanguage.All.Contains)
        ?? ReaderLanguage.Fallback;
}

using Antiphon.Core.Languages;

namespace Antiphon.Server.Platform.Language;

/// <summary>The language a browser or a program asks for.</summary>
internal static class AskedLanguage
{
    /// <summary>
    /// The first language of Accept-Language (RFC 9110 §12.5.4) that is spoken; English when none is.
    /// </summary>
    /// <param name="request">The request.</param>
    /// <param name="spoken">Primary subtags of what is spoken.</param>
    public static string Of(HttpRequest request, IReadOnlyList<string> spoken) =>
        request
            .GetTypedHeaders()
            .AcceptLanguage.OrderByDescending(asked => asked.Quality ?? 1)
            .Where(asked => asked.Quality != 0)
            .Select(asked => asked.Value.ToString().Split('-')[0].ToLowerInvariant())
            .FirstOrDefault(spoken.Contains)
        ?? ReaderLanguage.Fallback;
}

using Antiphon.Core.Languages;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Pages;

/// <summary>
/// A page with a heading and one paragraph, in a site's language or, where there is no site, in the one the reader's
/// browser asks for.
/// </summary>
/// <param name="status">HTTP status.</param>
/// <param name="said">Heading and text in a language.</param>
/// <param name="language">The site's language tag, or null where the browser's decides.</param>
internal sealed class MessagePage(int status, Func<string, (string Title, string Text)> said, string? language = null)
    : IResult
{
    /// <inheritdoc/>
    public async Task ExecuteAsync(HttpContext httpContext)
    {
        if (language is null)
            httpContext.Response.Headers.Append("Vary", "Accept-Language");
        var spoken = language ?? AskedLanguage.Of(httpContext.Request, ReaderLanguage.All);
        var (title, text) = said(spoken);
        await PublicPage
            .Html(title, $"<p>{Encoded.Html(text)}</p>", status, language: ReaderLanguage.Of(spoken))
            .ExecuteAsync(httpContext);
    }
}

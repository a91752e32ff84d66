using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Requests;

namespace Antiphon.Server.Embed;

/// <summary>A form a reader sent from a page: whose it is and what it holds, or why it is not taken.</summary>
/// <param name="Site">The site; null when refused.</param>
/// <param name="Fields">The fields; null when refused.</param>
/// <param name="Refusal">Why not; null when taken.</param>
/// <param name="WantsJson">Whether a script sent it.</param>
internal sealed record EnteredForm(Site? Site, IFormCollection? Fields, IResult? Refusal, bool WantsJson)
{
    /// <summary>Reads the form, from allowed addresses only.</summary>
    public static async Task<EnteredForm> OfAsync(string siteKey, HttpContext http, ThreadReader threads)
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site)
            return Refused(ThreadEmbedEndpoints.Unknown(http));
        if (EmbedAnswer.Refusal(http, site.AllowedAddresses) is { } refusal)
            return Refused(refusal);
        if (!http.Request.HasFormContentType)
            return Refused(
                TypedResults.Problem(
                    "Send the form's fields.",
                    title: "This is no form.",
                    statusCode: StatusCodes.Status415UnsupportedMediaType
                )
            );
        return new EnteredForm(
            site,
            await http.FormAsync(),
            null,
            http.Request.Headers.Accept.ToString().Contains("application/json", StringComparison.Ordinal)
        );
    }

    private static EnteredForm Refused(IResult refusal) => new(null, null, refusal, false);
}

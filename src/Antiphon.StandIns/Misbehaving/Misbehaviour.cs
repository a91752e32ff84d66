using System.Security.Cryptography;
using System.Text;

namespace Antiphon.StandIns.Misbehaving;

/// <summary>Answers of a server that misbehaves.</summary>
internal static class Misbehaviour
{
    /// <summary>The answer instead of the feed; null when the feed is to be served, whole or not.</summary>
    public static async Task<IResult?> OfAsync(string mode, HttpContext http)
    {
        switch (mode)
        {
            case "error":
                return Results.StatusCode(StatusCodes.Status500InternalServerError);
            case "missing":
                return Results.NotFound();
            case "rubbish":
                return Results.Bytes(RandomNumberGenerator.GetBytes(4000), "application/rss+xml");
            case "page":
                return PlainPage.Html("Moved", "<p>We have a new site!</p>");
            case "endless":
                await WriteWithoutEndAsync(http);
                return Results.Empty;
            default:
                return null;
        }
    }

    private static async Task WriteWithoutEndAsync(HttpContext http)
    {
        http.Response.ContentType = "application/rss+xml";
        var chunk = Encoding.ASCII.GetBytes("<rss><channel>" + new string('x', 60_000));
        while (!http.RequestAborted.IsCancellationRequested)
            await http.Response.Body.WriteAsync(chunk, http.RequestAborted);
    }
}

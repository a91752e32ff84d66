using Microsoft.AspNetCore.Diagnostics;

namespace Antiphon.Server.Platform.Requests;

/// <summary>Gives bare status codes of the API a problem-details body.</summary>
internal static class ProblemPages
{
    /// <summary>Writes for /api only; pages for readers have texts of their own.</summary>
    public static async Task WriteForApiAsync(StatusCodeContext context)
    {
        var http = context.HttpContext;
        if (!http.Request.Path.StartsWithSegments("/api"))
            return;
        await http
            .RequestServices.GetRequiredService<IProblemDetailsService>()
            .TryWriteAsync(new ProblemDetailsContext { HttpContext = http });
    }
}

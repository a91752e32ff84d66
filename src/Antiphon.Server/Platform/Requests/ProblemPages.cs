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
        var problem = new ProblemDetailsContext { HttpContext = http };
        if (http.Response.StatusCode == StatusCodes.Status400BadRequest && UnfitValue.Of(http) is { } unfit)
            problem.ProblemDetails = unfit.Refusal();
        await http.RequestServices.GetRequiredService<IProblemDetailsService>().TryWriteAsync(problem);
    }
}

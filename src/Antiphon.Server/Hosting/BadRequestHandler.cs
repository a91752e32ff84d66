using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;

namespace Antiphon.Server.Hosting;

/// <summary>Turns a request that could not be read (broken JSON, a body too large) into problem details with the remedy.</summary>
internal sealed class BadRequestHandler(IProblemDetailsService problems) : IExceptionHandler
{
    /// <inheritdoc/>
    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        if (exception is not BadHttpRequestException bad) return false;
        httpContext.Response.StatusCode = bad.StatusCode;
        var details = new ProblemDetails
        {
            Status = bad.StatusCode,
            Title = bad.StatusCode == StatusCodes.Status413PayloadTooLarge ? "That is too large." : "The request could not be read.",
            Detail = bad.InnerException?.Message ?? bad.Message,
        };
        return await problems.TryWriteAsync(new ProblemDetailsContext { HttpContext = httpContext, ProblemDetails = details });
    }
}

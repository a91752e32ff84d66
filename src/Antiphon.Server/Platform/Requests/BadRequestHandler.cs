using System.Text.Json;
using System.Text.RegularExpressions;
using Antiphon.Server.Platform.Limits;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;

namespace Antiphon.Server.Platform.Requests;

/// <summary>
/// Turns a request that could not be read (broken JSON, a value that does not fit, a body too large) into problem
/// details with the remedy.
/// </summary>
internal sealed partial class BadRequestHandler(IProblemDetailsService problems) : IExceptionHandler
{
    /// <inheritdoc/>
    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        if (exception is not BadHttpRequestException bad)
            return false;
        httpContext.Response.StatusCode = bad.StatusCode;
        if (bad.StatusCode == StatusCodes.Status429TooManyRequests)
            httpContext.Response.Headers.RetryAfter = SenderLine.RetryAfter;
        return await problems.TryWriteAsync(
            new ProblemDetailsContext { HttpContext = httpContext, ProblemDetails = Describe(bad) }
        );
    }

    private static ProblemDetails Describe(BadHttpRequestException bad)
    {
        if (bad.StatusCode == StatusCodes.Status413PayloadTooLarge)
            return new ProblemDetails
            {
                Status = bad.StatusCode,
                Title = "That is too large.",
                Detail = "Send at most 25 MB.",
            };
        if (bad.StatusCode == StatusCodes.Status429TooManyRequests)
            return new ProblemDetails { Status = bad.StatusCode, Title = bad.Message };
        if (Unfit().Match(bad.Message) is { Success: true } unfit)
            return new UnfitValue(
                FieldProblem.FieldName(unfit.Groups["name"].Value),
                unfit.Groups["value"].Value
            ).Refusal();
        if (Missing().Match(bad.Message) is { Success: true } missing)
            return UnfitValue.Missing(FieldProblem.FieldName(missing.Groups["name"].Value));
        if (bad.InnerException is JsonException fault && JsonFault.FieldsOf(fault) is { Count: > 0 } fields)
            return new HttpValidationProblemDetails(fields)
            {
                Status = bad.StatusCode,
                Title = fields.First().Value[0],
            };
        return new ProblemDetails
        {
            Status = bad.StatusCode,
            Title = "The request could not be read.",
            Detail = bad.InnerException?.Message ?? bad.Message,
        };
    }

    // The framework tells of the parameter in a sentence only, and by its C# type.
    [GeneratedRegex(
        "^Failed to bind parameter \"[^\"]* (?<name>\\w+)\" from \"(?<value>.*)\"\\.$",
        RegexOptions.Singleline
    )]
    private static partial Regex Unfit();

    [GeneratedRegex("^Required parameter \"[^\"]* (?<name>\\w+)\" was not provided from [\\w ]*query[\\w ]*\\.$")]
    private static partial Regex Missing();
}

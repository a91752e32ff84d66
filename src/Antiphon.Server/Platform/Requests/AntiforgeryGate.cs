using Microsoft.AspNetCore.Antiforgery;

namespace Antiphon.Server.Platform.Requests;

/// <summary>Asks for the antiforgery token on every changing request of the workplace.</summary>
internal static class AntiforgeryGate
{
    /// <summary>Header that carries the token.</summary>
    public const string Header = "X-Antiphon-Antiforgery";

    /// <summary>
    /// Requests with a bearer token pass: a browser never adds one by itself, so they cannot be forged.
    /// </summary>
    public static async Task CheckAsync(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        var changes =
            !HttpMethods.IsGet(request.Method)
            && !HttpMethods.IsHead(request.Method)
            && !HttpMethods.IsOptions(request.Method);
        if (changes && request.Path.StartsWithSegments("/api") && request.Headers.Authorization.Count == 0)
        {
            var antiforgery = context.RequestServices.GetRequiredService<IAntiforgery>();
            if (!await antiforgery.IsRequestValidAsync(context))
            {
                await TypedResults
                    .Problem(
                        "Load the page again, or send a personal token in the Authorization header.",
                        title: "Your session has expired. Reload the page.",
                        statusCode: StatusCodes.Status400BadRequest,
                        type: "antiforgery"
                    )
                    .ExecuteAsync(context);
                return;
            }
        }

        await next(context);
    }
}

using Microsoft.AspNetCore.RateLimiting;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Limits;

/// <summary>
/// Has the body of whatever anybody may send arrive whole before the request stands in line for anything: who sends
/// slowly keeps a connection busy, and nobody else waiting. How many arrive at once is
/// bounded for each sender and in total, and so is how long one takes.
/// </summary>
internal sealed class ArrivedBodies(IOptions<ArrivalOptions> options) : IMiddleware, IDisposable
{
    private const string HubCalls = "/websub";

    private readonly SenderLine _arriving = new(options.Value.AtOnceOfSender, options.Value.AtOnce);

    /// <inheritdoc/>
    public async Task InvokeAsync(HttpContext context, RequestDelegate next)
    {
        if (!IsSentByAnybody(context))
        {
            await next(context);
            return;
        }

        using (var place = _arriving.Enter(context))
        {
            if (place is null)
            {
                (context.Response.StatusCode, context.Response.Headers.RetryAfter) = (
                    StatusCodes.Status429TooManyRequests,
                    SenderLine.RetryAfter
                );
                return;
            }

            if (await ReadAsync(context) is { } refusal)
            {
                context.Response.StatusCode = refusal;
                return;
            }
        }

        await next(context);
    }

    /// <inheritdoc/>
    public void Dispose() => _arriving.Dispose();

    private static bool IsSentByAnybody(HttpContext context) =>
        !HttpMethods.IsGet(context.Request.Method)
        && !HttpMethods.IsHead(context.Request.Method)
        && (
            context.GetEndpoint()?.Metadata.GetMetadata<EnableRateLimitingAttribute>() is not null
            || context.Request.Path.StartsWithSegments(HubCalls)
        );

    /// <summary>Reads it; the status of the refusal when it is too large, too slow or breaks off.</summary>
    private async Task<int?> ReadAsync(HttpContext context)
    {
        using var time = CancellationTokenSource.CreateLinkedTokenSource(context.RequestAborted);
        time.CancelAfter(TimeSpan.FromSeconds(options.Value.Seconds));
        try
        {
            if (await BoundedBody.ReadAsync(context.Request.Body, options.Value.MaxBytes, time.Token) is not { } body)
                return StatusCodes.Status413PayloadTooLarge;
            context.Request.Body = new MemoryStream(body);
            return null;
        }
        catch (OperationCanceledException) when (!context.RequestAborted.IsCancellationRequested)
        {
            return StatusCodes.Status408RequestTimeout;
        }
        catch (IOException)
        {
            return StatusCodes.Status400BadRequest;
        }
    }
}

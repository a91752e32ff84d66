using System.Threading.RateLimiting;

namespace Antiphon.Server.Platform.Limits;

/// <summary>
/// Bounds how much of something is done at the same time, for each sender and in total. Who comes beyond it is asked to
/// come again.
/// </summary>
/// <param name="ofSender">At the same time for one sender.</param>
/// <param name="inAll">At the same time in all.</param>
internal sealed class SenderLine(int ofSender, int inAll) : IDisposable
{
    private readonly PartitionedRateLimiter<HttpContext> _limits = PartitionedRateLimiter.CreateChained(
        PartitionedRateLimiter.Create<HttpContext, string>(_ =>
            RateLimitPartition.GetConcurrencyLimiter("all", _ => AtOnce(inAll))
        ),
        PartitionedRateLimiter.Create<HttpContext, string>(context =>
            RateLimitPartition.GetConcurrencyLimiter(context.Connection.RemoteIpAddress?.ToString() ?? "unknown", _ =>
                AtOnce(ofSender)
            )
        )
    );

    /// <summary>Seconds after which whoever is refused may come again.</summary>
    public const string RetryAfter = "2";

    /// <summary>A place in it, to be disposed of when done; null where there is none.</summary>
    public IDisposable? Enter(HttpContext context)
    {
        var lease = _limits.AttemptAcquire(context);
        if (lease.IsAcquired)
            return lease;
        lease.Dispose();
        return null;
    }

    /// <summary>The same, refused with 429 where there is none.</summary>
    /// <exception cref="BadHttpRequestException">There is no place.</exception>
    public IDisposable EnterOrRefuse(HttpContext context) =>
        Enter(context)
        ?? throw new BadHttpRequestException(
            "Too much is asked for at the same moment; try again in a few seconds.",
            StatusCodes.Status429TooManyRequests
        );

    /// <inheritdoc/>
    public void Dispose() => _limits.Dispose();

    private static ConcurrencyLimiterOptions AtOnce(int permits) => new() { PermitLimit = permits, QueueLimit = 0 };
}

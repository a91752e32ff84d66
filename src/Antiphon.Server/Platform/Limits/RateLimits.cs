using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;

namespace Antiphon.Server.Platform.Limits;

/// <summary>How many requests are taken from one sender.</summary>
internal static class RateLimits
{
    /// <summary>For sign-in and setup: 30 tries a minute from one address.</summary>
    public const string SignIn = "sign-in";

    /// <summary>For writing comments: 60 a minute from one address.</summary>
    public const string Writing = "writing";

    /// <summary>For votes and reports: 120 a minute from one address.</summary>
    public const string Voices = "voices";

    // What stands in line beyond this is refused, as its reader would wait for seconds.
    private const int MostInLine = 300;

    /// <summary>Sets up the limits; a token may send 200 requests a second, twice what is promised.</summary>
    public static void Configure(RateLimiterOptions options)
    {
        options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
        options.AddPolicy(SignIn, context => Window(context, 30));
        options.AddPolicy(Writing, context => Window(context, 60));
        options.AddPolicy(Voices, context => Window(context, 120));
        options.GlobalLimiter = PartitionedRateLimiter.CreateChained(Tokens(), Writers());
    }

    // However many readers write at once, from however many places, half of the processors stay for everybody else: for
    // those who read, and for those who decide.
    private static PartitionedRateLimiter<HttpContext> Writers() =>
        PartitionedRateLimiter.Create<HttpContext, string>(context =>
            context.GetEndpoint()?.Metadata.GetMetadata<EnableRateLimitingAttribute>()?.PolicyName == Writing
                ? RateLimitPartition.GetConcurrencyLimiter(Writing, _ => new ConcurrencyLimiterOptions
                {
                    PermitLimit = Math.Max(1, Environment.ProcessorCount / 2),
                    QueueLimit = MostInLine,
                })
                : RateLimitPartition.GetNoLimiter(string.Empty)
        );

    private static PartitionedRateLimiter<HttpContext> Tokens() =>
        PartitionedRateLimiter.Create<HttpContext, string>(context =>
        {
            var token = context.Request.Headers.Authorization.ToString();
            if (token.Length == 0)
                return RateLimitPartition.GetNoLimiter(string.Empty);
            return RateLimitPartition.GetTokenBucketLimiter(token, _ => new TokenBucketRateLimiterOptions
            {
                TokenLimit = 400,
                TokensPerPeriod = 200,
                ReplenishmentPeriod = TimeSpan.FromSeconds(1),
                QueueLimit = 200,
            });
        });

    private static RateLimitPartition<string> Window(HttpContext context, int permits) =>
        RateLimitPartition.GetFixedWindowLimiter(
            context.Connection.RemoteIpAddress?.ToString() ?? "unknown",
            _ => new FixedWindowRateLimiterOptions { PermitLimit = permits, Window = TimeSpan.FromMinutes(1) }
        );
}

using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;

namespace Antiphon.Server.Hosting;

/// <summary>How many requests are taken from one sender.</summary>
internal static class RateLimits
{
    /// <summary>For sign-in and setup: 30 tries a minute from one address.</summary>
    public const string SignIn = "sign-in";

    /// <summary>For writing comments: 60 a minute from one address.</summary>
    public const string Writing = "writing";

    /// <summary>For votes and reports: 120 a minute from one address.</summary>
    public const string Voices = "voices";

    /// <summary>Sets up the limits; a token may send 200 requests a second, twice what is promised.</summary>
    public static void Configure(RateLimiterOptions options)
    {
        options.RejectionStatusCode = StatusCodes.Status429TooManyRequests;
        options.AddPolicy(SignIn, context => Window(context, 30));
        options.AddPolicy(Writing, context => Window(context, 60));
        options.AddPolicy(Voices, context => Window(context, 120));
        options.GlobalLimiter = PartitionedRateLimiter.Create<HttpContext, string>(context =>
        {
            var token = context.Request.Headers.Authorization.ToString();
            if (token.Length == 0) return RateLimitPartition.GetNoLimiter(string.Empty);
            return RateLimitPartition.GetTokenBucketLimiter(token, _ => new TokenBucketRateLimiterOptions
            {
                TokenLimit = 400,
                TokensPerPeriod = 200,
                ReplenishmentPeriod = TimeSpan.FromSeconds(1),
                QueueLimit = 200,
            });
        });
    }

    private static RateLimitPartition<string> Window(HttpContext context, int permits) => RateLimitPartition.GetFixedWindowLimiter(
        context.Connection.RemoteIpAddress?.ToString() ?? "unknown",
        _ => new FixedWindowRateLimiterOptions { PermitLimit = permits, Window = TimeSpan.FromMinutes(1) });
}

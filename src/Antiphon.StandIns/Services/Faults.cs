using Antiphon.StandIns.Misbehaving;

namespace Antiphon.StandIns.Services;

/// <summary>How services fail: before they took what was sent, and after.</summary>
public sealed class Faults(Troubles troubles)
{
    /// <summary>Services that can be told to fail.</summary>
    public static IReadOnlyList<string> Services { get; } = ["lantern", "parish", "bell", "hub", "tarn"];

    /// <summary>
    /// Ways a service can fail; "random" is well three times of five, and otherwise any that may pass.
    /// </summary>
    public static IReadOnlyList<string> Modes { get; } =
    ["well", "error", "late-error", "busy", "refuse", "close", "late-close", "silent", "slow", "random"];

    // What is refused stays refused, so that is left out of what happens at random; what takes long happens less often.
    private static readonly string[] Passing =
    [
        "error",
        "late-error",
        "busy",
        "close",
        "late-close",
        "error",
        "late-error",
        "close",
        "late-close",
        "silent",
        "slow",
    ];

    private const int SlowMilliseconds = 1500;
    private readonly Lock _gate = new();
    private readonly Random _random = new(20261127);

    /// <summary>How the service behaves this time.</summary>
    public string Now(string service)
    {
        if (troubles.ModeOf(service) is not "random" and var mode)
            return mode;
        lock (_gate)
            return _random.Next(5) < 3 ? "well" : Passing[_random.Next(Passing.Length)];
    }

    /// <summary>The answer instead of taking what was sent; null when it is taken.</summary>
    public static async Task<IResult?> BeforeAsync(string mode, HttpContext http)
    {
        switch (mode)
        {
            case "error":
                return Results.StatusCode(StatusCodes.Status500InternalServerError);
            case "refuse":
                return Results.Text("We do not take this.", statusCode: StatusCodes.Status422UnprocessableEntity);
            case "busy":
                http.Response.Headers.RetryAfter = "1";
                return Results.StatusCode(StatusCodes.Status429TooManyRequests);
            case "close":
                http.Abort();
                return Results.Empty;
            case "slow":
                await Task.Delay(SlowMilliseconds, http.RequestAborted);
                return null;
            default:
                return null;
        }
    }

    /// <summary>The answer after it was taken; null for the usual one.</summary>
    public static async Task<IResult?> AfterAsync(string mode, HttpContext http)
    {
        switch (mode)
        {
            case "late-error":
                return Results.StatusCode(StatusCodes.Status500InternalServerError);
            case "late-close":
                http.Abort();
                return Results.Empty;
            case "silent":
                await WaitAsync(http.RequestAborted);
                return Results.Empty;
            default:
                return null;
        }
    }

    private static async Task WaitAsync(CancellationToken cancellation)
    {
        try
        {
            await Task.Delay(Timeout.Infinite, cancellation);
        }
        catch (OperationCanceledException)
        {
            // The sender has given up.
        }
    }
}

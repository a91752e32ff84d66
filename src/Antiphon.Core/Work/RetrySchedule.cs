namespace Antiphon.Core.Work;

/// <summary>When a failed delivery is tried again.</summary>
public static class RetrySchedule
{
    private static readonly TimeSpan[] Pauses =
    [
        TimeSpan.FromSeconds(10),
        TimeSpan.FromMinutes(1),
        TimeSpan.FromMinutes(5),
        TimeSpan.FromMinutes(30),
        TimeSpan.FromHours(2),
        TimeSpan.FromHours(6),
        TimeSpan.FromHours(12),
        TimeSpan.FromHours(24),
    ];

    /// <summary>Attempts after which a delivery is given up.</summary>
    public static int MaxAttempts => Pauses.Length + 1;

    /// <summary>
    /// The pause after the given number of attempts, lengthened by up to a fifth so that a crowd does not return at
    /// once; null when given up.
    /// </summary>
    /// <param name="attempts">Attempts made so far, from 1.</param>
    /// <param name="jitter">A random number from 0 to 1.</param>
    public static TimeSpan? PauseAfter(int attempts, double jitter)
    {
        if (attempts < 1)
            return TimeSpan.Zero;
        if (attempts > Pauses.Length)
            return null;
        return Pauses[attempts - 1] * (1 + (Math.Clamp(jitter, 0, 1) / 5));
    }
}

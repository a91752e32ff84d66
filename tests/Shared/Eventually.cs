namespace Antiphon.Tests;

/// <summary>Waits for what another process or a background worker brings about.</summary>
internal static class Eventually
{
    private static readonly TimeSpan Longest = TimeSpan.FromSeconds(60);
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(80);

    /// <summary>
    /// Asks again until the answer is good and gives it; fails with <paramref name="what"/> and the last answer when it
    /// never is.
    /// </summary>
    /// <param name="what">What is waited for.</param>
    /// <param name="ask">Asks.</param>
    /// <param name="isGood">Whether an answer is what is waited for.</param>
    /// <param name="longest">How long at most; null for a minute.</param>
    public static async Task<T> IsAsync<T>(
        string what,
        Func<Task<T>> ask,
        Func<T, bool> isGood,
        TimeSpan? longest = null
    )
    {
        using var end = new CancellationTokenSource(longest ?? Longest);
        using var timer = new PeriodicTimer(Pause);
        while (true)
        {
            var answer = await ask();
            if (isGood(answer))
                return answer;
            if (end.IsCancellationRequested)
                throw new TimeoutException($"{what} did not come about; last seen: {answer}");
            await timer.WaitForNextTickAsync(CancellationToken.None);
        }
    }

    /// <summary>Asks again until the answer is yes.</summary>
    public static Task TrueAsync(string what, Func<Task<bool>> ask, TimeSpan? longest = null) =>
        IsAsync(what, ask, answer => answer, longest);
}

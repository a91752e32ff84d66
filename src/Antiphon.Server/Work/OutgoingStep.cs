namespace Antiphon.Server.Work;

/// <summary>
/// What has to happen before each step outside, such as renewing the hold on the work the step is for. It goes with the
/// flow of the calls, so that no request on the way can leave it out.
/// </summary>
internal static class OutgoingStep
{
    private static readonly AsyncLocal<Func<CancellationToken, Task>?> Current = new();

    /// <summary>
    /// Has something happen before each step outside of what is called from here on, until the result is disposed of.
    /// </summary>
    public static IDisposable Before(Func<CancellationToken, Task> before)
    {
        Current.Value = before;
        return new Rest();
    }

    /// <summary>A step is about to be made.</summary>
    public static Task TakeAsync(CancellationToken cancellation) =>
        Current.Value?.Invoke(cancellation) ?? Task.CompletedTask;

    private sealed class Rest : IDisposable
    {
        public void Dispose() => Current.Value = null;
    }
}

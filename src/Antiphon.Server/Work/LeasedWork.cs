using Antiphon.Core.Text;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Notices;
using Antiphon.Data.Work;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Work;

/// <summary>
/// The one way in which work that was handed on is done: a row is claimed, the hold is renewed before each step
/// outside, what became of it is recorded while the hold lasts. What throws, or stops the server,
/// comes up again after growing pauses and is given up with its reason. Servers on one database share the work, a
/// restart at any point loses and repeats nothing.
/// </summary>
/// <param name="leases">Who holds which row.</param>
/// <param name="tools">What every worker needs.</param>
/// <param name="wake">Tells that there is something new; null where looking now and then is soon enough.</param>
internal abstract class LeasedWork<TRow>(Leases<TRow> leases, WorkTools tools, WakeUp? wake = null) : BackgroundService
    where TRow : LeasedRow
{
    private const int LongestReason = 300;
    private static readonly TimeSpan AfterBusy = TimeSpan.FromSeconds(5);
    private readonly WakeUp _wake = wake ?? new WakeUp();

    // Whether there was something the last time; then there likely is more.
    private volatile bool _isBusy;

    private int MostUnfinished => tools.Options.Value.MostUnfinished;

    /// <summary>How many are done side by side.</summary>
    protected virtual int AtOnce => 1;

    /// <summary>Time between looks when nobody calls.</summary>
    protected virtual TimeSpan Look => TimeSpan.FromSeconds(tools.Options.Value.LookEverySeconds);

    /// <summary>How often the work of a row may throw before it is given up.</summary>
    protected virtual int MostThrown => MostUnfinished;

    /// <summary>What every worker needs.</summary>
    protected WorkTools Tools => tools;

    /// <summary>The row that comes first among those that are due and free; null when there is none.</summary>
    protected abstract Task<TRow?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    );

    /// <summary>
    /// Does the work of a row and records its end. What the other side does is no exception; what is thrown means that
    /// the work could not be done.
    /// </summary>
    /// <param name="claim">The row.</param>
    /// <param name="services">Services, of a scope of its own.</param>
    /// <param name="cancellation">Ends it when the server stops.</param>
    protected abstract Task DoAsync(Claim<TRow> claim, IServiceProvider services, CancellationToken cancellation);

    /// <summary>Records in the row that it is given up, in the caller's transaction; the caller saves.</summary>
    /// <param name="database">The context.</param>
    /// <param name="row">The row, tracked.</param>
    /// <param name="why">The reason, as it is shown.</param>
    /// <param name="cancellation">Ends it early.</param>
    /// <returns>What the team is told; null for what is no news to them.</returns>
    protected abstract Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        TRow row,
        string why,
        CancellationToken cancellation
    );

    /// <summary>Records what else begins with a row, in the transaction that claims it.</summary>
    protected virtual Task BeginAsync(AntiphonContext database, TRow row, CancellationToken cancellation) =>
        Task.CompletedTask;

    /// <summary>Sets what a row says while it is put off, in the caller's transaction.</summary>
    /// <param name="row">The row, tracked.</param>
    /// <param name="why">Why it could not be done; null when the server stops.</param>
    /// <param name="until">When it is taken up again.</param>
    protected virtual void PutOff(TRow row, string? why, DateTimeOffset until) { }

    /// <summary>Whether the work may be done now.</summary>
    protected virtual Task<bool> IsOpenAsync(CancellationToken cancellation) => Task.FromResult(true);

    /// <summary>Looks for what brings new rows, before each look for them.</summary>
    protected virtual Task PrepareAsync(CancellationToken cancellation) => Task.CompletedTask;

    /// <summary>Nothing is due for now.</summary>
    protected virtual Task RestAsync(CancellationToken cancellation) => Task.CompletedTask;

    /// <summary>Does one piece of work; false when there is none.</summary>
    public async Task<bool> DoNextAsync(CancellationToken cancellation)
    {
        var claim = await IsOpenAsync(cancellation)
            ? await leases.ClaimAsync(NextAsync, BeginAsync, _isBusy, cancellation)
            : null;
        _isBusy = claim is not null;
        if (claim is null)
            return false;
        // Whoever waits beside us looks as well.
        _wake.Wake();
        await DoAsync(claim, cancellation);
        return true;
    }

    /// <summary>
    /// Does the work of one row now, for somebody who does not want to wait; false while somebody else is at it.
    /// </summary>
    public async Task<bool> DoNowAsync(long key, CancellationToken cancellation)
    {
        if (
            await leases.ClaimAsync(
                (database, now, token) => Now(database, key, now).FirstOrDefaultAsync(token),
                BeginAsync,
                isLikely: true,
                cancellation
            )
            is not { } claim
        )
            return false;
        await DoAsync(claim, cancellation);
        return true;
    }

    /// <summary>The row with a key, where it may be done now.</summary>
    protected virtual IQueryable<TRow> Now(AntiphonContext database, long key, DateTimeOffset now) =>
        LeasedRows.At<TRow>(database, key).Free(now);

    /// <inheritdoc/>
    protected override Task ExecuteAsync(CancellationToken stoppingToken) =>
        Task.WhenAll(
            Enumerable.Range(0, AtOnce).Select(lane => StayAsync(lane, stoppingToken)).Append(RingAsync(stoppingToken))
        );

    private async Task RingAsync(CancellationToken stop)
    {
        using var timer = new PeriodicTimer(Look, tools.Clock);
        while (await timer.WaitForNextTickAsync(stop))
            _wake.Wake();
    }

    private async Task StayAsync(int lane, CancellationToken stop)
    {
        while (true)
        {
            try
            {
                if (lane == 0)
                    await PrepareAsync(stop);
                while (await DoNextAsync(stop))
                    continue;
                if (lane == 0)
                    await RestAsync(stop);
            }
            catch (Exception failure) when (!stop.IsCancellationRequested)
            {
                tools.Log.LogError(failure, "{Work} could not go on; trying again", GetType().Name);
            }

            await _wake.WaitAsync(stop);
        }
    }

    private async Task DoAsync(Claim<TRow> claim, CancellationToken cancellation)
    {
        // Begun as often as it may be and never ended: whatever it is, it may be what stops the server.
        if (claim.Row.Unfinished >= MostUnfinished)
        {
            await GiveUpAsync(claim, $"It was begun {claim.Row.Unfinished} times and never came to an end.");
            return;
        }

        using var steps = OutgoingStep.Before(claim.RenewAsync);
        try
        {
            await using var scope = tools.Scopes.CreateAsyncScope();
            await DoAsync(claim, scope.ServiceProvider, cancellation);
        }
        catch (ClaimLostException)
        {
            tools.Log.LogInformation("{Work} {Row} was taken over by another worker", GetType().Name, claim.Key);
        }
        catch (Exception failure) when (failure is OperationCanceledException && cancellation.IsCancellationRequested)
        {
            await GiveBackAsync(claim, tools.Clock.GetUtcNow());
        }
        catch (Exception failure)
        {
            await FailAsync(claim, failure);
        }
    }

    private async Task FailAsync(Claim<TRow> claim, Exception failure)
    {
        // A database that somebody else was writing to for too long says nothing of the work.
        if (
            failure.GetBaseException() is SqliteException
            {
                SqliteErrorCode: SQLitePCL.raw.SQLITE_BUSY or SQLitePCL.raw.SQLITE_LOCKED
            }
        )
        {
            await GiveBackAsync(claim, tools.Clock.GetUtcNow() + AfterBusy);
            return;
        }

        tools.Log.LogError(failure, "{Work} {Row} could not be done", GetType().Name, claim.Key);
        var (begun, why) = (claim.Row.Unfinished + 1, Shortened.ToLength(OneLine.Of(failure.Message), LongestReason));
        if (begun < MostThrown && RetrySchedule.PauseAfter(begun, tools.Random.NextDouble()) is { } pause)
            await PutOffAsync(claim, why, tools.Clock.GetUtcNow() + (pause * tools.Options.Value.PauseFactor));
        else
            await GiveUpAsync(claim, why);
    }

    private Task GiveBackAsync(Claim<TRow> claim, DateTimeOffset until) =>
        EndAsync(
            (database, row) =>
                claim.PutOffAsync(until, counts: false, database, () => Said(() => PutOff(row, null, until))),
            claim
        );

    private Task PutOffAsync(Claim<TRow> claim, string why, DateTimeOffset until) =>
        EndAsync(
            (database, row) =>
                claim.PutOffAsync(until, counts: true, database, () => Said(() => PutOff(row, why, until))),
            claim
        );

    private Task GiveUpAsync(Claim<TRow> claim, string why) =>
        EndAsync(
            (database, row) => claim.EndAsync(database, () => TellAsync(database, row, why), CancellationToken.None),
            claim
        );

    private async Task TellAsync(AntiphonContext database, TRow row, string why)
    {
        if (await GiveUpAsync(database, row, why, CancellationToken.None) is not { } told)
            return;
        var notice = new Notice
        {
            SiteId = told.Site,
            IsTrouble = true,
            Title = told.Title,
            Text = $"It was given up: {why}",
            Path = $"s/{told.Site}/{told.Path}",
        };
        await tools.Notices.AddAsync(database, notice, CancellationToken.None);
    }

    // With a context of its own, as what the work left unsaved in another cannot be saved.
    private async Task EndAsync(Func<AntiphonContext, TRow, Task> end, Claim<TRow> claim)
    {
        try
        {
            await using var database = await tools.Databases.CreateDbContextAsync();
            if (await LeasedRows.At<TRow>(database, claim.Key).FirstOrDefaultAsync() is { } row)
                await end(database, row);
        }
        catch (ClaimLostException)
        {
            tools.Log.LogInformation("{Work} {Row} was taken over by another worker", GetType().Name, claim.Key);
        }
    }

    private static Task Said(Action say)
    {
        say();
        return Task.CompletedTask;
    }
}

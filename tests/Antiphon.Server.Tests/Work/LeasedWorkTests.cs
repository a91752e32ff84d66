using System.Collections.Concurrent;
using Antiphon.Data;
using Antiphon.Data.Outgoing;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Server.Work;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Time.Testing;

namespace Antiphon.Server.Tests.Work;

/// <summary>What was handed on comes to an end, once, whatever happens to whoever does it.</summary>
public sealed class LeasedWorkTests(WorkHost both) : IClassFixture<WorkHost>
{
    private readonly AntiphonHost _host = both.Host;
    private readonly FakeTimeProvider _clock = new(DateTimeOffset.UtcNow);
    private readonly string _subject = $"Work {Guid.NewGuid():N}";

    [Fact]
    public async Task Servers_side_by_side_share_the_work_and_double_nothing()
    {
        await AddAsync(60);
        var done = new ConcurrentBag<long>();
        await Task.WhenAll(
            Enumerable
                .Range(0, 6)
                .Select(_ =>
                    WorkOffAsync(
                        Worker(
                            async (claim, services, cancellation) =>
                            {
                                done.Add(claim.Key);
                                await SentAsync(claim, services, cancellation);
                            }
                        )
                    )
                )
        );
        Assert.Equal(60, done.Count);
        Assert.Equal(60, done.Distinct().Count());
        Assert.All(await LettersAsync(), letter =>
            Assert.Equal((true, null, 0), (letter.SentAt is not null, letter.HeldUntil, letter.Unfinished))
        );
    }

    [Fact]
    public async Task What_throws_comes_up_again_after_growing_pauses_and_is_given_up_with_its_reason_and_a_notice()
    {
        await AddAsync(1);
        var begun = new List<DateTimeOffset>();
        var worker = Worker(
            (_, _, _) =>
            {
                begun.Add(_clock.GetUtcNow());
                throw new InvalidOperationException("The ink ran out.");
            }
        );
        for (var second = 0; second < 4000; second++)
        {
            await worker.DoNextAsync(CancellationToken.None);
            if ((await LettersAsync())[0].FailedAt is not null)
                break;
            _clock.Advance(TimeSpan.FromSeconds(Math.Max(1, second / 10)));
        }

        var pauses = begun.Zip(begun.Skip(1), (one, next) => next - one).ToList();
        Assert.Equal(5, begun.Count);
        Assert.Equal(pauses.Order(), pauses);
        Assert.Equal("The ink ran out.", (await LettersAsync())[0].Text);
        var notice = await _host.InDatabaseAsync(database =>
            database.Notices.SingleAsync(notice => notice.Title == $"{_subject} was not done")
        );
        Assert.Contains("The ink ran out.", notice.Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_stops_the_server_each_time_is_given_up_and_not_begun_again()
    {
        await AddAsync(1);
        var begun = 0;
        // A process that is killed never says anything of what it had begun.
        var worker = Worker(
            (_, _, _) =>
            {
                begun++;
                return Task.CompletedTask;
            }
        );
        for (var life = 0; life < 8; life++)
        {
            await worker.DoNextAsync(CancellationToken.None);
            _clock.Advance(TimeSpan.FromMinutes(2));
        }

        Assert.Equal(5, begun);
        Assert.Contains("never came to an end", (await LettersAsync())[0].Text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_comes_on_a_part_at_a_time_is_not_given_up_however_often_it_is_interrupted()
    {
        await AddAsync(1);
        var parts = 0;
        var worker = Worker(
            async (claim, services, cancellation) =>
            {
                var database = services.GetRequiredService<AntiphonContext>();
                if (++parts == 12)
                    await SentAsync(claim, services, cancellation);
                else
                    await claim.StepAsync(database, cancellation);
            }
        );
        for (var life = 0; life < 12; life++)
        {
            await worker.DoNextAsync(CancellationToken.None);
            _clock.Advance(TimeSpan.FromMinutes(2));
        }

        Assert.NotNull((await LettersAsync())[0].SentAt);
    }

    [Fact]
    public async Task Who_wakes_up_after_the_lease_records_nothing_and_sends_nothing_more()
    {
        await AddAsync(1);
        var (others, late) = (0, new TaskCompletionSource());
        var calls = both.Site.Count;
        var slow = Worker(
                async (claim, services, cancellation) =>
                {
                    await late.Task;
                    await services
                        .GetRequiredService<GuardedClient>()
                        .GetAsync(both.Site.Address, cancellation: cancellation);
                    await SentAsync(claim, services, cancellation);
                }
            )
            .DoNextAsync(CancellationToken.None);
        _clock.Advance(TimeSpan.FromMinutes(2));
        await Worker(
                async (claim, services, cancellation) =>
                {
                    others++;
                    await EndAsync(claim, services, letter => letter.Text = "Done by the other.", cancellation);
                }
            )
            .DoNextAsync(CancellationToken.None);
        late.SetResult();
        await slow;
        Assert.Equal((1, calls), (others, both.Site.Count));
        var letter = (await LettersAsync())[0];
        Assert.Equal(("Done by the other.", null), (letter.Text, letter.SentAt));
    }

    [Fact]
    public async Task Each_step_outside_renews_the_hold()
    {
        await AddAsync(1);
        var held = new List<DateTimeOffset?>();
        await Worker(
                async (claim, services, cancellation) =>
                {
                    var client = services.GetRequiredService<GuardedClient>();
                    for (var step = 0; step < 5; step++)
                    {
                        _clock.Advance(TimeSpan.FromSeconds(40));
                        await client.GetAsync(both.Site.Address, cancellation: cancellation);
                        held.Add((await LettersAsync())[0].HeldUntil);
                    }

                    await SentAsync(claim, services, cancellation);
                }
            )
            .DoNextAsync(CancellationToken.None);
        Assert.Equal(5, held.Distinct().Count());
        Assert.NotNull((await LettersAsync())[0].SentAt);
    }

    [Fact]
    public async Task A_server_that_stops_gives_back_what_it_had_begun()
    {
        await AddAsync(1);
        using var stop = new CancellationTokenSource();
        await Worker(
                async (_, _, cancellation) =>
                {
                    await stop.CancelAsync();
                    cancellation.ThrowIfCancellationRequested();
                }
            )
            .DoNextAsync(stop.Token);
        var letter = (await LettersAsync())[0];
        Assert.Equal((0, true), (letter.Unfinished, letter.HeldUntil <= _clock.GetUtcNow()));
        Assert.True(await Worker(SentAsync).DoNextAsync(CancellationToken.None));
    }

    [Fact]
    public async Task A_database_that_was_busy_says_nothing_of_the_work()
    {
        await AddAsync(1);
        var worker = Worker((_, _, _) => throw new SqliteException("database is locked", SQLitePCL.raw.SQLITE_BUSY));
        for (var time = 0; time < 10; time++)
        {
            await worker.DoNextAsync(CancellationToken.None);
            _clock.Advance(TimeSpan.FromSeconds(10));
        }

        var letter = (await LettersAsync())[0];
        Assert.Equal((null, 0), (letter.FailedAt, letter.Unfinished));
    }

    [Fact]
    public async Task Done_now_waits_for_nobody_and_leaves_alone_what_somebody_is_at()
    {
        await AddAsync(1);
        var id = (await LettersAsync())[0].Id;
        var worker = Worker(
            async (claim, services, cancellation) =>
            {
                Assert.False(await Worker(SentAsync).DoNowAsync(id, cancellation));
                await SentAsync(claim, services, cancellation);
            }
        );
        Assert.True(await worker.DoNowAsync(id, CancellationToken.None));
        Assert.NotNull((await LettersAsync())[0].SentAt);
    }

    private LetterWork Worker(Func<Claim<Letter>, IServiceProvider, CancellationToken, Task> does)
    {
        var tools = _host.Services.GetRequiredService<WorkTools>() with { Clock = _clock };
        return new LetterWork(
            ActivatorUtilities.CreateInstance<Leases<Letter>>(_host.Services, _clock),
            tools,
            _subject,
            does
        );
    }

    private static async Task WorkOffAsync(LetterWork worker)
    {
        while (await worker.DoNextAsync(CancellationToken.None))
            continue;
    }

    private static Task SentAsync(Claim<Letter> claim, IServiceProvider services, CancellationToken cancellation) =>
        EndAsync(claim, services, letter => letter.SentAt = DateTimeOffset.UtcNow, cancellation);

    private static async Task EndAsync(
        Claim<Letter> claim,
        IServiceProvider services,
        Action<Letter> end,
        CancellationToken cancellation
    )
    {
        var database = services.GetRequiredService<AntiphonContext>();
        end(await database.Letters.SingleAsync(one => one.Id == claim.Key, cancellation));
        await claim.EndAsync(database, cancellation);
    }

    private Task AddAsync(int letters) =>
        _host.InDatabaseAsync(database =>
        {
            for (var at = 0; at < letters; at++)
                database.Letters.Add(
                    new Letter
                    {
                        SiteId = _host.Site,
                        Key = Guid.NewGuid().ToString("N"),
                        Address = "wilf@fellside.example",
                        Subject = _subject,
                        Text = "Words",
                        NextAttemptAt = LetterWork.Far,
                    }
                );
            return database.SaveChangesAsync();
        });

    private Task<List<Letter>> LettersAsync() =>
        _host.InDatabaseAsync(database =>
            database.Letters.AsNoTracking().Where(one => one.Subject == _subject).OrderBy(one => one.Id).ToListAsync()
        );
}

using System.Net.Http.Headers;
using System.Security.Cryptography;
using Antiphon.Core.Sites;
using Antiphon.Core.Syndication;
using Antiphon.Core.Syndication.Hub;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication;
using Antiphon.Server.Channels;
using Antiphon.Server.Hosting;
using Antiphon.Server.Outgoing;
using Antiphon.Server.OwnFeeds;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.OwnHub;

/// <summary>
/// Asks those who want to be told whether they meant it (WebSub §5.3), and sends them the whole feed, signed, when it changes (§7). A reader row is its own outbox: changes are counted where they happen, what was told is
/// recorded when it was taken, and a claim holds for a lease.
/// </summary>
internal sealed class HubWorker(IServiceScopeFactory scopes, HubSignal signal, IDataProtectionProvider protection, IKeySource keys, Random random, IOptions<DeliveryOptions> options, IOptions<AntiphonOptions> antiphon, TimeProvider clock, ILogger<HubWorker> log) : BackgroundService
{
    private const int Gone = 410;
    private readonly IDataProtector _secrets = protection.CreateProtector(HubRequests.Purpose);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                while (await WorkAsync(stoppingToken)) continue;
            }
            catch (Exception failure) when (failure is not OperationCanceledException)
            {
                log.LogError(failure, "The hub could not work; trying again");
            }

            await signal.WaitAsync(TimeSpan.FromSeconds(options.Value.LookEverySeconds), stoppingToken);
        }
    }

    private async Task<bool> WorkAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        var now = clock.GetUtcNow();
        if (await database.HubReaders.Where(one => one.DueAt <= now).OrderBy(one => one.DueAt).FirstOrDefaultAsync(cancellation) is not { } reader) return false;
        var (due, lease) = (reader.DueAt, now.AddSeconds(options.Value.LeaseSeconds));
        if (await database.HubReaders.Where(one => one.Id == reader.Id && one.DueAt == due).ExecuteUpdateAsync(set => set.SetProperty(one => one.DueAt, lease), cancellation) == 0) return true;
        if (reader.AskedSeconds is { } seconds) await VerifyAsync(reader, seconds, database, scope.ServiceProvider, cancellation);
        else await TellAsync(reader, database, scope.ServiceProvider, cancellation);
        return true;
    }

    private async Task VerifyAsync(HubReader reader, long seconds, AntiphonContext database, IServiceProvider services, CancellationToken cancellation)
    {
        var ask = new HubAsk(!reader.AsksToEnd, new Uri(reader.Callback), reader.Topic, null, TimeSpan.FromSeconds(seconds));
        var challenge = keys.NewKey(40);
        var answer = await services.GetRequiredService<GuardedClient>().GetAsync(ask.Question(challenge), cancellation: cancellation);
        var meantIt = answer.Problem is null && System.Text.Encoding.UTF8.GetString(answer.Bytes).Trim() == challenge;
        var (id, asked, now) = (reader.Id, reader.AskedSecret, clock.GetUtcNow());
        // Another question may have come meanwhile; it is asked in its turn.
        var same = database.HubReaders.Where(one => one.Id == id && one.AskedSeconds == seconds && one.AskedSecret == asked);
        if (meantIt && reader.AsksToEnd) await same.ExecuteDeleteAsync(cancellation);
        else if (meantIt)
        {
            var until = now.AddSeconds(seconds);
            await same.ExecuteUpdateAsync(set => set.SetProperty(one => one.LeaseUntil, until).SetProperty(one => one.Secret, asked).SetProperty(one => one.AskedSeconds, (long?)null).SetProperty(one => one.AskedSecret, (string?)null)
                .SetProperty(one => one.DueAt, one => one.Wanted > one.Told ? now : null), cancellation);
        }
        else if (reader.LeaseUntil is null) await same.ExecuteDeleteAsync(cancellation);
        else await same.ExecuteUpdateAsync(set => set.SetProperty(one => one.AskedSeconds, (long?)null).SetProperty(one => one.AskedSecret, (string?)null).SetProperty(one => one.DueAt, one => one.Wanted > one.Told ? now : null), cancellation);
    }

    private async Task TellAsync(HubReader reader, AntiphonContext database, IServiceProvider services, CancellationToken cancellation)
    {
        var (id, wanted, now) = (reader.Id, reader.Wanted, clock.GetUtcNow());
        var mine = database.HubReaders.Where(one => one.Id == id);
        if (reader.LeaseUntil is null || reader.LeaseUntil <= now)
        {
            await mine.Where(one => one.AskedSeconds == null).ExecuteDeleteAsync(cancellation);
            return;
        }

        if (await ContentAsync(reader, services, cancellation) is not var (content, type))
        {
            await mine.ExecuteUpdateAsync(set => set.SetProperty(one => one.Told, wanted).SetProperty(one => one.DueAt, (DateTimeOffset?)null), cancellation);
            return;
        }

        var answer = await services.GetRequiredService<GuardedClient>().SendAnyAsync(new Uri(reader.Callback), address => Message(address, reader, content, type), cancellation);
        if (answer.Status == Gone) await mine.ExecuteDeleteAsync(cancellation);
        else if (answer.Problem is null) await mine.ExecuteUpdateAsync(set => set.SetProperty(one => one.Told, wanted).SetProperty(one => one.Attempts, 0).SetProperty(one => one.DueAt, one => one.Wanted > wanted || one.AskedSeconds != null ? now : null), cancellation);
        else
        {
            // Given up for this change after the last pause; the next one is tried anew.
            var pause = RetrySchedule.PauseAfter(reader.Attempts + 1, random.NextDouble());
            var next = pause is { } wait ? now + (wait * options.Value.PauseFactor) : (DateTimeOffset?)null;
            await mine.ExecuteUpdateAsync(set => set.SetProperty(one => one.Attempts, one => pause == null ? 0 : one.Attempts + 1).SetProperty(one => one.DueAt, next), cancellation);
        }
    }

    private static async Task<(byte[] Content, string Type)?> ContentAsync(HubReader reader, IServiceProvider services, CancellationToken cancellation)
    {
        var form = FeedForm.All.First(one => reader.Topic.EndsWith(one.Suffix, StringComparison.Ordinal));
        var key = reader.Topic[(reader.Topic.LastIndexOf('/') + 1)..^form.Suffix.Length];
        var found = await services.GetRequiredService<OwnFeedReader>().ReadAsync(new FeedAsked(FeedSubject.Blog, key, form), cancellation);
        return found is null || found.Settings.RedirectTo is not null || !form.IsOn(found.Settings) ? null : (form.Write(found.Feed), form.ContentType);
    }

    private HttpRequestMessage Message(Uri address, HubReader reader, byte[] content, string type)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, address) { Content = new ByteArrayContent(content) };
        request.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(type);
        request.Headers.Add("Link", $"<{antiphon.Value.AddressOf(HubRequests.Path)}>; rel=\"hub\", <{reader.Topic}>; rel=\"self\"");
        if (SecretOf(reader) is { } secret) request.Headers.Add("X-Hub-Signature", HubSignature.Of(secret, content));
        return request;
    }

    private string? SecretOf(HubReader reader)
    {
        try
        {
            return reader.Secret is null ? null : _secrets.Unprotect(reader.Secret);
        }
        catch (CryptographicException)
        {
            // The keys of the installation were lost; what cannot be signed is not believed, and they ask anew when their lease ends.
            return null;
        }
    }
}

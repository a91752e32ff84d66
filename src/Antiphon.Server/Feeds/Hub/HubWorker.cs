using System.Net.Http.Headers;
using System.Security.Cryptography;
using Antiphon.Core.Feeds.Hub;
using Antiphon.Core.Sites;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Feeds.Published.Pages;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform;
using Antiphon.Server.Work;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Hub;

/// <summary>
/// Asks those who want to be told whether they meant it (WebSub §5.3), and sends them the whole feed, signed, when it
/// changes (§7). A reader row is its own outbox: changes are counted where they happen, what was told is
/// recorded when it was taken.
/// </summary>
internal sealed class HubWorker(
    Leases<HubClient> leases,
    WorkTools tools,
    HubSignal signal,
    IDataProtectionProvider protection,
    IKeySource keys,
    IOptions<AntiphonOptions> antiphon
) : LeasedWork<HubClient>(leases, tools, signal)
{
    private const int Gone = 410;
    private readonly IDataProtector _secrets = protection.CreateProtector(HubRequests.Purpose);

    /// <inheritdoc/>
    protected override int AtOnce => Tools.Options.Value.AtOncePerChannel;

    /// <inheritdoc/>
    protected override Task<HubClient?> NextAsync(
        AntiphonContext database,
        DateTimeOffset now,
        CancellationToken cancellation
    ) =>
        database
            .HubClients.Free(now)
            .Where(reader => reader.DueAt <= now)
            .OrderBy(reader => reader.DueAt)
            .FirstOrDefaultAsync(cancellation);

    /// <inheritdoc/>
    protected override Task DoAsync(
        Claim<HubClient> claim,
        IServiceProvider services,
        CancellationToken cancellation
    ) =>
        claim.Row.AskedSeconds is { } seconds
            ? VerifyAsync(claim, seconds, services, cancellation)
            : TellAsync(claim, services, cancellation);

    /// <summary>Given up for this change; the next one is tried anew. Who never confirmed is forgotten.</summary>
    protected override async Task<GivenUp?> GiveUpAsync(
        AntiphonContext database,
        HubClient row,
        string why,
        CancellationToken cancellation
    )
    {
        (row.Told, row.DueAt, row.Attempts, row.AskedSeconds, row.AskedSecret) = (row.Wanted, null, 0, null, null);
        if (row.LeaseUntil is null)
            database.HubClients.Remove(row);
        var blog = await database.Blogs.SingleAsync(candidate => candidate.Id == row.BlogId, cancellation);
        return new GivenUp(
            blog.SiteId,
            $"{new Uri(row.Callback).Host}, which follows the feed of {blog.Name}, could not be told of a change",
            "feeds"
        );
    }

    private async Task VerifyAsync(
        Claim<HubClient> claim,
        long seconds,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var reader = claim.Row;
        var ask = new HubAsk(
            !reader.AsksToEnd,
            new Uri(reader.Callback),
            reader.Topic,
            null,
            TimeSpan.FromSeconds(seconds)
        );
        var challenge = keys.NewKey(40);
        var answer = await services
            .GetRequiredService<GuardedClient>()
            .GetAsync(ask.Question(challenge), cancellation: cancellation);
        var meantIt = answer.Problem is null && System.Text.Encoding.UTF8.GetString(answer.Bytes).Trim() == challenge;
        var database = services.GetRequiredService<AntiphonContext>();
        await claim.EndAsync(
            database,
            () => AnsweredAsync(database, reader, seconds, meantIt, cancellation),
            cancellation
        );
    }

    private Task AnsweredAsync(
        AntiphonContext database,
        HubClient reader,
        long seconds,
        bool meantIt,
        CancellationToken cancellation
    )
    {
        var (id, asked, now) = (reader.Id, reader.AskedSecret, Tools.Clock.GetUtcNow());
        // Another question may have come meanwhile; it is asked in its turn.
        var same = database.HubClients.Where(hubReader =>
            hubReader.Id == id && hubReader.AskedSeconds == seconds && hubReader.AskedSecret == asked
        );
        if (meantIt ? reader.AsksToEnd : reader.LeaseUntil is null)
            return same.ExecuteDeleteAsync(cancellation);
        var (until, secret) = meantIt ? (now.AddSeconds(seconds), asked) : (reader.LeaseUntil, reader.Secret);
        return same.ExecuteUpdateAsync(
            set =>
                set.SetProperty(hubReader => hubReader.LeaseUntil, until)
                    .SetProperty(hubReader => hubReader.Secret, secret)
                    .SetProperty(hubReader => hubReader.AskedSeconds, (long?)null)
                    .SetProperty(hubReader => hubReader.AskedSecret, (string?)null)
                    .SetProperty(
                        hubReader => hubReader.DueAt,
                        hubReader => hubReader.Wanted > hubReader.Told ? now : null
                    ),
            cancellation
        );
    }

    private async Task TellAsync(Claim<HubClient> claim, IServiceProvider services, CancellationToken cancellation)
    {
        var (database, reader) = (services.GetRequiredService<AntiphonContext>(), claim.Row);
        var isOver = reader.LeaseUntil is null || reader.LeaseUntil <= Tools.Clock.GetUtcNow();
        var content = isOver ? null : await ContentAsync(reader, services, cancellation);
        var answer = content is var (bytes, type)
            ? await services
                .GetRequiredService<GuardedClient>()
                .SendAnyAsync(new Uri(reader.Callback), address => Message(address, reader, bytes, type), cancellation)
            : null;
        var mine = database.HubClients.Where(hubReader => hubReader.Id == reader.Id);
        await claim.EndAsync(
            database,
            () =>
                isOver || answer?.Status == Gone
                    ? mine.Where(hubReader => hubReader.AskedSeconds == null).ExecuteDeleteAsync(cancellation)
                    : ToldAsync(mine, reader, answer, cancellation),
            cancellation
        );
    }

    private Task ToldAsync(
        IQueryable<HubClient> mine,
        HubClient reader,
        Fetched? answer,
        CancellationToken cancellation
    )
    {
        var (wanted, now) = (reader.Wanted, Tools.Clock.GetUtcNow());
        if (answer?.Problem is null)
            return mine.ExecuteUpdateAsync(
                set =>
                    set.SetProperty(hubReader => hubReader.Told, wanted)
                        .SetProperty(hubReader => hubReader.Attempts, 0)
                        .SetProperty(
                            hubReader => hubReader.DueAt,
                            hubReader => hubReader.Wanted > wanted || hubReader.AskedSeconds != null ? now : null
                        ),
                cancellation
            );
        // Given up for this change after the last pause; the next one is tried anew.
        var pause = RetrySchedule.PauseAfter(reader.Attempts + 1, Tools.Random.NextDouble());
        var next = pause is { } wait ? now + (wait * Tools.Options.Value.PauseFactor) : (DateTimeOffset?)null;
        return mine.ExecuteUpdateAsync(
            set =>
                set.SetProperty(
                        hubReader => hubReader.Attempts,
                        hubReader => pause == null ? 0 : hubReader.Attempts + 1
                    )
                    .SetProperty(hubReader => hubReader.DueAt, next),
            cancellation
        );
    }

    private static async Task<(byte[] Content, string Type)?> ContentAsync(
        HubClient reader,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var form = FeedForm.All.First(feedForm => reader.Topic.EndsWith(feedForm.Suffix, StringComparison.Ordinal));
        var key = reader.Topic[(reader.Topic.LastIndexOf('/') + 1)..^form.Suffix.Length];
        var found = await services
            .GetRequiredService<OwnFeedReader>()
            .ReadAsync(new FeedAsked(FeedSubject.Blog, key, form), cancellation);
        return found is null || found.Settings.RedirectTo is not null || !form.IsOn(found.Settings)
            ? null
            : (form.Write(found.Feed), form.ContentType);
    }

    private HttpRequestMessage Message(Uri address, HubClient reader, byte[] content, string type)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, address) { Content = new ByteArrayContent(content) };
        request.Content.Headers.ContentType = MediaTypeHeaderValue.Parse(type);
        request.Headers.Add(
            "Link",
            $"<{antiphon.Value.AddressOf(OwnHubAddress.Path)}>; rel=\"hub\", <{reader.Topic}>; rel=\"self\""
        );
        if (SecretOf(reader) is { } secret)
            request.Headers.Add("X-Hub-Signature", HubSignature.Of(content, secret));
        return request;
    }

    private string? SecretOf(HubClient reader)
    {
        try
        {
            return reader.Secret is null ? null : _secrets.Unprotect(reader.Secret);
        }
        catch (CryptographicException)
        {
            // The keys of the installation were lost; what cannot be signed is not believed, and they ask anew when
            // their lease ends.
            return null;
        }
    }
}

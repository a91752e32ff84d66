using System.Collections.Concurrent;
using System.Globalization;
using System.Net.Http.Headers;
using Antiphon.Core.Mentions;
using Antiphon.Core.Posts;
using Antiphon.Core.Work;
using Antiphon.Data;
using Antiphon.Data.Importing;
using Antiphon.Data.Mentions;
using Antiphon.Data.Posts;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Work;

/// <summary>
/// Nothing lost, nothing twice, nothing left at work: two servers share one database and what is to be done, deliveries
/// to services that fail in every way, mails, mentions and imports, while both are killed ten times.
/// </summary>
[Collection("faults")]
public sealed class TwoServersTests : IAsyncLifetime
{
    private const int Posts = 334;
    private const int Readers = 1000;
    private const int Mentions = 200;
    private const int Imports = 50;
    private const int RowsOfImport = 4;
    private const int Kills = 10;
    private static readonly string[] Services = ["lantern", "parish", "bell"];
    private readonly TemporaryFolder _data = new();
    private readonly Uri[] _addresses = [.. FreePorts.Take(2).Select(port => new Uri($"http://127.0.0.1:{port}/"))];
    private readonly OwnProcess[] _servers = new OwnProcess[2];
    private readonly Random _random = new(20261130);
    private OutsideWorld _world = null!;
    private ScriptedSite _pages = null!;
    private HttpClient _script = null!;

    public async Task InitializeAsync()
    {
        _world = await OutsideWorld.StartAsync();
        _pages = await ScriptedSite.StartAsync();
        for (var server = 0; server < _servers.Length; server++)
            await StartAsync(server);
        using var first = new Visitor(_addresses[0]);
        await first.PostAsync(
            "api/setup",
            new
            {
                name = "Imogen Tarrant",
                mail = "imogen@quillmoor.example",
                password = AntiphonHost.Password,
                key = await File.ReadAllTextAsync(Path.Combine(_data.Path, "setup-key")),
            }
        );
        _script = new HttpClient { BaseAddress = _addresses[0] };
        _script.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue(
            "Bearer",
            (await first.PostAsync("api/tokens", new { name = "tests" })).Text("token")
        );
    }

    public async Task DisposeAsync()
    {
        _script.Dispose();
        foreach (var server in _servers)
            await server.DisposeAsync();
        await _pages.DisposeAsync();
        await _world.DisposeAsync();
        _data.Dispose();
    }

    [Fact]
    public async Task Two_servers_that_are_killed_ten_times_do_everything_once()
    {
        await SetUpAsync();
        await PublishAsync();
        await AskForMoreAsync();
        foreach (var service in Services)
            await _world.FailAsync(service, "random");
        (await _script.PostAsync("api/sites/1/channels/set-up/resume", null)).EnsureSuccessStatusCode();
        var all = await OpenAsync();
        for (var kill = 1; kill <= Kills; kill++)
        {
            // Spread over the way, and never both at one moment, as nobody would notice a claim that is taken from the
            // living.
            var left = all - (all * kill / (Kills + 2));
            await Eventually.TrueAsync($"{left} left", async () => await OpenAsync() <= left, TimeSpan.FromMinutes(3));
            var server = _random.Next(_servers.Length);
            await _servers[server].KillAsync();
            if (kill % 3 == 0)
                await _servers[1 - server].KillAsync();
            await StartAsync(server);
            if (kill % 3 == 0)
                await StartAsync(1 - server);
        }

        await FinishAsync();
        await TakenOnceAsync();
    }

    private async Task SetUpAsync()
    {
        await _script.PostJsonAsync(
            "api/sites",
            new
            {
                name = "Quillmoor Observatory",
                address = "https://quillmoor.example/",
                timeZone = "Europe/London",
                language = "en-GB",
            }
        );
        await _script.PostJsonAsync("api/sites/1/blogs", new { name = "The Night Log" });
        foreach (
            var (kind, path, secret) in new[]
            {
                ("social", "lantern/api/posts", "lantern-token"),
                ("partner", "parish/micropub", "parish-token"),
                ("webhook", "bell/", "bell-secret"),
            }
        )
        {
            var settings = new
            {
                address = new Uri(_world.World, path),
                choice = new
                {
                    blogs = Array.Empty<long>(),
                    categories = Array.Empty<string>(),
                    tags = Array.Empty<string>(),
                    authors = Array.Empty<string>(),
                },
                when = "atOnce",
                timing = new { },
                template = "{title}\n{link}",
                events = new[] { "postPublished" },
            };
            await _script.PostJsonAsync(
                "api/sites/1/channels/set-up",
                new
                {
                    kind,
                    name = kind,
                    settings,
                    secret,
                }
            );
        }

        (await _script.PostAsync("api/sites/1/channels/set-up/pause", null)).EnsureSuccessStatusCode();
    }

    private async Task PublishAsync()
    {
        // Mail goes with one post only, as there are no readers before it.
        await WriteAsync(0, Posts - 1);
        await Eventually.TrueAsync(
            "everything planned",
            async () => await OpenAsync() == (Posts - 1) * Services.Length,
            TimeSpan.FromMinutes(3)
        );
        await InDatabaseAsync(async database =>
        {
            for (var reader = 0; reader < Readers; reader++)
                database.Subscribers.Add(
                    new Subscriber
                    {
                        SiteId = 1,
                        Key = $"reader{reader}",
                        Mail = $"reader{reader}@fellside.example",
                        CreatedAt = DateTimeOffset.UtcNow,
                    }
                );
            return await database.SaveChangesAsync();
        });
        await WriteAsync(Posts - 1, 1);
        await Eventually.TrueAsync("the mails gathered", () =>
            InDatabaseAsync(database => database.Editions.AnyAsync(edition => edition.Total == Readers))
        );
    }

    private Task<int> WriteAsync(int from, int count) =>
        InDatabaseAsync(database =>
        {
            var now = DateTimeOffset.UtcNow;
            database.Posts.AddRange(
                Enumerable
                    .Range(from, count)
                    .Select(post => new Post
                    {
                        Key = $"night{post}",
                        SiteId = 1,
                        BlogId = 1,
                        Title = $"Night {post}",
                        Slug = $"night-{post}",
                        BodyHtml = "<p>Clear.</p>",
                        Status = PostStatus.Published,
                        PublishedAt = now,
                        CreatedAt = now,
                        UpdatedAt = now,
                        Revision = 1,
                    })
            );
            return database.SaveChangesAsync();
        });

    private async Task AskForMoreAsync()
    {
        var target = (await _script.GetJsonAsync("api/sites/1/posts/1")).Text("address");
        // A third of the pages breaks off at its first reading and some at the second; more often would, with those
        // that the killed held, be what is rightly given up.
        var readings = new ConcurrentDictionary<string, int>();
        _pages.Answer = async http =>
            await http.Response.WriteAsync(
                readings.AddOrUpdate(http.Request.Path, 1, (_, before) => before + 1) <= FailuresOf(http.Request.Path)
                    ? throw new IOException()
                    : $"<div class=\"h-entry\"><p class=\"e-content\">Read at {http.Request.Path}. <a href=\"{target}\">There</a></p></div>"
            );
        await InDatabaseAsync(async database =>
        {
            for (var mention = 0; mention < Mentions; mention++)
                database.Mentions.Add(
                    new Mention
                    {
                        Key = $"mention{mention}",
                        SiteId = 1,
                        PostId = 1,
                        Source = new Uri(_pages.Address, $"notes/{mention}").AbsoluteUri,
                        Host = $"note{mention % 8}",
                        Target = target,
                        ReceivedAt = DateTimeOffset.UtcNow,
                        NextReadAt = DateTimeOffset.UtcNow,
                    }
                );
            return await database.SaveChangesAsync();
        });
        for (var import = 0; import < Imports; import++)
        {
            var rows = string.Concat(
                Enumerable
                    .Range(0, RowsOfImport)
                    .Select(row => $"\nBrought {import}-{row},2020-01-0{row + 1},<p>From before.</p>")
            );
            using var body = new StringContent($"title,date,body{rows}");
            var view = await HttpTalk.GoodAsync(
                await _script.PostAsync($"api/sites/1/imports?blog=1&name=before{import}.csv", body)
            );
            await _script.PostJsonAsync(
                $"api/sites/1/imports/{view.Number("summary.id")}/start",
                new { plan = view.Root!["plan"] }
            );
        }
    }

    private static int FailuresOf(string path) =>
        path[^1] switch
        {
            '1' or '4' => 1,
            '7' => 2,
            _ => 0,
        };

    private async Task FinishAsync()
    {
        // As long as something moves there is hope; every look is shorter than the patience of one.
        for (var before = -1L; await OpenAsync() is > 0 and var open && open != before; before = open)
            await Eventually.TrueAsync($"fewer than {open} to come", async () =>
                await OpenAsync() < open || await OpenAsync() == 0
            );
        Assert.Equal(0, await OpenAsync());
        await AgainAsync();
        await InDatabaseAsync(async database =>
        {
            Assert.Equal(
                (0, 0),
                (
                    await database.ChannelDeliveries.CountAsync(channelDelivery => channelDelivery.HeldUntil != null),
                    await database.Deliveries.CountAsync(delivery => delivery.HeldUntil != null)
                )
            );
            Assert.Equal(
                (0, 0),
                (
                    await database.Mentions.CountAsync(mention => mention.HeldUntil != null),
                    await database.Imports.CountAsync(one => one.HeldUntil != null)
                )
            );
            Assert.Equal(0, await database.PostChanges.CountAsync());
            return true;
        });
    }

    // Who fails at random may do so at every attempt; the team tries those again.
    private async Task AgainAsync()
    {
        foreach (var service in Services)
            await _world.FailAsync(service, "well");
        foreach (var channel in (await _script.GetJsonAsync("api/sites/1/channels/set-up")).Items())
            await _script.PostJsonAsync(
                $"api/sites/1/channels/set-up/{channel.Number("id")}/retry",
                new { answer = (string?)null }
            );
        await Eventually.TrueAsync("everything there", async () => await OpenAsync() == 0);
    }

    private async Task TakenOnceAsync()
    {
        foreach (var service in Services)
        {
            var taken = await _world.TakenAsync(service);
            var each = service == "bell" ? taken.Select(one => one.Key) : taken.Select(one => one.Text);
            Assert.Equal((service, Posts, Posts), (service, taken.Count, each.Distinct().Count()));
        }

        // A mail that was handed over when the server died goes again under the same Message-ID, by which mailboxes
        // know it.
        var mails = (await _world.MailsAsync())
            .Where(mail => mail.To.Contains("fellside", StringComparison.Ordinal))
            .ToList();
        Assert.Equal(
            (Readers, Readers),
            (mails.Select(mail => mail.MessageId).Distinct().Count(), mails.Select(mail => mail.To).Distinct().Count())
        );
        await InDatabaseAsync(async database =>
        {
            Assert.Equal(
                (Readers, 0),
                (
                    await database.Editions.SumAsync(edition => edition.Delivered),
                    await database.Editions.SumAsync(one => one.Failed)
                )
            );
            Assert.Equal(Mentions, await database.Mentions.CountAsync(mention => mention.State == MentionState.Found));
            Assert.Equal(Mentions, await database.Comments.CountAsync(comment => comment.MentionId != null));
            Assert.Equal(
                (Imports, Imports * RowsOfImport),
                (
                    await database.Imports.CountAsync(import => import.State == ImportState.Done),
                    await database.Posts.CountAsync(post => post.ImportId != null)
                )
            );
            Assert.Equal(Imports * RowsOfImport, await database.Imports.SumAsync(one => one.Made));
            return true;
        });
    }

    private Task<int> OpenAsync() =>
        InDatabaseAsync(async database =>
            await database.PostChanges.CountAsync()
            + await database.ChannelDeliveries.CountAsync(channelDelivery =>
                channelDelivery.State == DeliveryState.Queued
                || channelDelivery.State == DeliveryState.Sending
                || channelDelivery.State == DeliveryState.Retrying
            )
            + await database.Deliveries.CountAsync(delivery =>
                delivery.State == DeliveryState.Queued
                || delivery.State == DeliveryState.Sending
                || delivery.State == DeliveryState.Retrying
            )
            + await database.Mentions.CountAsync(one => one.NextReadAt != null)
            + await database.Imports.CountAsync(one => one.State == ImportState.Running)
        );

    // Looked at beside the servers, which may be dead.
    private async Task<T> InDatabaseAsync<T>(Func<AntiphonContext, Task<T>> ask)
    {
        var options = new DbContextOptionsBuilder<AntiphonContext>();
        options.UseAntiphonSqlite(Path.Combine(_data.Path, "antiphon.db"));
        await using var database = new AntiphonContext(options.Options);
        return await ask(database);
    }

    private async Task StartAsync(int server) =>
        _servers[server] = await OwnProcess.StartAsync(
            "Antiphon.Server",
            _addresses[server],
            "--urls",
            _addresses[server].AbsoluteUri.TrimEnd('/'),
            "--Antiphon:DataDirectory",
            _data.Path,
            "--Antiphon:PublicAddress",
            _addresses[0].AbsoluteUri,
            "--Demo:Enabled",
            "false",
            "--Outgoing:AllowedHosts:0",
            _world.World.Authority,
            "--Outgoing:AllowedHosts:1",
            _pages.Address.Authority,
            "--Outgoing:TimeoutSeconds",
            "1",
            "--Mail:Port",
            $"{_world.SmtpPort}",
            "--Mail:From",
            "post@quillmoor.example",
            "--Delivery:LeaseSeconds",
            "3",
            "--Delivery:LookEverySeconds",
            "1",
            "--Delivery:MostUnfinished",
            "20",
            "--Delivery:FailuresToPause",
            "1000000",
            "--Delivery:PauseFactor",
            (0.0001).ToString(CultureInfo.InvariantCulture)
        );
}

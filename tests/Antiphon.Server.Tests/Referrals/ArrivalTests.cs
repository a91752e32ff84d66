using Antiphon.Server.Referrals;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Referrals;

/// <summary>Readers of posts are counted by what brought them.</summary>
public sealed class ArrivalTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task Readers_are_counted_by_link_and_page_and_programs_are_not()
    {
        await host.FreshSiteAsync();
        var path = await PathAsync("Leonids");
        await ReadAsync($"{path}?utm_source=Lantern");
        await ReadAsync($"{path}?utm_source=lantern");
        await ReadAsync(path, referrer: "https://tarn.example/notes");
        await ReadAsync(path);
        await ReadAsync(path, agent: "Quarrybot/2.0");
        await ReadAsync(path, referrer: host.Address.AbsoluteUri);
        var seen = await SeenAsync();
        Assert.Equal(
            ["lantern 2", "No sender told 1", "tarn.example 1"],
            seen.Items("sources")
                .Select(item => $"{item.Text("name")} {item.Number("count")}")
                .Order(StringComparer.OrdinalIgnoreCase)
        );
        Assert.Equal(
            ("Leonids", 4),
            (seen.Items("posts").Single().Text("title"), seen.Items("posts").Single().Number("count"))
        );
        Assert.Equal(
            4,
            seen.Items("days")[^1]
                .Items("counts")
                .Sum(one => int.Parse(one.ToString(), System.Globalization.CultureInfo.InvariantCulture))
        );
        Assert.Equal(30, seen.Items("days").Count);
    }

    [Fact]
    public async Task Each_channel_says_what_it_brought_and_nothing_where_nothing_tells()
    {
        await host.FreshSiteAsync();
        await ChannelAsync("social", "Lantern", "https://lantern.example/api", "Lantern");
        await ChannelAsync("social", "Silent", "https://silent.example/api", string.Empty);
        await ChannelAsync("partner", "Parish", "https://www.parish.example/micropub", string.Empty);
        // What is on its way to hosts that are not there stays out of the count.
        (await host.Owner.PostAsync($"{host.Api}channels/set-up/pause", null)).EnsureSuccessStatusCode();
        var path = await PathAsync("Leonids");
        await ReadAsync($"{path}?utm_source=lantern");
        await ReadAsync(path, referrer: "https://parish.example/news");
        await ReadAsync(path, referrer: "https://www.parish.example/news");
        var seen = await SeenAsync();
        string[] came =
        [
            .. seen.Items("channels")
                .Select(item =>
                    $"{item.Text("name")} {item.Number("delivered")} {(item.Has("came") ? item.Text("came") : "-")} {(item.Has("answered") ? item.Text("answered.answers") : "-")}"
                ),
        ];
        Assert.Equal(["Lantern 0 1 0", "Silent 0 - 0", "Parish 0 2 -"], came);
        var mail = Assert.Single(seen.Items("digests"));
        Assert.Equal(("Each new post", false), (mail.Text("name"), mail.Has("opened")));
    }

    [Fact]
    public async Task Pages_of_the_site_tell_of_the_posts_in_them()
    {
        await host.FreshSiteAsync();
        var path = await PathAsync("Fog at the gate");
        var (key, id) = await host.InDatabaseAsync(database =>
            database
                .Threads.Where(thread => thread.SiteId == host.Site)
                .Select(one => ValueTuple.Create(one.Site.PublicKey, one.Identifier))
                .SingleAsync()
        );
        Assert.NotNull(path);
        using var page = Reader();
        (await page.PostAsync($"embed/came/{key}?id={id}&from=&by=county.example", null)).EnsureSuccessStatusCode();
        (await page.PostAsync($"embed/came/{key}?id=made-up&by=county.example", null)).EnsureSuccessStatusCode();
        Assert.Equal(["county.example"], (await SeenAsync()).Items("sources").Select(one => one.Text("name")));
    }

    [Fact]
    public async Task Sources_that_are_made_up_fill_no_table()
    {
        await host.FreshSiteAsync();
        var path = await PathAsync("Many names");
        for (var number = 0; number < 520; number++)
        {
            await ReadAsync($"{path}?utm_source=made-up-{number}");
            if (number % 100 == 99)
                await WriteAsync();
        }

        await ReadAsync($"{path}?utm_source=made-up-7");
        await WriteAsync();
        // Who was known before goes on being counted under their name.
        Assert.Equal(
            2,
            await host.InDatabaseAsync(database =>
                database
                    .ArrivalCounts.Where(arrivalCount =>
                        arrivalCount.SiteId == host.Site && arrivalCount.Source == "made-up-7"
                    )
                    .Select(one => one.Count)
                    .SingleAsync()
            )
        );
        Assert.InRange(
            await host.InDatabaseAsync(database => database.ArrivalCounts.CountAsync(one => one.SiteId == host.Site)),
            500,
            501
        );
        Assert.Equal(
            521,
            await host.InDatabaseAsync(database =>
                database.ArrivalCounts.Where(one => one.SiteId == host.Site).SumAsync(one => one.Count)
            )
        );
    }

    private Task ChannelAsync(string kind, string name, string address, string campaignSource) =>
        host.Owner.PostJsonAsync(
            $"{host.Api}channels/set-up",
            new
            {
                kind,
                name,
                settings = new
                {
                    address,
                    campaignSource,
                    choice = new
                    {
                        blogs = Array.Empty<long>(),
                        categories = Array.Empty<string>(),
                        tags = Array.Empty<string>(),
                        authors = Array.Empty<string>(),
                    },
                    when = "atOnce",
                    timing = new { },
                    template = "{title} {link}",
                },
            }
        );

    private async Task<string> PathAsync(string title) =>
        new Uri((await host.WriteAsync(title)).Text("address")).PathAndQuery;

    private async Task ReadAsync(string path, string? referrer = null, string agent = "Mozilla/5.0 (X11; Linux x86_64)")
    {
        using var reader = Reader(agent);
        if (referrer is not null)
            reader.DefaultRequestHeaders.Referrer = new Uri(referrer);
        (await reader.GetAsync(path)).EnsureSuccessStatusCode();
    }

    private HttpClient Reader(string agent = "Mozilla/5.0 (X11; Linux x86_64)")
    {
        var reader = host.Plain();
        reader.DefaultRequestHeaders.TryAddWithoutValidation("User-Agent", agent);
        return reader;
    }

    private Task WriteAsync() => host.Services.GetRequiredService<ArrivalCounting>().WriteAsync(CancellationToken.None);

    private async Task<Json> SeenAsync()
    {
        await WriteAsync();
        return await host.Owner.GetJsonAsync($"{host.Api}channels/arrivals");
    }
}

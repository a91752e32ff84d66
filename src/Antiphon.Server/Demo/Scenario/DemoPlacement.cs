using Antiphon.Core.Listings.Definition;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Comments;
using Antiphon.Server.Comments.Placing;
using Antiphon.Server.Listings.Installation;
using Antiphon.Server.Platform;
using Antiphon.Server.Subscribers.Forms;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Demo.Scenario;

/// <summary>
/// Pastes the scenario's snippets into Quillmoor's website through its page editor, as its owner would, and checks each
/// page. Runs once, when the demo is new.
/// </summary>
internal sealed class DemoPlacement(
    IServiceScopeFactory scopes,
    IHostApplicationLifetime lifetime,
    IOptions<DemoOptions> demo,
    IOptions<AntiphonOptions> antiphon,
    ILogger<DemoPlacement> log
) : BackgroundService
{
    private static readonly (string Listing, string Page, string Mark)[] Places =
    [
        ("Latest nights", "home", "<!-- latest posts -->"),
        ("Nights in pictures", "programmes", "<!-- programme posts -->"),
        ("For members", "membership", "<!-- membership posts -->"),
        ("From the bench", "shop", "<!-- bench posts -->"),
        ("The whole log", "night-log", "<!-- the whole log -->"),
        ("More like this", "night-log", "<!-- more like this -->"),
    ];

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // The check fetches our own script, so the server must be listening first.
        var started = new TaskCompletionSource();
        await using var registration = lifetime.ApplicationStarted.Register(() => started.TrySetResult());
        await started.Task.WaitAsync(stoppingToken);
        try
        {
            await PlaceAllAsync(stoppingToken);
        }
        catch (HttpRequestException failure)
        {
            log.LogWarning("The demo's website cannot be reached, so nothing was pasted: {Reason}", failure.Message);
        }
    }

    private async Task PlaceAllAsync(CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var database = scope.ServiceProvider.GetRequiredService<AntiphonContext>();
        if (await database.Sightings.AnyAsync(cancellation))
            return;
        var listings = await database
            .Listings.Include(row => row.Site)
            .Include(row => row.Look)
            .ToListAsync(cancellation);
        using var website = new HttpClient { BaseAddress = new Uri(demo.Value.Website) };
        var (site, shop) = (listings[0].Site, demo.Value.Website + "shop");
        var thread = ThreadSnippet.Make(
            antiphon.Value,
            site.PublicKey,
            new ThreadSnippetRequest("planisphere", shop, "Planisphere, 54 degrees north"),
            await scope
                .ServiceProvider.GetRequiredService<BakedComments>()
                .BakeAsync(site, "planisphere", shop, cancellation)
        );
        await PasteAsync(website, "shop", "<!-- shop thread -->", thread.Snippet, cancellation);
        var form = await database.SignUpForms.Include(signUpForm => signUpForm.Site).FirstAsync(cancellation);
        var digests = await database.Digests.ToDictionaryAsync(
            digest => digest.Id,
            digest => digest.Name,
            cancellation
        );
        await PasteAsync(
            website,
            "visit",
            "<!-- sign-up -->",
            SignUpMarkup.Snippet(form, digests, antiphon.Value),
            cancellation
        );
        foreach (var (name, page, mark) in Places)
        {
            if (listings.FirstOrDefault(row => row.Name == name) is not { } listing)
                continue;
            await PlaceAsync(website, listing, page, mark, scope.ServiceProvider, cancellation);
        }
    }

    private static async Task PlaceAsync(
        HttpClient website,
        Listing listing,
        string page,
        string mark,
        IServiceProvider services,
        CancellationToken cancellation
    )
    {
        var snippet = await services
            .GetRequiredService<SnippetMaker>()
            .MakeAsync(listing, SnippetWay.Script, withEntries: true, cancellation);
        await PasteAsync(website, page, mark, snippet.Snippet, cancellation);
        foreach (var link in await services.GetRequiredService<SnippetMaker>().FeedLinksAsync(listing, cancellation))
            await EditAsync(
                website,
                page,
                html =>
                    html.Contains(link, StringComparison.Ordinal)
                        ? html
                        : html.Replace("</head>", link + "\n</head>", StringComparison.Ordinal),
                cancellation
            );
        await services
            .GetRequiredService<InstallationVisit>()
            .CheckAsync(listing, new Uri(listing.PageAddress!), cancellation);
    }

    private static Task PasteAsync(
        HttpClient website,
        string page,
        string mark,
        string snippet,
        CancellationToken cancellation
    ) => EditAsync(website, page, html => html.Replace(mark, snippet, StringComparison.Ordinal), cancellation);

    private static async Task EditAsync(
        HttpClient website,
        string page,
        Func<string, string> edit,
        CancellationToken cancellation
    )
    {
        var html = await website.GetStringAsync(page == "home" ? "" : page, cancellation);
        var edited = edit(html);
        if (edited == html)
            return;
        using var form = new FormUrlEncodedContent([new("html", edited)]);
        using var answer = await website.PostAsync($"desk/{page}", form, cancellation);
        answer.EnsureSuccessStatusCode();
    }
}

using System.Text;
using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Feeds.Checking;
using Antiphon.Server.Feeds.Checking;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Feeds.Kept;

/// <summary>Begins runs of checks, and forgets old ones.</summary>
internal sealed class CheckRunBegin(AntiphonContext database, CheckRunSignal signal, TimeProvider clock)
{
    /// <summary>Most feeds of one run.</summary>
    public const int MostFeeds = 500;

    private const int RunsKept = 20;
    private const int LongestNamed = 60;

    /// <summary>Begins a run with the addresses of a list; the second value says what is wrong with the list.</summary>
    public async Task<(CheckRunSummary? Run, string? Problem)> StartAsync(
        long site,
        CheckRunRequest request,
        CancellationToken cancellation
    )
    {
        var (checks, problem) = ChecksOf(request.List ?? string.Empty);
        if (problem is not null)
            return (null, problem);
        if (checks.Count == 0 && !request.HasDocuments)
            return (null, "Enter the address of a feed in each line, or choose files.");
        var run = await NewAsync(site, checks, cancellation);
        return (await SummaryAsync(run, cancellation), null);
    }

    /// <summary>
    /// Adds a file: a feed is checked itself, of a list each feed it names. The second value says what is wrong.
    /// </summary>
    public async Task<(int Added, string? Problem)> AddAsync(
        CheckRun run,
        string name,
        byte[] bytes,
        CancellationToken cancellation
    )
    {
        if (bytes.Length == 0)
            return (0, $"“{name}” is empty. Choose another file.");
        var (checks, problem) = IsList(name, bytes)
            ? ChecksOf(Encoding.UTF8.GetString(bytes))
            : ([new KeptCheck { Name = Shortened.ToLength(name, KeptCheck.LongestName), Document = bytes }], null);
        var there = await database.KeptChecks.CountAsync(check => check.RunId == run.Id, cancellation);
        if (there + checks.Count > MostFeeds)
            problem = TooMany(there + checks.Count);
        if (problem is not null)
            return (0, $"“{name}”: {problem}");
        run.Checks.AddRange(checks.Select(check => Of(run.SiteId, check)));
        await database.SaveChangesAsync(cancellation);
        signal.Wake();
        return (checks.Count, null);
    }

    /// <summary>Begins a run with the feeds of another.</summary>
    public async Task<CheckRunSummary> RepeatAsync(long site, long run, CancellationToken cancellation)
    {
        var before = await database
            .KeptChecks.AsNoTracking()
            .Where(check => check.RunId == run)
            .OrderBy(check => check.Id)
            .Select(check => new KeptCheck
            {
                Name = check.Name,
                Address = check.Address,
                Document = check.Document,
            })
            .ToListAsync(cancellation);
        return await SummaryAsync(await NewAsync(site, before, cancellation), cancellation);
    }

    private async Task<long> NewAsync(long site, IEnumerable<KeptCheck> checks, CancellationToken cancellation)
    {
        var run = new CheckRun { SiteId = site, StartedAt = clock.GetUtcNow() };
        run.Checks.AddRange(checks.Select(check => Of(site, check)));
        database.CheckRuns.Add(run);
        await database.SaveChangesAsync(cancellation);
        await database
            .CheckRuns.Where(old => old.SiteId == site)
            .OrderByDescending(old => old.Id)
            .Skip(RunsKept)
            .ExecuteDeleteAsync(cancellation);
        signal.Wake();
        return run.Id;
    }

    private async Task<CheckRunSummary> SummaryAsync(long run, CancellationToken cancellation) =>
        (await CheckRunViews.SummariesAsync(database.CheckRuns.Where(row => row.Id == run), cancellation)).Single();

    private static KeptCheck Of(long site, KeptCheck check)
    {
        check.SiteId = site;
        return check;
    }

    private static (List<KeptCheck> Checks, string? Problem) ChecksOf(string list)
    {
        var (addresses, problem) = FeedAddressList.Read(list);
        if (addresses.Count == 0 && problem is not null)
            return ([], problem);
        if (addresses.Count > MostFeeds)
            return ([], TooMany(addresses.Count));
        var checks = new List<KeptCheck>();
        foreach (var given in addresses)
        {
            if (FeedCheckEndpoints.AddressOf(given) is not { } address || !LinkResolver.IsWeb(address.AbsoluteUri))
                return (
                    [],
                    $"“{Shortened.ToLength(given, LongestNamed)}” is no web address. Write one address in each line, such as https://www.site.example/feed.xml."
                );
            checks.Add(new KeptCheck { Name = address.AbsoluteUri, Address = address.AbsoluteUri });
        }

        return ([.. checks.DistinctBy(check => check.Name)], null);
    }

    private static string TooMany(int feeds) =>
        $"These are {feeds} feeds; up to {MostFeeds} are checked at once. Divide the list.";

    private static bool IsList(string name, byte[] bytes) =>
        name.EndsWith(".txt", StringComparison.OrdinalIgnoreCase)
        || FeedAddressList.IsOpml(Encoding.UTF8.GetString(bytes.AsSpan(0, Math.Min(bytes.Length, 4096))));
}

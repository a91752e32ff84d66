using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>Checks feeds from bytes and from addresses.</summary>
internal sealed class FeedCheckService(GuardedClient client, ServedProbe probe, TimeProvider clock)
{
    private const int LongestSource = 1_000_000;

    /// <summary>Checks what was fetched, and how it was served as far as the answer itself tells.</summary>
    /// <param name="fetched">The answer.</param>
    /// <param name="served">What else is known of how it is served; null for the answer alone.</param>
    public FeedCheckResult CheckFetched(Fetched fetched, ServedFacts? served = null) =>
        FeedCheck.Run(
            fetched.Bytes,
            new FeedCheckOptions(
                clock.GetUtcNow(),
                fetched.ContentType,
                fetched.Address,
                served ?? ServedProbe.Of(fetched)
            )
        );

    /// <summary>Repairs bytes.</summary>
    public RepairResult Repair(byte[] bytes, string? contentType, Uri? address = null) =>
        FeedRepair.Run(bytes, new FeedCheckOptions(clock.GetUtcNow(), contentType, address));

    /// <summary>
    /// Repairs what was fetched. What only a date of now could mend is dated <paramref name="since"/>, so that the same
    /// feed comes out the same at every visit.
    /// </summary>
    public static RepairResult RepairFetched(Fetched fetched, DateTimeOffset since) =>
        FeedRepair.Run(fetched.Bytes, new FeedCheckOptions(since, fetched.ContentType, fetched.Address));

    /// <summary>Fetches; the second value says why it could not be.</summary>
    public async Task<(Fetched? Page, string? Problem)> FetchAsync(Uri address, CancellationToken cancellation)
    {
        var fetched = await client.GetAsync(address, cancellation: cancellation);
        return fetched.Problem is { } problem ? (null, FetchWords.For(problem, fetched.Detail)) : (fetched, null);
    }

    /// <summary>Fetches and checks; the second value says why it could not be fetched.</summary>
    public async Task<(FeedCheckPage? Page, string? Problem)> CheckAsync(
        Uri address,
        RuleTexts texts,
        CancellationToken cancellation
    )
    {
        var (fetched, problem) = await FetchAsync(address, cancellation);
        if (fetched is null)
            return (null, problem);
        var served = await probe.TryAsync(fetched, cancellation);
        return (
            PageOf(
                FeedRepair.Run(
                    fetched.Bytes,
                    new FeedCheckOptions(clock.GetUtcNow(), fetched.ContentType, fetched.Address, served)
                ),
                texts,
                fetched.Address.AbsoluteUri,
                fetched.ContentType,
                fetched.Bytes.Length
            ),
            null
        );
    }

    /// <summary>What was found, with what a repair puts right of it, and the source.</summary>
    public static FeedCheckPage PageOf(
        RepairResult repaired,
        RuleTexts texts,
        string? address,
        string? contentType,
        int bytes
    )
    {
        var source = repaired.Before.Source;
        return new FeedCheckPage(
            FeedCheckTranslator.ViewOf(repaired, texts),
            source.Length > LongestSource ? source[..LongestSource] : source,
            address,
            contentType,
            bytes
        );
    }
}

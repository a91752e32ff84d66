using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Repair;
using Antiphon.Core.Findings;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>Checks feeds from bytes and from addresses.</summary>
internal sealed class FeedCheckService(GuardedClient client, ServedProbe probe, TimeProvider clock)
{
    private const int LongestSource = 1_000_000;

    // A page rarely names more than one whole blog; each is a request somebody waits for.
    private const int MostTried = 4;

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

    /// <summary>Checks what was given, but not how it is served.</summary>
    public FeedCheckResult Check(GivenFeed feed) =>
        FeedCheck.Run(feed.Bytes, new FeedCheckOptions(clock.GetUtcNow(), feed.ContentType, feed.Address));

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
        var examined = await ExamineAsync(address, cancellation);
        return examined.Trouble is { } trouble ? (null, trouble) : (PageOf(examined, texts), null);
    }

    /// <summary>Fetches an address and examines what comes.</summary>
    public async Task<ExaminedFeed> ExamineAsync(Uri address, CancellationToken cancellation)
    {
        var fetched = await client.GetAsync(address, cancellation: cancellation);
        if (fetched.Problem is not null)
            return new ExaminedFeed(fetched, null, 0);
        var served = await probe.TryAsync(fetched, cancellation);
        return new ExaminedFeed(
            fetched,
            FeedRepair.Run(
                fetched.Bytes,
                new FeedCheckOptions(clock.GetUtcNow(), fetched.ContentType, fetched.Address, served)
            ),
            fetched.Bytes.Length
        );
    }

    /// <summary>Examines a file or pasted text.</summary>
    public ExaminedFeed ExamineDocument(byte[] bytes) => new(null, Repair(bytes, contentType: null), bytes.Length);

    /// <summary>
    /// Examines what is at an address; where that is a page, the first feed it names that can be read as one. A page
    /// that names none is examined itself, which says what it is.
    /// </summary>
    public async Task<ExaminedFeed> ExamineBehindAsync(Uri address, CancellationToken cancellation)
    {
        var given = await ExamineAsync(address, cancellation);
        if (given is not { Answer: { } answer, Result.Before.Verdict: Verdict.NotAFeed })
            return given;
        var named = NamedBy(answer, cancellation);
        foreach (var link in named.Take(MostTried))
        {
            var examined = await ExamineAsync(link, cancellation);
            if (examined.Result is { Before.Feed: not null })
                return examined with { FoundOn = answer.Address, Others = [.. named.Where(other => other != link)] };
        }

        return given;
    }

    // Those of the whole blog first: they are what somebody means who gives the address of a page.
    private static List<Uri> NamedBy(Fetched answer, CancellationToken cancellation) =>
        answer.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) == true
        && answer.WithPage(cancellation).Page is { } page
            ?
            [
                .. FeedLinkFinder
                    .InPage(page, answer.Address, answer.Headers.Links)
                    .OrderBy(link => link.Scope)
                    .Select(link => link.Address)
                    .Distinct(),
            ]
            : [];

    /// <summary>What was found at an address, and the source.</summary>
    public static FeedCheckPage PageOf(ExaminedFeed examined, RuleTexts texts) =>
        PageOf(
            examined.Result!,
            texts,
            examined.Answer?.Address.AbsoluteUri,
            examined.Answer?.ContentType,
            examined.Size
        );

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

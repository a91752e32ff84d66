using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Rules.Documents;
using Antiphon.Core.Findings;
using Antiphon.Server.Outgoing;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Blogs;

/// <summary>Finds the feeds behind any address.</summary>
internal sealed class BlogDiscovery(GuardedClient client, TimeProvider clock)
{
    /// <summary>Pages that may send on to another before it is given up.</summary>
    private const int MostSentOn = 2;

    /// <summary>
    /// The feeds found, or why none was. An address without a scheme is tried with https, and with http where nobody
    /// answers to that.
    /// </summary>
    public async Task<DiscoveryOutcome> FindAsync(string address, CancellationToken cancellation)
    {
        var hasScheme = address.Contains("://", StringComparison.Ordinal);
        if (Complete(hasScheme ? address.Trim() : $"https://{address.Trim()}") is not { } uri)
            return DiscoveryOutcome.Refused(FetchWords.For(FetchProblem.NotAnAddress, null), "not-an-address");
        var outcome = await FromAddressAsync(uri, MostSentOn, cancellation);
        if (hasScheme || outcome.Code is not ("unreachable" or "insecure" or "too-slow"))
            return outcome;
        var plain = await FromAddressAsync(Complete($"http://{address.Trim()}")!, MostSentOn, cancellation);
        return plain.View is null && plain.Code == "unreachable" ? outcome : plain;
    }

    private async Task<DiscoveryOutcome> FromAddressAsync(Uri uri, int mayBeSentOn, CancellationToken cancellation)
    {
        var start = await client.GetAsync(uri, cancellation: cancellation);
        if (start.Problem is { } problem)
            return DiscoveryOutcome.Refused(FetchWords.For(problem, start.Detail), Code(problem));
        var given = Check(start);
        if (given.Format is not null)
            return FromGivenFeed(start, given);
        return LooksLikePage(start, given) ? await FromPageAsync(start, mayBeSentOn, cancellation) : Unreadable(given);
    }

    private static Uri? Complete(string address) =>
        Uri.TryCreate(address, UriKind.Absolute, out var uri) && uri.Scheme is "http" or "https" && uri.Host.Length > 0
            ? uri
            : null;

    private static string Code(FetchProblem problem) =>
        problem switch
        {
            FetchProblem.ErrorStatus => "error-status",
            FetchProblem.TooLarge => "too-large",
            FetchProblem.TooComplex => "too-complex",
            FetchProblem.NotAllowed => "not-allowed",
            FetchProblem.NotAnAddress or FetchProblem.BadRedirect => "not-an-address",
            FetchProblem.TooSlow => "too-slow",
            FetchProblem.TooManyRedirects => "too-many-redirects",
            FetchProblem.Insecure => "insecure",
            _ => "unreachable",
        };

    private static DiscoveryOutcome FromGivenFeed(Fetched start, FeedCheckResult given)
    {
        // A feed that breaks before its first entry gives nothing to follow; saying where it breaks helps more than an
        // empty candidate.
        if (given.Feed!.Items.Count == 0 && given.Findings.Any(finding => MendRules.IsBreak(finding.Rule)))
            return Unreadable(given);
        return DiscoveryOutcome.Found(
            start.Address,
            [
                CandidateOf(
                    new FeedLink(
                        start.MovedTo ?? (start.Redirects.Count > 0 ? start.Redirects[0].From : start.Address),
                        FeedLinkKind.Given
                    ),
                    start.Address,
                    given
                ),
            ]
        );
    }

    private static DiscoveryOutcome Unreadable(FeedCheckResult check)
    {
        // Where it breaks is what to mend; everything missing after the break is only its consequence.
        var first = check.Findings.FirstOrDefault(finding => MendRules.IsBreak(finding.Rule)) ?? check.Findings[0];
        var place = first.Line is { } line ? $" (line {line}, column {first.Column})" : string.Empty;
        return DiscoveryOutcome.Refused(
            $"There is a feed here, but it cannot be read. {first.Message}{place}. {first.Fix}",
            "feed-unreadable"
        );
    }

    private static bool LooksLikePage(Fetched start, FeedCheckResult check)
    {
        if (check.Findings.Any(finding => finding.Rule.Id == "document-is-a-page"))
            return true;
        return start.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) == true;
    }

    private async Task<DiscoveryOutcome> FromPageAsync(Fetched fetched, int mayBeSentOn, CancellationToken cancellation)
    {
        var page = fetched.WithPage(cancellation);
        if (page.Page is not { } document)
            return DiscoveryOutcome.Refused(FetchWords.For(page.Problem!.Value, page.Detail), Code(page.Problem.Value));
        var named = FeedLinkFinder.InPage(document, page.Address, page.Headers.Links);
        var candidates = await ReadAllAsync(named, page.Address, cancellation);
        // A page that sends its visitors on, or says that it is really another one, is asked about there before
        // anything is guessed.
        if (
            candidates.Count == 0
            && mayBeSentOn > 0
            && PageSigns.Of(document, page.Address) is var signs
            && (signs.Refresh ?? signs.Canonical) is { } elsewhere
        )
        {
            var there = await FromAddressAsync(elsewhere, mayBeSentOn - 1, cancellation);
            if (there.View is not null)
                return there;
        }

        if (candidates.Count == 0)
            candidates = await ReadAllAsync(FeedLinkFinder.UsualPaths(page.Address), page.Address, cancellation);
        if (candidates.Count > 0)
            return DiscoveryOutcome.Found(page.Address, candidates);
        var broken = named.Count > 0 ? await FirstUnreadableAsync(named[0], cancellation) : null;
        return broken
            ?? DiscoveryOutcome.Refused(
                "No feed found on this page. Enter the feed’s own address, or ask the site’s owner.",
                "no-feed"
            );
    }

    private async Task<DiscoveryOutcome?> FirstUnreadableAsync(FeedLink link, CancellationToken cancellation)
    {
        var fetched = await client.GetAsync(link.Address, cancellation: cancellation);
        if (fetched.Problem is { } problem)
            return DiscoveryOutcome.Refused(
                $"The page names a feed at {link.Address}, but: {FetchWords.For(problem, fetched.Detail)}",
                Code(problem)
            );
        var check = Check(fetched);
        return check.Findings.Count > 0 && !LooksLikePage(fetched, check) ? Unreadable(check) : null;
    }

    private async Task<List<CandidateView>> ReadAllAsync(
        IReadOnlyList<FeedLink> links,
        Uri page,
        CancellationToken cancellation
    )
    {
        var read = await Task.WhenAll(links.Select(link => ReadAsync(link, page, cancellation)));
        return
        [
            .. read.OfType<Ranked>()
                .OrderBy(ranked => ranked.Order)
                .Select(ranked => ranked.View)
                .DistinctBy(candidate => candidate.Address),
        ];
    }

    private async Task<Ranked?> ReadAsync(FeedLink link, Uri page, CancellationToken cancellation)
    {
        var fetched = await client.GetAsync(link.Address, cancellation: cancellation);
        if (fetched.Problem is not null)
            return null;
        var check = Check(fetched);
        return check.Format is null || check.Feed is null
            ? null
            : new Ranked(
                FeedRank.Order(link, check.Feed.Items.Count),
                CandidateOf(link with { Address = fetched.MovedTo ?? link.Address }, page, check)
            );
    }

    private FeedCheckResult Check(Fetched fetched) =>
        FeedCheck.Run(fetched.Bytes, new FeedCheckOptions(clock.GetUtcNow(), fetched.ContentType, fetched.Address));

    private static CandidateView CandidateOf(FeedLink link, Uri page, FeedCheckResult check)
    {
        var items = check.Feed!.Items;
        var counts = SeverityCounts.Of(check.Findings);
        var newest = items.Select(item => item.Published ?? item.Updated).Max();
        var latest = items
            .OrderByDescending(item => item.Published ?? item.Updated)
            .Take(3)
            .Select(item => item.Title ?? item.Link ?? "Untitled")
            .ToList();
        return new CandidateView(
            link.Address.AbsoluteUri,
            check.Feed.Title,
            check.Format,
            check.Version,
            items.Count,
            newest,
            check.Verdict,
            counts.Errors,
            counts.Warnings,
            latest,
            link.Kind,
            link.IsComments,
            FeedRank.Reason(link, page, items.Count)
        );
    }

    /// <summary>A feed that was found, with its place among the others.</summary>
    private sealed record Ranked(int Order, CandidateView View);
}

/// <summary>What discovery gives: feeds, or the reason there are none.</summary>
internal sealed record DiscoveryOutcome(DiscoverView? View, string? Refusal, string? Code)
{
    /// <summary>Feeds were found.</summary>
    public static DiscoveryOutcome Found(Uri address, IReadOnlyList<CandidateView> candidates) =>
        new(new DiscoverView(address.AbsoluteUri, candidates), null, null);

    /// <summary>None was.</summary>
    public static DiscoveryOutcome Refused(string words, string code) => new(null, TeamTexts.Say(words), code);
}

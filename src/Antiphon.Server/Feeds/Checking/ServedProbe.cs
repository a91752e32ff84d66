using Antiphon.Core.Feeds.Checking;
using Antiphon.Core.Feeds.Discovery;
using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Text;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Feeds.Checking;

/// <summary>
/// Finds out how a feed is served: from the answer, by asking again with its validators, and from the page it belongs
/// to.
/// </summary>
internal sealed class ServedProbe(GuardedClient client)
{
    /// <summary>What the answer itself tells.</summary>
    public static ServedFacts Of(Fetched fetched) =>
        new(fetched.Redirects.Count > 0 ? fetched.Redirects[0].From : fetched.Address, fetched.Address)
        {
            Steps = [.. fetched.Redirects.Select(step => new ServedStep(step.To, step.IsPermanent))],
            HasValidator = fetched.ETag is not null || fetched.LastModified is not null,
            IsCompressed = fetched.Headers.ContentEncoding is not null,
            IsOpenToPages = fetched.Headers.AllowOrigin is not null,
            ForbidsKeeping =
                fetched.Headers.CacheControl?.Contains("no-store", StringComparison.OrdinalIgnoreCase) == true,
            Took = fetched.Took,
        };

    /// <summary>What the answer tells, and what two more requests tell.</summary>
    public async Task<ServedFacts> TryAsync(Fetched fetched, CancellationToken cancellation)
    {
        var facts = Of(fetched);
        var again =
            facts.HasValidator == true
                ? client.GetAsync(fetched.Address, fetched.ETag, fetched.LastModified, cancellation)
                : null;
        var named = IsNamedAsync(fetched, cancellation);
        var heeds =
            again is null ? null
            : await again is { Problem: null } answer ? answer.NotModified
            : (bool?)null;
        return facts with { HeedsValidator = heeds, IsNamedByPage = await named };
    }

    private async Task<bool?> IsNamedAsync(Fetched fetched, CancellationToken cancellation)
    {
        var feed = FeedReader.Read(fetched.Bytes, new FeedReadOptions(fetched.ContentType, fetched.Address)).Feed;
        if (feed is null || !LinkResolver.IsWeb(feed.Link))
            return null;
        var page = await client.GetAsync(new Uri(feed.Link!), cancellation: cancellation);
        if (page.Problem is not null || page.ContentType?.Contains("html", StringComparison.OrdinalIgnoreCase) != true)
            return null;
        if (page.WithPage(cancellation).Page is not { } document)
            return null;
        var links = FeedLinkFinder.InPage(document, page.Address, page.Headers.Links);
        // Another form of the feed, or its address before a redirect, is named just as well; any feed that the page
        // names will be found.
        var own = new[]
        {
            fetched.Address.AbsoluteUri,
            feed.FeedLink,
            fetched.Redirects.Count > 0 ? fetched.Redirects[0].From.AbsoluteUri : null,
        }
            .Select(FoldedAddress.Of)
            .OfType<string>()
            .ToHashSet();
        return links.Any(link =>
            link.Kind is FeedLinkKind.Alternate or FeedLinkKind.Header
            || own.Contains(FoldedAddress.Of(link.Address.AbsoluteUri) ?? string.Empty)
        );
    }
}

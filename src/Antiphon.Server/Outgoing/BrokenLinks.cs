using Antiphon.Core.Feeds.Reading;

namespace Antiphon.Server.Outgoing;

/// <summary>Opens links and tells which fail.</summary>
internal sealed class BrokenLinks(GuardedClient client)
{
    private const int MostLinks = 20;

    /// <summary>Those of the first twenty web addresses that cannot be opened, with why in words.</summary>
    public async Task<IReadOnlyList<(string Address, string Problem)>> AmongAsync(
        IEnumerable<string?> addresses,
        CancellationToken cancellation
    )
    {
        var links = addresses.Where(LinkResolver.IsWeb).Distinct().Take(MostLinks);
        var answers = await Task.WhenAll(
            links.Select(async address =>
                (Address: address!, Answer: await client.GetAsync(new Uri(address!), cancellation: cancellation))
            )
        );
        // A page larger than what is read here is there all the same.
        return
        [
            .. answers
                .Where(pair => pair.Answer.Problem is not null and not FetchProblem.TooLarge)
                .Select(pair => (pair.Address, FetchWords.For(pair.Answer.Problem!.Value, pair.Answer.Detail))),
        ];
    }
}

namespace Antiphon.StandIns.Services;

/// <summary>
/// What the services took, kept across restarts so that nothing lost and nothing twice can be counted.
/// </summary>
public sealed class Inbox(StandInPorts ports)
    : KeptBook<Received>(Path.Combine(ports.Data, "received.jsonl"), received => received.Number)
{
    /// <summary>What a service took, the latest first.</summary>
    public IReadOnlyList<Received> Of(string service) => [.. All.Where(received => received.Service == service)];

    /// <summary>Takes something; the same key is the same thing.</summary>
    public (Received Page, bool IsNew) Take(
        string service,
        string key,
        string text,
        string body,
        string picture = "",
        string alt = ""
    )
    {
        var taken = Add(
            number => new Received(number, service, key, text, body, DateTimeOffset.UtcNow)
            {
                Picture = picture,
                Alt = alt,
            },
            key.Length == 0 ? null : received => received.Service == service && received.Key == key
        );
        if (!taken.IsNew)
            Change(taken.Page with { Repeats = taken.Page.Repeats + 1 });
        return taken;
    }
}

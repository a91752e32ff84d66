using System.Globalization;
using System.Text;

namespace Antiphon.Core.Feeds.Hub;

/// <summary>What somebody asks of a hub (WebSub §5.1).</summary>
/// <param name="IsSubscribe">Whether they want to be told, or no more.</param>
/// <param name="Callback">Where they are told.</param>
/// <param name="Topic">Address of the feed.</param>
/// <param name="Secret">What messages are signed with; null for unsigned ones.</param>
/// <param name="Lease">For how long.</param>
public sealed record HubAsk(bool IsSubscribe, Uri Callback, string Topic, string? Secret, TimeSpan Lease)
{
    /// <summary>Longest address and longest secret, the latter in bytes, exclusive (WebSub §5.1.1).</summary>
    public const int LongestAddress = 2000,
        LongestSecret = 200;

    private static readonly TimeSpan Shortest = TimeSpan.FromHours(1),
        Usual = TimeSpan.FromDays(10),
        Longest = TimeSpan.FromDays(30);

    /// <summary>Reads the form of the request; or what is wrong with it in plain words.</summary>
    /// <param name="field">Gives a field of the form, empty where it is missing.</param>
    public static (HubAsk? Ask, string? Problem) Read(Func<string, string> field)
    {
        var mode = field("hub.mode");
        if (mode is not ("subscribe" or "unsubscribe"))
            return (null, "hub.mode must be subscribe or unsubscribe.");
        var (callback, topic, secret) = (field("hub.callback"), field("hub.topic"), field("hub.secret"));
        if (
            callback.Length > LongestAddress
            || !Uri.TryCreate(callback, UriKind.Absolute, out var address)
            || address.Scheme is not ("http" or "https")
        )
            return (null, "hub.callback must be a whole web address.");
        if (topic.Length is 0 or > LongestAddress)
            return (null, "hub.topic must be the address of a feed.");
        if (Encoding.UTF8.GetByteCount(secret) >= LongestSecret)
            return (null, "hub.secret must be under 200 bytes.");
        return (
            new HubAsk(
                mode == "subscribe",
                address,
                topic,
                secret.Length == 0 ? null : secret,
                LeaseOf(field("hub.lease_seconds"))
            ),
            null
        );
    }

    /// <summary>The address that asks whether they meant it (WebSub §5.3).</summary>
    /// <param name="challenge">What they must answer with.</param>
    public Uri Question(string challenge)
    {
        var query =
            $"hub.mode={(IsSubscribe ? "subscribe" : "unsubscribe")}&hub.topic={Uri.EscapeDataString(Topic)}&hub.challenge={challenge}"
            + (
                IsSubscribe
                    ? string.Create(CultureInfo.InvariantCulture, $"&hub.lease_seconds={(long)Lease.TotalSeconds}")
                    : string.Empty
            );
        var made = new UriBuilder(Callback);
        // What their address asks already stays.
        made.Query = made.Query.Length > 1 ? made.Query[1..] + "&" + query : query;
        return made.Uri;
    }

    // A wish is no right; what is missing or no number takes the usual time.
    private static TimeSpan LeaseOf(string seconds) =>
        long.TryParse(seconds, NumberStyles.None, CultureInfo.InvariantCulture, out var wished)
            ? TimeSpan.FromSeconds(Math.Clamp(wished, (long)Shortest.TotalSeconds, (long)Longest.TotalSeconds))
            : Usual;
}

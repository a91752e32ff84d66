using System.Collections.Concurrent;
using System.Globalization;
using System.Security.Cryptography;
using System.Text;

namespace Antiphon.StandIns.World;

/// <summary>
/// A hub (WebSub) for the feeds of the county: asks back before it believes a subscriber, and sends signed what is new.
/// </summary>
public sealed class Hub(IHttpClientFactory clients) : IDisposable
{
    private const int MostQuestions = 8;
    private static readonly TimeSpan BetweenQuestions = TimeSpan.FromSeconds(1);
    private readonly ConcurrentDictionary<string, Subscription> _subscriptions = new();
    private readonly CancellationTokenSource _end = new();
    private int _published;

    /// <summary>Items that were added to the feed of the star party.</summary>
    public string Entries { get; private set; } = string.Empty;

    /// <summary>Addresses that are told.</summary>
    public IReadOnlyCollection<string> Callbacks => [.. _subscriptions.Keys];

    /// <summary>Takes a request to subscribe or to leave, and asks back afterwards (WebSub §5.3).</summary>
    public void Ask(string mode, string topic, string callback, string? secret, int lease) => _ = Task.Run(() => VerifyAsync(mode, new Subscription(topic, callback, secret, lease)));

    /// <summary>Adds an item to the feed of the star party and gives its number.</summary>
    public int Add(StandInPorts ports, DateTimeOffset now)
    {
        var number = 2 + Interlocked.Increment(ref _published);
        Entries = string.Create(CultureInfo.InvariantCulture, $"<item><title>News from the field, {number}</title><link>{ports.WorldAddress}county/star-party/{number}</link><guid>{ports.WorldAddress}county/star-party/{number}</guid><pubDate>{now.UtcDateTime:ddd, dd MMM yyyy HH:mm:ss} GMT</pubDate><description>The kettle is on.</description></item>\n") + Entries;
        return number;
    }

    /// <summary>Sends a feed to everybody who asked for its topic, signed where a secret was given (§7).</summary>
    public async Task SendAsync(string topic, string body)
    {
        var bytes = Encoding.UTF8.GetBytes(body);
        foreach (var subscription in _subscriptions.Values.Where(known => known.Topic == topic))
        {
            using var client = clients.CreateClient();
            using var content = new ByteArrayContent(bytes);
            content.Headers.TryAddWithoutValidation("Content-Type", "application/rss+xml; charset=utf-8");
            if (subscription.Secret is not null) content.Headers.Add("X-Hub-Signature", "sha256=" + Convert.ToHexStringLower(HMACSHA256.HashData(Encoding.UTF8.GetBytes(subscription.Secret), bytes)));
            using var answer = await client.PostAsync(subscription.Callback, content, _end.Token);
            if (answer.StatusCode == System.Net.HttpStatusCode.Gone) _subscriptions.TryRemove(subscription.Callback, out _);
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        _end.Cancel();
        _end.Dispose();
    }

    private async Task VerifyAsync(string mode, Subscription subscription)
    {
        // Who cannot be reached may just be starting, and is asked again a few times.
        var confirmed = false;
        using var pause = new PeriodicTimer(BetweenQuestions);
        for (var question = 0; question < MostQuestions && !confirmed; question++)
        {
            confirmed = await IsConfirmedAsync(mode, subscription);
            if (!confirmed) await pause.WaitForNextTickAsync(_end.Token);
        }

        if (!confirmed) return;
        if (mode == "subscribe") _subscriptions[subscription.Callback] = subscription;
        else _subscriptions.TryRemove(subscription.Callback, out _);
    }

    private async Task<bool> IsConfirmedAsync(string mode, Subscription subscription)
    {
        using var client = clients.CreateClient();
        var challenge = RandomNumberGenerator.GetHexString(24);
        var mark = subscription.Callback.Contains('?', StringComparison.Ordinal) ? '&' : '?';
        try
        {
            using var answer = await client.GetAsync($"{subscription.Callback}{mark}hub.mode={mode}&hub.topic={Uri.EscapeDataString(subscription.Topic)}&hub.challenge={challenge}&hub.lease_seconds={subscription.Lease}", _end.Token);
            return answer.IsSuccessStatusCode && await answer.Content.ReadAsStringAsync(_end.Token) == challenge;
        }
        catch (HttpRequestException)
        {
            return false;
        }
    }

    private sealed record Subscription(string Topic, string Callback, string? Secret, int Lease);
}

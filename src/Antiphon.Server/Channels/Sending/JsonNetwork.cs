using System.Net.Http.Headers;
using System.Text.Json;
using Antiphon.Core.Channels;
using Antiphon.Core.Channels.Counting;
using Antiphon.Server.Outgoing;

namespace Antiphon.Server.Channels.Sending;

/// <summary>
/// A network that takes short posts as JSON: text, picture and its words are posted to one address with a token, and
/// "Idempotency-Key" tells repeats apart. A post it took tells as JSON what it brought:
/// "answers", "likes" and "passedOn".
/// </summary>
internal sealed class JsonNetwork(GuardedClient client, TimeProvider clock) : ISocialNetwork
{
    /// <inheritdoc/>
    public async Task<SendOutcome> PublishAsync(
        Uri address,
        string? token,
        string key,
        SocialNote note,
        CancellationToken cancellation
    )
    {
        var answer = await client.SendAnyAsync(
            address,
            to =>
                Request(
                    HttpMethod.Post,
                    to,
                    token,
                    JsonContent.Create(
                        new
                        {
                            text = note.Text,
                            picture = note.Picture,
                            alt = note.Alt,
                        }
                    ),
                    key
                ),
            cancellation
        );
        return Answers.Of(answer, clock.GetUtcNow(), taken =>
            SendOutcome.Taken($"{taken.Status}: taken", Answers.MadeAt(taken))
        );
    }

    /// <inheritdoc/>
    public async Task<SendOutcome> RemoveAsync(Uri address, string? token, string made, CancellationToken cancellation)
    {
        if (!Credentials.SameOrigin(address, new Uri(made)))
            return SendOutcome.Refused(Elsewhere(made));
        var answer = await client.SendAnyAsync(
            new Uri(made),
            to => Request(HttpMethod.Delete, to, token, null, null),
            cancellation
        );
        // What is gone already needs no removing.
        if (answer.Status is 404 or 410)
            return SendOutcome.Taken("It was gone already.");
        return Answers.Of(answer, clock.GetUtcNow(), taken => SendOutcome.Taken($"{taken.Status}: removed"));
    }

    /// <inheritdoc/>
    public async Task<NetworkCounting> CountAsync(
        Uri address,
        string? token,
        string made,
        CancellationToken cancellation
    )
    {
        if (!Credentials.SameOrigin(address, new Uri(made)))
            return new NetworkCounting(null, Problem: Elsewhere(made));
        var answer = await client.SendAnyAsync(
            new Uri(made),
            to =>
            {
                var request = Request(HttpMethod.Get, to, token, null, null);
                request.Headers.Accept.Add(new MediaTypeWithQualityHeaderValue("application/json"));
                return request;
            },
            cancellation
        );
        if (answer.Problem is { } problem)
            return new NetworkCounting(null, answer.Status is 404 or 410, FetchWords.For(problem, answer.Detail));
        return new NetworkCounting(Read(answer.Bytes));
    }

    // An answer may name any address; the token is for the network alone.
    private static string Elsewhere(string made) =>
        $"The network keeps the post at {new Uri(made).Host}, another site than its own, which is not asked.";

    // A network that answers with something else tells nothing, and that is no fault.
    private static NetworkCounts? Read(byte[] bytes)
    {
        try
        {
            return
                JsonSerializer.Deserialize<NetworkCounts>(bytes, JsonSerializerOptions.Web)
                    is { Answers: >= 0, Likes: >= 0, PassedOn: >= 0 } counts
                ? counts
                : null;
        }
        catch (JsonException)
        {
            return null;
        }
    }

    /// <inheritdoc/>
    public async Task<SendOutcome> AskAsync(Uri address, string? token, CancellationToken cancellation)
    {
        var answer = await client.SendAnyAsync(
            address,
            to => Request(HttpMethod.Get, to, token, null, null),
            cancellation
        );
        return Answers.Of(answer, clock.GetUtcNow(), taken => SendOutcome.Taken($"Connected: {Answers.TextOf(taken)}"));
    }

    private static HttpRequestMessage Request(
        HttpMethod method,
        Uri to,
        string? token,
        HttpContent? content,
        string? key
    )
    {
        var request = new HttpRequestMessage(method, to) { Content = content };
        Answers.Authorize(request, token);
        if (key is not null)
            request.Headers.Add("Idempotency-Key", key);
        return request;
    }
}

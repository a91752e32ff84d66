using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>Shorthand for talking to the API.</summary>
internal static class HttpTalk
{
    /// <summary>Gets an answer that must be good.</summary>
    public static async Task<Json> GetJsonAsync(this HttpClient client, string path) =>
        await GoodAsync(await client.GetAsync(path));

    /// <summary>Posts and wants a good answer.</summary>
    public static async Task<Json> PostJsonAsync(this HttpClient client, string path, object? body = null) =>
        await GoodAsync(await client.PostAsJsonAsync(path, body ?? new { }));

    /// <summary>Puts and wants a good answer.</summary>
    public static async Task<Json> PutJsonAsync(this HttpClient client, string path, object body) =>
        await GoodAsync(await client.PutAsJsonAsync(path, body));

    /// <summary>Posts and wants a refusal of that status; gives its problem details.</summary>
    public static async Task<Json> RefusedAsync(
        this HttpClient client,
        string path,
        object body,
        HttpStatusCode status = HttpStatusCode.BadRequest
    )
    {
        var answer = await client.PostAsJsonAsync(path, body);
        return await ProblemAsync(answer, status);
    }

    /// <summary>The problem details of an answer that must have that status.</summary>
    public static async Task<Json> ProblemAsync(this HttpResponseMessage answer, HttpStatusCode status)
    {
        var text = await answer.Content.ReadAsStringAsync();
        Assert.True(answer.StatusCode == status, $"{(int)answer.StatusCode} instead of {(int)status}: {text}");
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType?.MediaType);
        return new Json(JsonNode.Parse(text));
    }

    /// <summary>The tree of a good answer.</summary>
    public static async Task<Json> GoodAsync(HttpResponseMessage answer)
    {
        var text = await answer.Content.ReadAsStringAsync();
        Assert.True(
            answer.IsSuccessStatusCode,
            $"{(int)answer.StatusCode} from {answer.RequestMessage?.RequestUri}: {text}"
        );
        return new Json(text.Length == 0 ? null : JsonNode.Parse(text));
    }
}

using System.Net;
using System.Net.Http.Json;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>Somebody with a browser: keeps cookies and sends the antiforgery token of the session along.</summary>
internal sealed class Visitor : IDisposable
{
    private const string Header = "X-Antiphon-Antiforgery";
    private readonly CookieContainer _cookies = new();
    private readonly HttpClient _client;

    public Visitor(Uri address) =>
        _client = new HttpClient(new SocketsHttpHandler { CookieContainer = _cookies, AllowAutoRedirect = false })
        {
            BaseAddress = address,
        };

    /// <summary>Takes copies of another visitor's cookies.</summary>
    public void TakeCookiesOf(Visitor other) => _cookies.Add(other._cookies.GetAllCookies());

    /// <summary>What the session says.</summary>
    public Task<Json> SessionAsync() => _client.GetJsonAsync("api/session");

    /// <summary>Posts with the token of the moment and wants a good answer.</summary>
    public async Task<Json> PostAsync(string path, object body) =>
        await HttpTalk.GoodAsync(await SendAsync(HttpMethod.Post, path, body));

    /// <summary>Signs in; gives the status.</summary>
    public async Task<HttpResponseMessage> SignInAsync(string mail, string password) =>
        await SendAsync(HttpMethod.Post, "api/session", new { mail, password });

    /// <summary>Sends a request, with or without the antiforgery token.</summary>
    public async Task<HttpResponseMessage> SendAsync(
        HttpMethod method,
        string path,
        object? body = null,
        bool withToken = true
    )
    {
        using var request = new HttpRequestMessage(method, path);
        if (body is not null)
            request.Content = JsonContent.Create(body);
        if (withToken)
            request.Headers.Add(Header, (await SessionAsync()).Text("antiforgeryToken"));
        return await _client.SendAsync(request);
    }

    /// <inheritdoc/>
    public void Dispose() => _client.Dispose();
}

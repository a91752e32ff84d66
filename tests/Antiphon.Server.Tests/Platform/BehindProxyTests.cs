using System.Net;
using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform;

/// <summary>A server that readers reach over TLS, through a web server that speaks plainly to it.</summary>
public sealed class BehindProxyTests : IAsyncLifetime
{
    private const string Name = "antiphon.example";
    private readonly EmptyHost _host = new EmptyHost().With("Antiphon:PublicAddress", $"https://{Name}/");

    public Task InitializeAsync() => _host.InitializeAsync();

    public Task DisposeAsync() => ((IAsyncLifetime)_host).DisposeAsync();

    [Theory]
    [InlineData(Name, "api/session", HttpStatusCode.OK)]
    [InlineData("ANTIPHON.example", "api/session", HttpStatusCode.OK)]
    [InlineData("evil.example", "api/session", HttpStatusCode.MisdirectedRequest)]
    [InlineData("evil.example", "", HttpStatusCode.MisdirectedRequest)]
    [InlineData("127.0.0.1", "api/session", HttpStatusCode.MisdirectedRequest)]
    [InlineData("evil.example", "healthz", HttpStatusCode.OK)]
    public async Task Only_names_that_are_ours_are_answered(string name, string path, HttpStatusCode status)
    {
        using var client = Client(name);
        Assert.Equal(status, (await client.GetAsync(path)).StatusCode);
    }

    [Fact]
    public async Task Cookies_go_over_TLS_alone_and_browsers_are_told_so()
    {
        using var client = Client(Name);
        using var answer = await client.GetAsync("api/session");
        var cookie = Assert.Single(answer.Headers.GetValues("Set-Cookie"));
        Assert.StartsWith("__Host-", cookie, StringComparison.Ordinal);
        Assert.Contains("secure", cookie, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("path=/", cookie, StringComparison.OrdinalIgnoreCase);
        Assert.StartsWith(
            "max-age",
            answer.Headers.GetValues("Strict-Transport-Security").Single(),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("https://antiphon.example", true)]
    [InlineData("https://quillmoor.example", true)]
    [InlineData("https://evil.example", false)]
    [InlineData("http://127.0.0.1", false)]
    public async Task Our_own_forms_are_ours_whatever_the_server_in_front_speaks(string origin, bool isTaken)
    {
        await AddSiteAsync();
        using var client = Client(Name);
        client.DefaultRequestHeaders.Add("Origin", origin);
        using var answer = await client.PostAsync(
            "embed/threads/k7?identifier=night",
            new FormUrlEncodedContent(new Dictionary<string, string> { ["name"] = "Wilf", ["text"] = "Clear." })
        );
        Assert.Equal(isTaken, answer.StatusCode != HttpStatusCode.Forbidden);
    }

    [Fact]
    public async Task The_sender_is_whom_the_server_in_front_names()
    {
        using var one = Client(Name);
        one.DefaultRequestHeaders.Add("X-Forwarded-For", "93.184.216.34");
        HttpStatusCode last = default;
        for (var asked = 0; asked < 40; asked++)
            last = (await one.GetAsync("api/invitations/nothing")).StatusCode;
        Assert.Equal(HttpStatusCode.TooManyRequests, last);
        using var other = Client(Name);
        other.DefaultRequestHeaders.Add("X-Forwarded-For", "93.184.216.35");
        Assert.Equal(HttpStatusCode.NotFound, (await other.GetAsync("api/invitations/nothing")).StatusCode);
    }

    private HttpClient Client(string name)
    {
        var client = new HttpClient(new SocketsHttpHandler { AllowAutoRedirect = false, UseCookies = false })
        {
            BaseAddress = _host.Address,
        };
        client.DefaultRequestHeaders.Host = name;
        return client;
    }

    private async Task AddSiteAsync()
    {
        await using var database = await _host
            .Services.GetRequiredService<IDbContextFactory<AntiphonContext>>()
            .CreateDbContextAsync();
        database.Sites.Add(
            new Site
            {
                PublicKey = "k7",
                Name = "Quillmoor",
                Address = "https://quillmoor.example/",
                TimeZone = "Europe/London",
                Language = "en-GB",
                AllowedAddresses = ["https://quillmoor.example"],
            }
        );
        await database.SaveChangesAsync();
    }
}

using System.Net.Http.Headers;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Antiphon.Browser.Tests.Driving;
using Antiphon.Tests;

namespace Antiphon.Browser.Tests.Stories;

/// <summary>Nothing lost, nothing twice: the server is killed between outbox and mailbox.</summary>
public sealed class CrashStory : IAsyncLifetime
{
    private Installation _installation = null!;

    public async Task InitializeAsync() => _installation = await Installation.StartAsync(demo: true);

    public async Task DisposeAsync() => await _installation.DisposeAsync();

    [Fact]
    public async Task Every_subscriber_gets_one_mail_although_the_server_is_killed_twice()
    {
        await _installation.World.MailAsync(delay: 150);
        var subscribers = await PublishAsync();
        for (var kill = 1; kill <= 2; kill++)
        {
            var before = kill * 4;
            await Eventually.IsAsync($"{before} mails", MailsAsync, mails => mails.Count >= before);
            await _installation.KillServerAsync();
            await _installation.StartServerAsync();
        }

        var mails = await Eventually.IsAsync("all mails", MailsAsync, all => all.Count >= subscribers);
        await Eventually.TrueAsync("the outbox to be empty", OutboxIsEmptyAsync);
        mails = await MailsAsync();
        Assert.Equal(subscribers, mails.Count);
        Assert.Equal(mails.Count, mails.Select(mail => mail.To).Distinct().Count());
    }

    private async Task<List<ReceivedMail>> MailsAsync() =>
        [.. (await _installation.World.MailsAsync()).Where(mail => mail.Subject == "A night without lamps")];

    private async Task<int> PublishAsync()
    {
        using var script = Script();
        var blogs = await script.GetFromJsonAsync<JsonArray>("api/sites/1/blogs");
        var blog = blogs!.Single(blog => (bool)blog!["writtenHere"]!)!["id"]!;
        var post = new
        {
            blogId = (long)blog,
            title = "A night without lamps",
            bodyHtml = "<p>Nobody spoke for a while.</p>",
            status = "published",
            revision = 0,
        };
        (await script.PostAsJsonAsync("api/sites/1/posts", post)).EnsureSuccessStatusCode();
        return (int)(await script.GetFromJsonAsync<JsonArray>("api/sites/1/channels/digests"))![0]!["receivers"]!;
    }

    private async Task<bool> OutboxIsEmptyAsync()
    {
        using var script = Script();
        return (int)(await script.GetFromJsonAsync<JsonNode>("api/sites/1/channels/mail"))!["open"]! == 0;
    }

    private HttpClient Script()
    {
        var client = new HttpClient { BaseAddress = _installation.Address };
        client.DefaultRequestHeaders.Authorization = new AuthenticationHeaderValue("Bearer", "demo-token");
        return client;
    }
}

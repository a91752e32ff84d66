using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Comments;

/// <summary>A thread, talked to as a reader's browser does and decided on as a moderator does.</summary>
internal sealed class ThreadTalk(AntiphonHost host, string siteKey, string identifier, string page)
{
    /// <summary>A thread nobody has written in.</summary>
    public static async Task<ThreadTalk> NewAsync(AntiphonHost host, string page) =>
        new(
            host,
            (await host.Owner.GetJsonAsync(host.Api.TrimEnd('/'))).Text("publicKey"),
            $"thread-{Guid.NewGuid():N}",
            page
        );

    /// <summary>The thread of a page, known by its address alone.</summary>
    public static async Task<ThreadTalk> OfPageAsync(AntiphonHost host, string page) =>
        new(host, (await host.Owner.GetJsonAsync(host.Api.TrimEnd('/'))).Text("publicKey"), string.Empty, page);

    private string Query => $"?id={Uri.EscapeDataString(identifier)}&url={Uri.EscapeDataString(page)}&title=Visit";

    /// <summary>The fragment readers see.</summary>
    public Task<string> HtmlAsync() => host.Plain().GetStringAsync($"embed/threads/{siteKey}.html{Query}");

    /// <summary>The same for programs.</summary>
    public Task<Json> JsonAsync() => host.Plain().GetJsonAsync($"embed/threads/{siteKey}.json{Query}&most=200");

    /// <summary>The number of its comments as pages show it, beside that of a thread nobody knows.</summary>
    public Task<Json> CountsAsync() =>
        host.Plain().GetJsonAsync($"embed/threads/{siteKey}/counts.json?id={identifier}&id=nowhere");

    /// <summary>Identifier of the thread.</summary>
    public string Identifier => identifier;

    /// <summary>Writes a comment that must be taken.</summary>
    public async Task WriteAsync(string name, string text, string mail = "", string key = "") =>
        await HttpTalk.GoodAsync(await PostAsync(name, text, mail, key: key));

    /// <summary>Sends the form.</summary>
    public async Task<HttpResponseMessage> PostAsync(
        string name,
        string text,
        string mail = "",
        bool asJson = true,
        string key = "",
        string trap = "",
        string? origin = null,
        string answers = ""
    )
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"embed/threads/{siteKey}");
        if (asJson)
            request.Headers.Add("Accept", "application/json");
        if (origin is not null)
            request.Headers.Add("Origin", origin);
        request.Content = new FormUrlEncodedContent(
            new Dictionary<string, string>
            {
                ["id"] = identifier,
                ["url"] = page,
                ["title"] = "Visit",
                ["name"] = name,
                ["mail"] = mail,
                ["text"] = text,
                ["website"] = trap,
                ["key"] = key,
                ["answers"] = answers,
            }
        );
        return await host.Plain().SendAsync(request);
    }

    /// <summary>Sends any form of the thread; "act" is the end of its address, such as "/own".</summary>
    public Task<HttpResponseMessage> SendAsync(string act, params (string Name, string Value)[] fields)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, $"embed/threads/{siteKey}{act}");
        request.Headers.Add("Accept", "application/json");
        var all = new Dictionary<string, string>
        {
            ["id"] = identifier,
            ["url"] = page,
            ["title"] = "Visit",
        };
        foreach (var (name, value) in fields)
            all[name] = value;
        request.Content = new FormUrlEncodedContent(all);
        return host.Plain().SendAsync(request);
    }

    /// <summary>Public key of the site.</summary>
    public string SiteKey => siteKey;

    /// <summary>Votes on a comment or reports it.</summary>
    public Task<HttpResponseMessage> SpeakAsync(
        string comment,
        string device,
        string? vote = null,
        string? report = null,
        bool asJson = true
    )
    {
        var request = new HttpRequestMessage(HttpMethod.Post, $"embed/threads/{siteKey}/voice");
        if (asJson)
            request.Headers.Add("Accept", "application/json");
        var fields = new Dictionary<string, string>
        {
            ["id"] = identifier,
            ["url"] = page,
            ["title"] = "Visit",
            ["comment"] = comment,
            ["device"] = device,
        };
        if (vote is not null)
            fields["vote"] = vote;
        if (report is not null)
            fields["report"] = report;
        request.Content = new FormUrlEncodedContent(fields);
        return host.Plain().SendAsync(request);
    }

    /// <summary>The fragment in an order, with more of what it may be asked with.</summary>
    public Task<string> HtmlAsync(string order, string more = "") =>
        host.Plain().GetStringAsync($"embed/threads/{siteKey}.html{Query}&order={order}{more}");

    /// <summary>How many comments of the thread stand so.</summary>
    public async Task<int> CountAsync(string standing) => (await QueueAsync(standing)).Count;

    /// <summary>The comments of the thread that stand so, as moderators see them.</summary>
    public async Task<IReadOnlyList<Json>> QueueAsync(string standing)
    {
        var thread = (await host.Owner.GetJsonAsync(host.Api + "threads"))
            .Items()
            .SingleOrDefault(item =>
                item.Text("identifier") == identifier || (identifier.Length == 0 && item.Text("address") == page)
            );
        return thread is null
            ? []
            : (
                await host.Owner.GetJsonAsync($"{host.Api}comments?standing={standing}&thread={thread.Number("id")}")
            ).Items("comments");
    }

    /// <summary>Decides everything that waits.</summary>
    public async Task DecideAllAsync(string standing)
    {
        foreach (var comment in await QueueAsync("waiting"))
            await host.Owner.PostJsonAsync(
                $"{host.Api}comments/{comment.Number("id")}/decision",
                new { standing, seen = "waiting" }
            );
    }
}

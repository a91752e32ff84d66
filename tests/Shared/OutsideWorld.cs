using System.Net.Http.Json;

namespace Antiphon.Tests;

/// <summary>
/// The stand-ins as a process of their own: Quillmoor's website, other people's sites, and a mailbox.
/// </summary>
internal sealed class OutsideWorld : IAsyncDisposable
{
    private readonly OwnProcess _process;
    private readonly TemporaryFolder _data;
    private readonly HttpClient _http;

    private OutsideWorld(OwnProcess process, TemporaryFolder data, int[] ports)
    {
        (_process, _data, Website, World, SmtpPort, PopPort) = (
            process,
            data,
            AddressOf(ports[0]),
            AddressOf(ports[1]),
            ports[2],
            ports[3]
        );
        _http = new HttpClient { BaseAddress = World };
    }

    /// <summary>Quillmoor's website.</summary>
    public Uri Website { get; }

    /// <summary>Everybody else.</summary>
    public Uri World { get; }

    /// <summary>Port of the mail server.</summary>
    public int SmtpPort { get; }

    /// <summary>Port of the mailbox of returns.</summary>
    public int PopPort { get; }

    /// <summary>The "host:port" pairs a server under test may reach.</summary>
    public string[] Hosts => [Website.Authority, World.Authority];

    /// <summary>Starts it on free ports.</summary>
    public static async Task<OutsideWorld> StartAsync()
    {
        var ports = FreePorts.Take(4);
        var data = new TemporaryFolder();
        var process = await OwnProcess.StartAsync(
            "Antiphon.StandIns",
            AddressOf(ports[1]),
            "--website",
            $"{ports[0]}",
            "--world",
            $"{ports[1]}",
            "--smtp",
            $"{ports[2]}",
            "--pop",
            $"{ports[3]}",
            "--data",
            data.Path
        );
        return new OutsideWorld(process, data, ports);
    }

    /// <summary>Tells a blog how to behave: well, error, missing, endless, rubbish or page.</summary>
    public Task MisbehaveAsync(string blog, string mode) => _http.PostAsync($"control/blogs/{blog}?mode={mode}", null);

    /// <summary>
    /// Tells a service how to fail: well, error, late-error, busy, refuse, close, late-close, silent, slow or random.
    /// </summary>
    public Task FailAsync(string service, string mode) =>
        _http.PostAsync($"control/services/{service}?mode={mode}", null);

    /// <summary>What a service took, the latest first.</summary>
    public async Task<IReadOnlyList<TakenThing>> TakenAsync(string service) =>
        await _http.GetFromJsonAsync<List<TakenThing>>($"{service}/received") ?? [];

    /// <summary>Makes the mail server slow, in milliseconds for each mail, or put off so many mails.</summary>
    public Task MailAsync(int delay = 0, int putOff = 0) =>
        _http.PostAsync($"control/mail?delay={delay}&putOff={putOff}", null);

    /// <summary>The mails that arrived.</summary>
    public async Task<IReadOnlyList<ReceivedMail>> MailsAsync() =>
        await _http.GetFromJsonAsync<List<ReceivedMail>>("mailbox/api/messages") ?? [];

    /// <summary>Throws all mails away, and lets the mail server be quick and willing again.</summary>
    public async Task EmptyMailboxAsync()
    {
        await MailAsync();
        await _http.PostAsync("mailbox/empty", null);
    }

    /// <summary>A mail as it came.</summary>
    public async Task<string> SourceAsync(ReceivedMail mail) => await _http.GetStringAsync($"mailbox/{mail.Id}/source");

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        _http.Dispose();
        await _process.DisposeAsync();
        _data.Dispose();
    }

    private static Uri AddressOf(int port) => new($"http://127.0.0.1:{port}/");
}

/// <summary>A mail as the mailbox tells of it.</summary>
internal sealed record ReceivedMail(int Id, string To, string From, string Subject, string MessageId);

/// <summary>Something a service took, as it tells of it.</summary>
internal sealed record TakenThing(
    int Number,
    string Key,
    string Text,
    string Body,
    string Picture,
    string Alt,
    bool IsGone,
    int Repeats
);

using System.Net;
using System.Net.Sockets;
using System.Text;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Platform;

/// <summary>Somebody who sends so slowly that nothing ever comes of it.</summary>
public sealed class SlowSenderTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task Who_sends_slowly_keeps_nobody_else_from_writing()
    {
        var path = await PathAsync();
        var slow = new List<TcpClient>();
        try
        {
            for (var sender = 0; sender < 7; sender++)
                slow.Add(await BeginAsync(path));
            using var reader = host.Plain();
            using var answer = await reader.PostAsync(
                path,
                new FormUrlEncodedContent(
                    new Dictionary<string, string>
                    {
                        ["name"] = "Wilf",
                        ["text"] = "Clear from nine.",
                        ["title"] = "Night",
                        ["url"] = "https://quillmoor.example/night",
                    }
                )
            );
            Assert.InRange((int)answer.StatusCode, 200, 399);
            Assert.All(slow, client => Assert.Equal(0, client.Available));
        }
        finally
        {
            slow.ForEach(client => client.Dispose());
        }
    }

    [Fact]
    public async Task Too_many_bodies_of_one_sender_at_once_are_put_off()
    {
        var path = await PathAsync();
        using var reader = host.Plain();
        var form = new Dictionary<string, string> { ["name"] = "Wilf", ["text"] = "Clear." };
        await PutOffAsync(8, path, null, () => reader.PostAsync(path, new FormUrlEncodedContent(form)));
    }

    [Fact]
    public async Task Too_many_files_of_one_sender_at_once_are_put_off()
    {
        var path = $"{host.Api}pictures?name=dome.png";
        var owner = host.Owner.DefaultRequestHeaders.Authorization!.ToString();
        await PutOffAsync(6, path, owner, () => host.Owner.PostAsync(path, new ByteArrayContent([1, 2, 3])));
    }

    // Who is too slow is cut off after seconds, so that each attempt brings slow senders of its own: on a busy machine
    // those of the first are gone before it is asked.
    private async Task PutOffAsync(int senders, string path, string? authorization, Func<Task<HttpResponseMessage>> ask)
    {
        var slow = new List<TcpClient>();
        try
        {
            await Antiphon.Tests.Eventually.TrueAsync("the refusal", async () =>
            {
                slow.AddRange(
                    await Task.WhenAll(Enumerable.Range(0, senders).Select(_ => BeginAsync(path, authorization)))
                );
                using var answer = await ask();
                return answer.StatusCode == HttpStatusCode.TooManyRequests && answer.Headers.RetryAfter is not null;
            });
        }
        finally
        {
            slow.ForEach(client => client.Dispose());
        }
    }

    private async Task<string> PathAsync() =>
        $"embed/threads/{(await host.Owner.GetJsonAsync($"api/sites/{host.Site}")).Text("publicKey")}?identifier=slow";

    private async Task<TcpClient> BeginAsync(string path, string? authorization = null)
    {
        var client = new TcpClient();
        await client.ConnectAsync(IPAddress.Loopback, host.Address.Port);
        var head =
            $"POST /{path} HTTP/1.1\r\nHost: {host.Address.Authority}\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 100000\r\n{(authorization is null ? string.Empty : $"Authorization: {authorization}\r\n")}\r\n{new string('a', 4000)}";
        await client.GetStream().WriteAsync(Encoding.ASCII.GetBytes(head));
        return client;
    }
}

using System.Net;
using System.Text;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Platform;

/// <summary>Forms that anybody may send, put together in every wrong way.</summary>
public sealed class MalformedFormTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private const string Encoded = "application/x-www-form-urlencoded";
    private const string Multipart = "multipart/form-data; boundary=b";

    private static readonly string[] Pieces =
    [
        "--b",
        "--b--",
        "\r\n",
        "\r\n\r\n",
        "Content-Disposition: form-data; name=\"text\"",
        "Content-Disposition: form-data; name=\"p\"; filename=\"x.png\"",
        "&",
        "=",
        "%00",
        "%",
        "\0",
        "text=",
        "name",
        "\"",
        "é",
        "Content-Type: image/png",
        "b=b&",
    ];

    [Theory]
    [InlineData(Multipart, "")]
    [InlineData(Multipart, "--b")]
    [InlineData(Multipart, "--b\r\nContent-Disposition: form-data; name=\"text\"\r\n\r\nbreaks off")]
    [InlineData(Multipart, "no boundary at all")]
    [InlineData("multipart/form-data", "--b--")]
    [InlineData("multipart/form-data; boundary=\"", "--b--")]
    [InlineData(Encoded, "text=a%00b")]
    [InlineData(Encoded, "%")]
    [InlineData(Encoded, "text=%ff%fe")]
    [InlineData("application/json", "{}")]
    [InlineData("text/plain", "x")]
    public async Task A_form_that_cannot_be_read_is_a_request_that_was_refused(string type, string body)
    {
        foreach (var path in await FormsAsync())
            Assert.InRange((int)await SendAsync(path, type, Encoding.UTF8.GetBytes(body)), 200, 499);
    }

    [Fact]
    public async Task Two_thousand_fields_are_refused()
    {
        foreach (var path in await FormsAsync())
            Assert.InRange(
                (int)
                    await SendAsync(
                        path,
                        Encoded,
                        Encoding.UTF8.GetBytes(
                            string.Join('&', Enumerable.Range(0, 2000).Select(number => $"a{number}=1"))
                        )
                    ),
                200,
                499
            );
    }

    [Fact]
    public async Task Whatever_becomes_of_a_form_the_server_is_not_at_fault()
    {
        var random = new Random(20261130);
        string[] seeds =
        [
            "--b\r\nContent-Disposition: form-data; name=\"text\"\r\n\r\nHello\r\n--b--\r\n",
            "text=Hello&name=Ida&mail=ida%40x.example",
            "{\"text\":\"x\",\"name\":null}",
        ];
        string[] types = [Multipart, Encoded, "application/json"];
        var forms = await FormsAsync();
        for (var count = Mutations.Count(600); count > 0; count--)
        {
            var kind = random.Next(seeds.Length);
            var status = await SendAsync(
                forms[random.Next(forms.Count)],
                types[kind],
                Encoding.UTF8.GetBytes(Mutations.Of(seeds[kind], Pieces, random))
            );
            Assert.InRange((int)status, 200, 499);
        }
    }

    private async Task<List<string>> FormsAsync()
    {
        var site = (await host.Owner.GetJsonAsync($"api/sites/{host.Site}")).Text("publicKey");
        return
        [
            $"embed/threads/{site}?identifier=a",
            $"embed/threads/{site}/voice",
            $"embed/threads/{site}/own",
            $"embed/threads/{site}/preview",
            $"embed/mine/{site}",
            $"embed/subscribe/{site}",
            $"embed/came/{site}",
            "mentions",
            "mentions/pingback",
            "mentions/trackback/nothing",
            "mine/nothing",
            "decide/nothing",
            "unsubscribe/nothing",
            "preferences/nothing",
            "hub",
            "mail/returns",
            "websub/nothing",
        ];
    }

    private async Task<HttpStatusCode> SendAsync(string path, string type, byte[] body)
    {
        using var client = host.Plain();
        using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = new ByteArrayContent(body) };
        request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
        using var answer = await client.SendAsync(request);
        return answer.StatusCode;
    }
}

using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform;

/// <summary>
/// Every operation that takes JSON, with bodies that do not fit. None of them may be answered with an error of the
/// server.
/// </summary>
public sealed partial class MalformedRequestTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private static readonly string Million = new('x', 1_000_000);
    private static readonly string[] Pieces =
    [
        "{",
        "}",
        "[",
        "]",
        ":",
        ",",
        "\"",
        "null",
        "true",
        "-1",
        "1e400",
        "99999999999999999999",
        "\\u0000",
        "\\ud800",
        "\\",
        "\0",
        "é",
        "{\"a\":",
        "[[",
        "\"\"",
        "0001-01-01T00:00:00Z",
        "//",
    ];
    private static readonly string[] Whole =
    [
        "",
        "{}",
        "null",
        "[]",
        "\"text\"",
        "1",
        "{\"a\":",
        "{\"\\u0000\":1}",
        "[null]",
        "[{}]",
        "[1]",
    ];

    [Fact]
    public async Task A_body_that_does_not_fit_is_a_request_that_was_refused()
    {
        var failures = new List<string>();
        foreach (var operation in Operations())
        {
            foreach (var body in Whole)
                await TryAsync(operation, body, failures);
            if (SampleBody.Of(operation.Body) is not JsonObject sample)
                continue;
            foreach (var (name, _) in sample.ToList())
            {
                foreach (var value in Values())
                    await TryAsync(operation, With(sample, name, value), failures);
                await TryAsync(operation, Without(sample, name), failures);
            }
        }

        Assert.True(failures.Count == 0, string.Join('\n', failures));
    }

    [Fact]
    public async Task Whatever_becomes_of_a_body_the_server_is_not_at_fault()
    {
        var (random, operations, failures) = (new Random(20261130), Operations(), new List<string>());
        for (var count = Mutations.Count(800); count > 0; count--)
        {
            var operation = operations[random.Next(operations.Count)];
            await TryAsync(
                operation,
                Mutations.Of(SampleBody.Of(operation.Body)?.ToJsonString() ?? "{}", Pieces, random),
                failures
            );
        }

        Assert.True(failures.Count == 0, string.Join('\n', failures));
    }

    [Fact]
    public async Task What_is_missing_or_null_is_named()
    {
        var refusal = await (await SendAsync("POST", host.Api + "blogs", "{}")).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal(["name"], refusal.Names("errors"));
        refusal = await (await SendAsync("POST", host.Api + "posts", "{\"blogId\":1,\"title\":null}")).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Contains("title", refusal.Names("errors"));
        refusal = await (
            await SendAsync("POST", host.Api + "posts", "{\"blogId\":\"one\",\"title\":\"x\"}")
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal(["blogId"], refusal.Names("errors"));
    }

    private static IEnumerable<JsonNode?> Values() =>
        [
            null,
            1,
            -1,
            "x",
            "",
            "a\u0000b",
            true,
            new JsonArray(),
            new JsonObject(),
            new JsonArray((JsonNode?)null),
            1e300,
            Million,
        ];

    private async Task TryAsync(Operation operation, string body, List<string> failures)
    {
        using var answer = await SendAsync(operation.Method, operation.Path(host.Site), body);
        if ((int)answer.StatusCode >= 500)
            failures.Add(
                $"{operation.Method} {operation.Pattern} answers {(int)answer.StatusCode} to {(body.Length > 3000 ? body[..300] : body)}: {Antiphon.Core.Text.Shortened.ToLength(await answer.Content.ReadAsStringAsync(), 300)}"
            );
    }

    private async Task<HttpResponseMessage> SendAsync(string method, string path, string body)
    {
        using var request = new HttpRequestMessage(new HttpMethod(method), path)
        {
            Content = new StringContent(body, Encoding.UTF8, "application/json"),
        };
        return await host.Owner.SendAsync(request);
    }

    private static string With(JsonObject sample, string name, JsonNode? value)
    {
        var body = sample.DeepClone().AsObject();
        body[name] = value?.DeepClone();
        return body.ToJsonString();
    }

    private static string Without(JsonObject sample, string name)
    {
        var body = sample.DeepClone().AsObject();
        body.Remove(name);
        return body.ToJsonString();
    }

    private List<Operation> Operations()
    {
        var operations = host
            .Services.GetRequiredService<EndpointDataSource>()
            .Endpoints.OfType<RouteEndpoint>()
            .Select(endpoint => new Operation(
                endpoint.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods[0] ?? "GET",
                endpoint.RoutePattern.RawText!,
                endpoint.Metadata.GetMetadata<IAcceptsMetadata>() is { RequestType: { } body } takes
                && takes.ContentTypes.Contains("application/json")
                    ? body
                    : typeof(void)
            ))
            .Where(operation =>
                operation.Body != typeof(void) && operation.Pattern is not ("/api/session" or "/api/setup")
            )
            .ToList();
        Assert.True(operations.Count > 80);
        return operations;
    }

    [GeneratedRegex("\\{(?<name>\\w+)(?<kind>:long)?[^}]*\\}")]
    private static partial Regex Parameter();

    private sealed record Operation(string Method, string Pattern, Type Body)
    {
        public string Path(long site) =>
            Parameter()
                .Replace(Pattern, match => match.Groups["name"].Value == "site"
                        ? site.ToString(System.Globalization.CultureInfo.InvariantCulture)
                    : match.Groups["kind"].Success ? "987654321"
                    : "nothing")
                .TrimStart('/');
    }
}

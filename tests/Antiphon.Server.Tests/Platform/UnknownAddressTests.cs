using System.Net;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Routing;
using Microsoft.AspNetCore.Routing.Patterns;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform;

/// <summary>Where something of ours may stand, an unknown address is not found: it does not open the workplace.</summary>
public sealed class UnknownAddressTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private static readonly string[] OfWorkplace = ["s", "sites", "join", "sign-in", "setup"];

    [Fact]
    public async Task No_unknown_address_beside_something_of_ours_opens_the_workplace()
    {
        var places = host
            .Services.GetRequiredService<EndpointDataSource>()
            .Endpoints.OfType<RouteEndpoint>()
            .Select(endpoint => endpoint.RoutePattern.PathSegments.FirstOrDefault()?.Parts)
            .Select(parts => parts is [RoutePatternLiteralPart literal] ? literal.Content : null)
            .OfType<string>()
            .Distinct()
            .Except(OfWorkplace)
            .ToList();
        Assert.Contains("api", places);
        Assert.Contains("embed", places);
        Assert.Contains("feeds", places);
        Assert.Contains(".well-known", places);
        using var client = host.Plain();
        foreach (var place in places)
        {
            using var answer = await client.GetAsync($"{place}/no/such/thing/anywhere");
            Assert.True(answer.StatusCode == HttpStatusCode.NotFound, $"{place}: {answer.StatusCode}");
            Assert.DoesNotContain("id=\"app\"", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }
    }
}

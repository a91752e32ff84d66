using System.Net;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;
using Microsoft.AspNetCore.Routing;
using Microsoft.AspNetCore.Routing.Patterns;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform;

/// <summary>Where something of ours may stand, an unknown address is not found: it does not open the workplace.</summary>
public sealed partial class UnknownAddressTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task No_unknown_address_beside_something_of_ours_opens_the_workplace()
    {
        var places = Routes()
            .Select(route => route.RoutePattern.PathSegments.FirstOrDefault()?.Parts)
            .Select(parts => parts is [RoutePatternLiteralPart literal] ? literal.Content : null)
            .OfType<string>()
            .Distinct()
            .Except(OfWorkplace())
            .ToList();
        Assert.Superset(new HashSet<string> { "api", "embed", "feeds", ".well-known" }, places.ToHashSet());
        using var client = host.Plain();
        foreach (var place in places)
        {
            using var answer = await client.GetAsync($"{place}/no/such/thing/anywhere");
            Assert.True(answer.StatusCode == HttpStatusCode.NotFound, $"{place}: {answer.StatusCode}");
            Assert.DoesNotContain("id=\"app\"", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        }
    }

    [Fact]
    public void No_screen_of_the_workplace_stands_where_unknown_addresses_are_not_found()
    {
        var screens = OfWorkplace();
        Assert.Contains("s", screens);
        Assert.Equal(
            [],
            screens
                .Select(place => $"/{place}/{{**rest}}")
                .Intersect(Routes().Select(route => route.RoutePattern.RawText ?? string.Empty))
        );
    }

    private IEnumerable<RouteEndpoint> Routes() =>
        host.Services.GetRequiredService<EndpointDataSource>().Endpoints.OfType<RouteEndpoint>();

    // The first part of every route of the workplace.
    private static List<string> OfWorkplace() =>
        [
            .. Screen()
                .Matches(File.ReadAllText(Path.Combine(Repository.Root, "src", "app", "src", "router.ts")))
                .Select(match => match.Groups[1].Value)
                .Distinct(),
        ];

    [GeneratedRegex("path: '/([a-z-]+)")]
    private static partial Regex Screen();
}

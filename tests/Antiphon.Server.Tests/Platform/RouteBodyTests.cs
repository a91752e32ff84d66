using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform;

public sealed class RouteBodyTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    // A service or a list among the parameters is taken for a body by the compiler of handlers unless it is marked; the
    // route then answers nobody who sends none.
    [Fact]
    public void No_route_that_is_only_read_waits_for_a_body()
    {
        var read = host
            .Services.GetRequiredService<EndpointDataSource>()
            .Endpoints.OfType<RouteEndpoint>()
            .Where(route => route.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods is ["GET" or "HEAD"])
            .ToList();
        Assert.True(read.Count > 100, $"only {read.Count} were found");
        Assert.Empty(
            read.Where(route => route.Metadata.GetMetadata<IAcceptsMetadata>() is not null)
                .Select(route => route.RoutePattern.RawText)
        );
    }

    // Where the workplace is not built the file is missing, and that is said; nothing of ours may answer in its
    // place.
    [Fact]
    public void Addresses_of_nobody_lead_to_the_workplace_and_those_beside_something_of_ours_to_nothing()
    {
        var fallbacks = host
            .Services.GetRequiredService<EndpointDataSource>()
            .Endpoints.OfType<RouteEndpoint>()
            .Where(route => route.Order == int.MaxValue)
            .Select(route => route.RoutePattern.RawText)
            .ToList();
        Assert.Contains("/api/{**rest}", fallbacks);
        Assert.Equal(
            ["{*path:nonfile}"],
            fallbacks.Where(pattern => !pattern!.EndsWith("/{**rest}", StringComparison.Ordinal))
        );
    }
}

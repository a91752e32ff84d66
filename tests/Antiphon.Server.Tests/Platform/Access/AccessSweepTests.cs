using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;
using Antiphon.Core.Sites;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform.Access;

/// <summary>Every route of the server, tried as everybody.</summary>
public sealed partial class AccessSweepTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public void Every_route_says_whom_it_is_for_and_those_of_a_site_are_for_its_people()
    {
        var routes = Routes();
        Assert.True(routes.Count > 250);
        Assert.Empty(routes.Where(route => route.Needed is null).Select(route => route.ToString()));
        Assert.Empty(
            routes
                .Where(route => route.IsOfSite != (route.Needed!.Audience == Audience.Members))
                .Select(route => route.ToString())
        );
    }

    [Fact]
    public async Task Nobody_gets_what_is_for_people_with_an_account()
    {
        using var nobody = host.Plain();
        foreach (var route in Routes().Where(route => route.Needed!.Audience != Audience.Anybody))
            Assert.Equal(
                (route.ToString(), HttpStatusCode.Unauthorized),
                (route.ToString(), await route.TryAsync(nobody, host.Site))
            );
    }

    [Theory]
    [InlineData(SiteRole.Owner)]
    [InlineData(SiteRole.Editor)]
    [InlineData(SiteRole.Moderator)]
    [InlineData(SiteRole.Contributor)]
    public async Task A_role_gets_what_the_table_says_on_its_own_site_and_nothing_on_another(SiteRole role)
    {
        await host.FreshSiteAsync();
        using var member = await host.MemberAsync(
            role.ToString().ToLowerInvariant(),
            $"sweep-{role}@quillmoor.example"
        );
        var own = host.Site;
        await host.FreshSiteAsync();
        foreach (var route in Routes().Where(route => route.IsOfSite))
        {
            var (here, there) = (await route.TryAsync(member, own), await route.TryAsync(member, host.Site));
            Assert.Equal((route.ToString(), HttpStatusCode.NotFound), (route.ToString(), there));
            Assert.Equal(
                (route.ToString(), role.May(route.Needed!.Right!.Value)),
                (route.ToString(), here != HttpStatusCode.Forbidden)
            );
            Assert.True((int)here is < 500 and not 401, $"{route} answers {here}");
        }
    }

    private List<Route> Routes() =>
        [
            .. host
                .Services.GetRequiredService<EndpointDataSource>()
                .Endpoints.OfType<RouteEndpoint>()
                .Select(endpoint => new Route(
                    endpoint.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods[0] ?? "GET",
                    endpoint.RoutePattern.RawText!,
                    endpoint.Metadata.GetMetadata<AccessNeeded>()
                ))
                .Where(route =>
                    !route.Pattern.EndsWith("openapi.json", StringComparison.Ordinal)
                    && !route.Pattern.Contains("{documentName}", StringComparison.Ordinal)
                ),
        ];

    [GeneratedRegex("\\{\\*{0,2}(?<name>\\w+)(?<kind>:long)?[^}]*\\}")]
    private static partial Regex Parameter();

    private sealed record Route(string Method, string Pattern, AccessNeeded? Needed)
    {
        public bool IsOfSite => Pattern.Contains("/sites/{site:long}", StringComparison.Ordinal);

        public async Task<HttpStatusCode> TryAsync(HttpClient client, long site)
        {
            var path = Parameter()
                .Replace(Pattern, match => match.Groups["name"].Value == "site"
                        ? site.ToString(System.Globalization.CultureInfo.InvariantCulture)
                    : match.Groups["kind"].Success ? "987654321"
                    : "nothing");
            using var request = new HttpRequestMessage(new HttpMethod(Method), path.TrimStart('/'));
            if (Method is "POST" or "PUT" or "PATCH")
                request.Content = JsonContent.Create(new { });
            using var answer = await client.SendAsync(request);
            return answer.StatusCode;
        }

        public override string ToString() => $"{Method} {Pattern}";
    }
}

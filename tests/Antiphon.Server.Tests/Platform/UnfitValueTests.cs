using System.Net;
using Antiphon.Server.Platform.Requests;
using Antiphon.Server.Tests.Hosting;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Antiphon.Server.Tests.Platform;

public sealed class UnfitValueTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    // Each address of the API with each of the parameters that are more than words.
    [Fact]
    public async Task Every_parameter_of_an_address_that_gets_a_value_that_does_not_fit_is_named()
    {
        var asked = Asked().ToList();
        Assert.True(asked.Count > 20, $"only {asked.Count} were found");
        foreach (var (path, name, others) in asked)
        {
            var answer = await host.Owner.GetAsync($"{path}?{name}=pur-ple{others}");
            var refusal = await answer.ProblemAsync(HttpStatusCode.BadRequest);
            Assert.Equal((path, name), (path, refusal.Names("errors").SingleOrDefault()));
            Assert.Contains("“pur-ple”", refusal.Text("title"), StringComparison.Ordinal);
        }
    }

    [Fact]
    public async Task A_parameter_that_must_be_there_is_named_when_it_is_not()
    {
        var refusal = await (await host.Owner.GetAsync(host.Api + "coverage/neighbours?post=1")).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Equal(["listing"], refusal.Names("errors"));
    }

    private IEnumerable<(string Path, string Name, string Others)> Asked() =>
        from endpoint in host.Services.GetRequiredService<EndpointDataSource>().Endpoints.OfType<RouteEndpoint>()
        where endpoint.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods is ["GET"]
        let path = endpoint
            .RoutePattern.RawText!.TrimStart('/')
            .Replace("{site:long}", $"{host.Site}", StringComparison.Ordinal)
        where path.StartsWith("api/", StringComparison.Ordinal) && !path.Contains('{', StringComparison.Ordinal)
        let parameters = endpoint.Metadata.OfType<IParameterBindingMetadata>().Where(IsInAddress).ToList()
        from parameter in parameters
        let others = parameters
            .Where(other => other != parameter && !other.IsOptional)
            .Select(other => $"&{NameOf(other)}={GoodFor(other)}")
        select (path, NameOf(parameter), string.Concat(others));

    private static bool IsInAddress(IParameterBindingMetadata parameter) =>
        parameter.HasTryParse && parameter.Name != "site" && parameter.ParameterInfo.ParameterType != typeof(string);

    private static string GoodFor(IParameterBindingMetadata parameter) =>
        parameter.ParameterInfo.ParameterType == typeof(long) ? "1" : "2026-11-30";

    private static string NameOf(IParameterBindingMetadata parameter) =>
        parameter.ParameterInfo.GetCustomAttributes(true).OfType<FromQueryAttribute>().FirstOrDefault()?.Name
        ?? FieldProblem.FieldName(parameter.Name);
}

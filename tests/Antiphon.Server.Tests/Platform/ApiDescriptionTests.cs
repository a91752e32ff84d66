using Antiphon.Server.Tests.Hosting;
using Antiphon.Tests;

namespace Antiphon.Server.Tests.Platform;

/// <summary>The description the workplace's types are generated from is the server's own.</summary>
public sealed class ApiDescriptionTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    private static string Kept => Path.Combine(Repository.Root, "src", "app", "src", "api", "openapi.json");

    [Fact]
    public async Task The_kept_description_is_what_the_server_tells()
    {
        var told = await host.Plain().GetStringAsync("api/openapi.json");
        if (Environment.GetEnvironmentVariable("ANTIPHON_KEEP_API") == "1")
            await File.WriteAllTextAsync(Kept, told);
        Assert.True(
            told == await File.ReadAllTextAsync(Kept),
            "The API changed: run the server tests once with ANTIPHON_KEEP_API=1 and look at the difference."
        );
    }

    [Fact]
    public async Task Every_operation_has_a_name_and_an_area()
    {
        var paths = (await host.Plain().GetJsonAsync("api/openapi.json")).Names("paths");
        Assert.Contains("/api/sites/{site}/listings", paths);
        Assert.All(paths, path => Assert.StartsWith("/api/", path, StringComparison.Ordinal));
    }

    [Fact]
    public async Task The_server_says_that_it_is_well() =>
        Assert.Equal("ok", await host.Plain().GetStringAsync("healthz"));
}

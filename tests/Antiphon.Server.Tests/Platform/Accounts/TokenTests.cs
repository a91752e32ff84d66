using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Platform.Accounts;

public sealed class TokenTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_token_works_until_it_is_revoked()
    {
        var made = await host.Owner.PostJsonAsync("api/tokens", new { name = "Nightly script" });
        using var script = host.WithToken(made.Text("token"));
        Assert.NotEmpty((await script.GetJsonAsync("api/sites")).Items());
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await host.Owner.DeleteAsync($"api/tokens/{made.Number("id")}")).StatusCode
        );
        Assert.Equal(HttpStatusCode.Unauthorized, (await script.GetAsync("api/sites")).StatusCode);
    }

    [Fact]
    public async Task The_list_shows_use_and_never_the_value()
    {
        var made = await host.Owner.PostJsonAsync("api/tokens", new { name = "Listed" });
        using var script = host.WithToken(made.Text("token"));
        await script.GetJsonAsync("api/sites");
        var listed = (await host.Owner.GetJsonAsync("api/tokens"))
            .Items()
            .Single(token => token.Text("name") == "Listed");
        Assert.True(listed.Has("lastUsedAt"));
        Assert.DoesNotContain(made.Text("token"), listed.ToString(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("wrong")]
    [InlineData("")]
    public async Task An_unknown_token_is_nobody(string token)
    {
        using var script = host.Plain();
        script.DefaultRequestHeaders.TryAddWithoutValidation("Authorization", "Bearer " + token);
        Assert.Equal(HttpStatusCode.Unauthorized, (await script.GetAsync("api/sites")).StatusCode);
    }

    [Fact]
    public async Task A_hundred_requests_at_once_are_all_answered()
    {
        var answers = await Task.WhenAll(Enumerable.Range(0, 100).Select(_ => host.Owner.GetAsync("api/sites")));
        Assert.All(answers, answer => Assert.Equal(HttpStatusCode.OK, answer.StatusCode));
    }

    [Fact]
    public async Task A_token_without_a_purpose_is_refused() =>
        Assert.Equal(["name"], (await host.Owner.RefusedAsync("api/tokens", new { name = " " })).Names("errors"));
}

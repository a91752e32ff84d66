using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Sites;

public sealed class SiteTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_registered_site_gets_a_random_key_and_allows_its_own_address()
    {
        var one = await host.Owner.PostJsonAsync("api/sites", Site("One", "https://one.example/start"));
        var two = await host.Owner.PostJsonAsync("api/sites", Site("Two", "https://two.example/"));
        Assert.NotEqual(one.Text("publicKey"), two.Text("publicKey"));
        Assert.InRange(one.Text("publicKey").Length, 16, 64);
        Assert.Equal("https://one.example", one.Text("allowedAddresses.0"));
        Assert.Equal("owner", one.Text("role"));
    }

    [Theory]
    [InlineData("", "https://a.example/", "Europe/London", "en", "name")]
    [InlineData("A", "not an address", "Europe/London", "en", "address")]
    [InlineData("A", "ftp://a.example/", "Europe/London", "en", "address")]
    [InlineData("A", "https://a.example/", "Europe/Atlantis", "en", "timeZone")]
    [InlineData("A", "https://a.example/", "Europe/London", "english!", "language")]
    public async Task Each_wrong_field_is_named(
        string name,
        string address,
        string timeZone,
        string language,
        string field
    )
    {
        var refusal = await host.Owner.RefusedAsync(
            "api/sites",
            new
            {
                name,
                address,
                timeZone,
                language,
            }
        );
        Assert.Equal([field], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_wrong_allowed_address_is_quoted()
    {
        var refusal = await host.Owner.RefusedAsync(
            "api/sites",
            new
            {
                name = "A",
                address = "https://a.example/",
                timeZone = "UTC",
                language = "en",
                allowedAddresses = new[] { "shop" },
            }
        );
        Assert.Contains(
            "“shop”",
            refusal
                .ToString()
                .Replace("\\u201C", "“", StringComparison.Ordinal)
                .Replace("\\u201D", "”", StringComparison.Ordinal),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_stranger_sees_a_site_that_does_not_exist()
    {
        var site = await host.Owner.PostJsonAsync("api/sites", Site("Private", "https://private.example/"));
        using var editor = await host.MemberAsync("editor", "stranger@quillmoor.example");
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await editor.GetAsync($"api/sites/{site.Number("id")}/posts")).StatusCode
        );
    }

    [Theory]
    [InlineData("moderator", "posts", HttpStatusCode.Forbidden)]
    [InlineData("moderator", "listings", HttpStatusCode.Forbidden)]
    [InlineData("moderator", "invitations", HttpStatusCode.Forbidden)]
    [InlineData("editor", "invitations", HttpStatusCode.Forbidden)]
    [InlineData("editor", "listings", HttpStatusCode.BadRequest)]
    [InlineData("owner", "invitations", HttpStatusCode.BadRequest)]
    public async Task A_role_reaches_so_far(string role, string path, HttpStatusCode status)
    {
        // An empty body is refused only once the role has been let through.
        using var member = await host.MemberAsync(role, $"{role}-{path}@quillmoor.example");
        await member.RefusedAsync(
            host.Api + path,
            new
            {
                name = "",
                mail = "",
                definition = new { },
            },
            status
        );
    }

    [Fact]
    public async Task The_last_owner_cannot_be_removed_or_lowered()
    {
        var site = (await host.Owner.PostJsonAsync("api/sites", Site("Alone", "https://alone.example/"))).Number("id");
        var me = (await host.Owner.GetJsonAsync($"api/sites/{site}/people")).Items().Single().Number("personId");
        var removed = await host.Owner.DeleteAsync($"api/sites/{site}/people/{me}");
        Assert.Equal(["person"], (await removed.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors"));
        Assert.Single((await host.Owner.GetJsonAsync($"api/sites/{site}/people")).Items());
    }

    private static object Site(string name, string address) =>
        new
        {
            name,
            address,
            timeZone = "Europe/London",
            language = "en-GB",
        };
}

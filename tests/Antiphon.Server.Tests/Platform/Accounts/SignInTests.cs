using System.Net;
using Antiphon.Server.Tests.Hosting;

namespace Antiphon.Server.Tests.Platform.Accounts;

public sealed class SignInTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task The_owner_signs_in_and_out()
    {
        using var visitor = new Visitor(host.Address);
        Assert.False((await visitor.SessionAsync()).Has("person"));
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await visitor.SignInAsync("imogen@quillmoor.example", AntiphonHost.Password)).StatusCode
        );
        Assert.Equal("Imogen Tarrant", (await visitor.SessionAsync()).Text("person.name"));
        Assert.Equal(HttpStatusCode.NoContent, (await visitor.SendAsync(HttpMethod.Delete, "api/session")).StatusCode);
        Assert.False((await visitor.SessionAsync()).Has("person"));
    }

    [Fact]
    public async Task A_wrong_password_says_so_and_no_more()
    {
        using var visitor = new Visitor(host.Address);
        var known = await (await visitor.SignInAsync("imogen@quillmoor.example", "wrong wrong wrong")).ProblemAsync(
            HttpStatusCode.Unauthorized
        );
        var unknown = await (await visitor.SignInAsync("nobody@quillmoor.example", "wrong wrong wrong")).ProblemAsync(
            HttpStatusCode.Unauthorized
        );
        // Whoever tries addresses must not learn which ones exist.
        Assert.Equal(known.Text("title"), unknown.Text("title"));
    }

    [Fact]
    public async Task Wrong_passwords_slow_the_next_ones_down_and_lock_nobody_out()
    {
        using var member = await host.MemberAsync("editor", "slowed@quillmoor.example");
        using var visitor = new Visitor(host.Address);
        for (var i = 0; i < 5; i++)
            await (await visitor.SignInAsync("slowed@quillmoor.example", "wrong wrong wrong")).ProblemAsync(
                HttpStatusCode.Unauthorized
            );
        Assert.Equal(
            HttpStatusCode.NoContent,
            (await visitor.SignInAsync("slowed@quillmoor.example", AntiphonHost.Password)).StatusCode
        );
    }

    [Fact]
    public async Task A_cookie_is_worth_nothing_after_signing_out_wherever_a_copy_of_it_is()
    {
        using var visitor = new Visitor(host.Address);
        await visitor.SignInAsync("imogen@quillmoor.example", AntiphonHost.Password);
        using var thief = new Visitor(host.Address);
        thief.TakeCookiesOf(visitor);
        Assert.True((await thief.SessionAsync()).Has("person"));
        await visitor.SendAsync(HttpMethod.Delete, "api/session");
        Assert.False((await thief.SessionAsync()).Has("person"));
    }

    [Fact]
    public async Task An_account_may_register_no_site_unless_it_is_the_first()
    {
        using var member = await host.MemberAsync("owner", "registers@quillmoor.example");
        await member.RefusedAsync(
            "api/sites",
            new
            {
                name = "Another",
                address = "https://another.example/",
                timeZone = "Europe/London",
                language = "en",
            },
            HttpStatusCode.Forbidden
        );
    }

    [Theory]
    [InlineData("", "password12", "mail")]
    [InlineData("imogen@quillmoor.example", "", "password")]
    public async Task What_is_missing_is_named(string mail, string password, string field)
    {
        using var visitor = new Visitor(host.Address);
        var refusal = await (await visitor.SignInAsync(mail, password)).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal([field], refusal.Names("errors"));
    }

    [Fact]
    public async Task A_changing_request_without_the_antiforgery_token_is_refused()
    {
        using var visitor = new Visitor(host.Address);
        await visitor.SignInAsync("imogen@quillmoor.example", AntiphonHost.Password);
        var answer = await visitor.SendAsync(
            HttpMethod.Post,
            host.Api + "blogs",
            new { name = "Forged" },
            withToken: false
        );
        Assert.Equal("antiforgery", (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Text("type"));
        Assert.DoesNotContain((await host.Owner.GetJsonAsync(host.Api + "blogs")).Items(), blog =>
            blog.Text("name") == "Forged"
        );
    }

    [Fact]
    public async Task The_first_owner_is_made_once()
    {
        using var visitor = new Visitor(host.Address);
        Assert.Equal("false", (await visitor.SessionAsync()).Text("needsSetup"));
        var again = await visitor.SendAsync(
            HttpMethod.Post,
            "api/setup",
            new
            {
                name = "Somebody",
                mail = "second@quillmoor.example",
                password = AntiphonHost.Password,
                key = "whatever",
            }
        );
        await again.ProblemAsync(HttpStatusCode.Conflict);
    }

    [Fact]
    public async Task Broken_json_is_a_clear_refusal()
    {
        using var content = new StringContent("{\"name\": ", System.Text.Encoding.UTF8, "application/json");
        var refusal = await (await host.Owner.PostAsync(host.Api + "blogs", content)).ProblemAsync(
            HttpStatusCode.BadRequest
        );
        Assert.Equal("The request could not be read.", refusal.Text("title"));
    }

    [Fact]
    public async Task A_value_that_does_not_fit_is_named()
    {
        var answer = await host.Owner.GetAsync(host.Api + "comments?standing=purple");
        var refusal = await answer.ProblemAsync(HttpStatusCode.BadRequest);
        Assert.Equal(["standing"], refusal.Names("errors"));
        Assert.Contains("purple", refusal.Text("title"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Nobody_reaches_anything_of_a_site()
    {
        using var nobody = host.Plain();
        foreach (
            var path in new[]
            {
                "posts",
                "listings",
                "blogs",
                "comments",
                "subscribers",
                "coverage",
                "feeds",
                "channels/mail",
                "people",
            }
        )
        {
            Assert.Equal(HttpStatusCode.Unauthorized, (await nobody.GetAsync(host.Api + path)).StatusCode);
        }
    }

    [Fact]
    public async Task An_unknown_address_of_the_api_is_a_problem_and_no_page()
    {
        var refusal = await (await host.Owner.GetAsync("api/nothing-here")).ProblemAsync(HttpStatusCode.NotFound);
        Assert.Equal(404, refusal.Number("status"));
    }

    [Fact]
    public async Task An_empty_password_of_the_setup_names_the_field()
    {
        using var visitor = new Visitor(host.Address);
        var answer = await visitor.SendAsync(
            HttpMethod.Post,
            "api/setup",
            new
            {
                name = "",
                mail = "no address",
                password = "short",
                key = "",
            }
        );
        Assert.Equal(
            ["key", "mail", "name", "password"],
            (await answer.ProblemAsync(HttpStatusCode.BadRequest)).Names("errors").Order()
        );
    }
}

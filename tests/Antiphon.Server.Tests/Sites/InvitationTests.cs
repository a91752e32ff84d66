using System.Net;
using System.Net.Http.Json;
using System.Text.RegularExpressions;
using Antiphon.Server.Tests.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Tests.Sites;

public sealed partial class InvitationTests(AntiphonHost host) : IClassFixture<AntiphonHost>
{
    [Fact]
    public async Task A_new_role_and_a_removal_stand_in_the_activity_log()
    {
        var mail = $"leaving-{Guid.NewGuid():N}@quillmoor.example";
        using var member = await host.MemberAsync("editor", mail);
        var person = (await host.Owner.GetJsonAsync(host.Api + "people"))
            .Items()
            .Single(item => item.Text("mail") == mail);
        var path = $"{host.Api}people/{person.Number("personId")}";
        await HttpTalk.GoodAsync(await host.Owner.PutAsJsonAsync(path, new { role = "moderator" }));
        await HttpTalk.GoodAsync(await host.Owner.DeleteAsync(path));
        var said = (await host.Owner.GetJsonAsync(host.Api + "acts")).Items().Select(act => act.Text("what")).ToList();
        Assert.Contains($"changed the role of {person.Text("name")} to moderator", said);
        Assert.Contains($"removed {person.Text("name")} from the team", said);
        using var german = new HttpRequestMessage(HttpMethod.Get, host.Api + "acts");
        german.Headers.AcceptLanguage.ParseAdd("de");
        Assert.Contains(
            $"entfernte {person.Text("name")} aus dem Team",
            (await HttpTalk.GoodAsync(await host.Owner.SendAsync(german))).Items().Select(act => act.Text("what"))
        );
    }

    [Fact]
    public async Task Whoever_gets_the_mail_joins_with_a_name_and_password_of_their_own_once()
    {
        var key = await InviteAsync("ida@fellside.example", "editor");
        using var visitor = new Visitor(host.Address);
        var invited = await (
            await visitor.SendAsync(HttpMethod.Get, $"api/invitations/{key}")
        ).Content.ReadAsStringAsync();
        Assert.Contains("\"hasAccount\":false", invited);
        var weak = await (
            await visitor.SendAsync(
                HttpMethod.Post,
                $"api/invitations/{key}",
                new { name = "Ida Marsh", password = "short" }
            )
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(weak.Has("errors.password"));
        var joined = await visitor.PostAsync(
            $"api/invitations/{key}",
            new { name = "Ida Marsh", password = AntiphonHost.Password }
        );
        Assert.Equal(host.Site, joined.Number("siteId"));
        Assert.Equal("Ida Marsh", (await visitor.SessionAsync()).Text("person.name"));
        Assert.Contains((await host.Owner.GetJsonAsync(host.Api + "people")).Items(), one =>
            one.Text("mail") == "ida@fellside.example" && one.Text("role") == "editor"
        );
        Assert.Equal(
            HttpStatusCode.NotFound,
            (await visitor.SendAsync(HttpMethod.Get, $"api/invitations/{key}")).StatusCode
        );
        Assert.DoesNotContain((await host.Owner.GetJsonAsync(host.Api + "invitations")).Items(), one =>
            one.Text("mail") == "ida@fellside.example"
        );
    }

    [Fact]
    public async Task A_moderator_who_joins_is_told_what_waits()
    {
        var key = await InviteAsync("night-watch@fellside.example", "moderator");
        using var visitor = new Visitor(host.Address);
        await visitor.PostAsync(
            $"api/invitations/{key}",
            new { name = "Night Watch", password = AntiphonHost.Password }
        );
        Assert.Contains(
            "\"about\":\"waiting\"",
            await (await visitor.SendAsync(HttpMethod.Get, $"{host.Api}comments/notices")).Content.ReadAsStringAsync(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task Who_has_an_account_joins_with_its_password_and_no_other()
    {
        await host.InDatabaseAsync(async database =>
            await database
                .Memberships.Where(membership => membership.Person.Email == "guest@fellside.example")
                .ExecuteDeleteAsync()
        );
        using var guest = await host.MemberAsync("moderator", "guest@fellside.example");
        await host.InDatabaseAsync(database =>
            database.Memberships.Where(one => one.Person.Email == "guest@fellside.example").ExecuteDeleteAsync()
        );
        await host.InDatabaseAsync(database =>
            database
                .Users.Where(user => user.Email == "guest@fellside.example")
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.EmailConfirmed, true))
        );
        var key = await InviteAsync("guest@fellside.example", "contributor");
        using var visitor = new Visitor(host.Address);
        var refusal = await (
            await visitor.SendAsync(HttpMethod.Post, $"api/invitations/{key}", new { password = "not the password" })
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(refusal.Has("errors.password"));
        await visitor.PostAsync($"api/invitations/{key}", new { password = AntiphonHost.Password });
        Assert.Contains((await host.Owner.GetJsonAsync(host.Api + "people")).Items(), one =>
            one.Text("mail") == "guest@fellside.example" && one.Text("role") == "contributor"
        );
    }

    [Fact]
    public async Task A_new_link_ends_the_old_one_and_one_taken_back_or_too_old_is_over()
    {
        var first = await InviteAsync("late@fellside.example", "moderator");
        var second = await InviteAsync("late@fellside.example", "moderator");
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"api/invitations/{first}")).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await host.Plain().GetAsync($"api/invitations/{second}")).StatusCode);
        await host.InDatabaseAsync(database =>
            database
                .Invitations.Where(invitation => invitation.Mail == "late@fellside.example")
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.ExpiresAt, DateTimeOffset.UnixEpoch))
        );
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"api/invitations/{second}")).StatusCode);
        var third = await InviteAsync("late@fellside.example", "moderator");
        var id = (await host.Owner.GetJsonAsync(host.Api + "invitations"))
            .Items()
            .Single(item => item.Text("mail") == "late@fellside.example")
            .Number("id");
        await host.Owner.DeleteAsync($"{host.Api}invitations/{id}");
        Assert.Equal(HttpStatusCode.NotFound, (await host.Plain().GetAsync($"api/invitations/{third}")).StatusCode);
    }

    [Fact]
    public async Task Only_owners_invite_and_nobody_who_is_here()
    {
        using var editor = await host.MemberAsync("editor", "inviting@quillmoor.example");
        await editor.RefusedAsync(
            host.Api + "invitations",
            new { mail = "more@fellside.example", role = "owner" },
            HttpStatusCode.Forbidden
        );
        Assert.True(
            (
                await host.Owner.RefusedAsync(
                    host.Api + "invitations",
                    new { mail = "INVITING@quillmoor.example", role = "owner" }
                )
            ).Has("errors.mail")
        );
    }

    [Fact]
    public async Task A_link_passed_on_by_hand_makes_an_account_that_whoever_proves_the_address_takes_over()
    {
        // Somebody who owns a site invites an address that is not theirs, and opens the link themselves.
        var byHand = await host.InviteAsync("victim@fellside.example", "editor");
        using var stranger = new Visitor(host.Address);
        await stranger.PostAsync(
            $"api/invitations/{byHand}",
            new { name = "Stranger", password = "the stranger's own" }
        );
        Assert.True((await stranger.SessionAsync()).Has("person"));
        await host.FreshSiteAsync();
        // Another site asks the real one, by mail: she is not asked for a password she never chose.
        var mailed = await InviteAsync("victim@fellside.example", "owner");
        using var victim = new Visitor(host.Address);
        Assert.Contains(
            "\"hasAccount\":false",
            await (await victim.SendAsync(HttpMethod.Get, $"api/invitations/{mailed}")).Content.ReadAsStringAsync()
        );
        await victim.PostAsync($"api/invitations/{mailed}", new { name = "Vera", password = AntiphonHost.Password });
        Assert.False((await stranger.SessionAsync()).Has("person"));
        Assert.Equal(
            HttpStatusCode.Unauthorized,
            (await stranger.SignInAsync("victim@fellside.example", "the stranger's own")).StatusCode
        );
        Assert.Equal("Vera", (await victim.SessionAsync()).Text("person.name"));
    }

    [Fact]
    public async Task By_hand_nobody_joins_for_an_account_without_its_password()
    {
        using var there = await host.MemberAsync("moderator", "settled@fellside.example");
        await host.InDatabaseAsync(database =>
            database
                .Users.Where(user => user.Email == "settled@fellside.example")
                .ExecuteUpdateAsync(set => set.SetProperty(one => one.EmailConfirmed, true))
        );
        await host.FreshSiteAsync();
        var byHand = await host.InviteAsync("settled@fellside.example", "owner");
        using var visitor = new Visitor(host.Address);
        var refusal = await (
            await visitor.SendAsync(
                HttpMethod.Post,
                $"api/invitations/{byHand}",
                new { name = "x", password = "another password" }
            )
        ).ProblemAsync(HttpStatusCode.BadRequest);
        Assert.True(refusal.Has("errors.password"));
    }

    [Fact]
    public async Task Nobody_is_made_a_member_without_being_asked()
    {
        var answer = await host.Owner.PostAsync(
            host.Api + "people",
            System.Net.Http.Json.JsonContent.Create(
                new
                {
                    name = "x",
                    mail = "x@fellside.example",
                    role = "owner",
                    password = AntiphonHost.Password,
                }
            )
        );
        Assert.Equal(HttpStatusCode.NotFound, answer.StatusCode);
    }

    [GeneratedRegex("/join/(\\S+)")]
    private static partial Regex Link();

    private async Task<string> InviteAsync(string mail, string role)
    {
        await HttpTalk.GoodAsync(
            await host.Owner.PostAsync(
                host.Api + "invitations",
                System.Net.Http.Json.JsonContent.Create(new { mail, role })
            )
        );
        var letter = await host.InDatabaseAsync(database =>
            database
                .Letters.Where(letter => letter.Address == mail)
                .OrderByDescending(one => one.Id)
                .Select(one => one.Text)
                .FirstAsync()
        );
        return Link().Match(letter).Groups[1].Value;
    }
}

namespace Antiphon.Server.Tests.Hosting;

/// <summary>People with other roles.</summary>
internal static class Members
{
    /// <summary>A client of somebody with a role on the host's site, signed in by token.</summary>
    public static async Task<HttpClient> MemberAsync(this AntiphonHost host, string role, string mail)
    {
        await host.Owner.PostJsonAsync(host.Api + "people", new { name = mail.Split('@')[0], mail, role, password = AntiphonHost.Password });
        using var visitor = new Visitor(host.Address);
        await HttpTalk.GoodAsync(await visitor.SignInAsync(mail, AntiphonHost.Password));
        return host.WithToken((await visitor.PostAsync("api/tokens", new { name = "tests" })).Text("token"));
    }
}

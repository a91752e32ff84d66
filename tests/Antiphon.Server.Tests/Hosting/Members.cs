using System.Text.RegularExpressions;

namespace Antiphon.Server.Tests.Hosting;

/// <summary>People with other roles.</summary>
internal static partial class Members
{
    /// <summary>A client of somebody who was invited to the host's site and joined, signed in by token.</summary>
    public static async Task<HttpClient> MemberAsync(this AntiphonHost host, string role, string mail)
    {
        using var visitor = new Visitor(host.Address);
        await visitor.PostAsync(
            $"api/invitations/{await host.InviteAsync(mail, role)}",
            new { name = mail.Split('@')[0], password = AntiphonHost.Password }
        );
        return host.WithToken((await visitor.PostAsync("api/tokens", new { name = "tests" })).Text("token"));
    }

    /// <summary>The key of the link that is passed on by hand.</summary>
    public static async Task<string> InviteAsync(this AntiphonHost host, string mail, string role) =>
        KeyIn()
            .Match((await host.Owner.PostJsonAsync(host.Api + "invitations", new { mail, role })).Text("link"))
            .Groups[1]
            .Value;

    [GeneratedRegex("/join/([A-Za-z0-9]+)$")]
    private static partial Regex KeyIn();
}

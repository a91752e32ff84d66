using System.Net;
using System.Net.Sockets;
using Antiphon.Data;
using Antiphon.Data.Accounts;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Platform.Accounts;

/// <summary>
/// Checks passwords, the slower the more wrong ones there were for an address. Nobody is locked out, as anybody could
/// lock out anybody; a network that tries on and on has to wait. An address without
/// an account is answered in the same way and time.
/// </summary>
internal sealed class SignInPace(
    AntiphonContext database,
    UserManager<Person> people,
    IPasswordHasher<Person> hasher,
    IOptions<AccountOptions> options,
    TimeProvider clock
)
{
    private const int FreeTries = 3;
    private static readonly TimeSpan Remembered = TimeSpan.FromMinutes(15);
    private static readonly Person Nobody = new();
    private static readonly string NobodysHash = new PasswordHasher<Person>().HashPassword(
        Nobody,
        Guid.NewGuid().ToString()
    );

    /// <summary>
    /// The pause before an answer: none for the first three wrong passwords, then doubling from half a second.
    /// </summary>
    /// <param name="failures">Wrong passwords for the address within the last quarter of an hour.</param>
    /// <param name="longest">Longest pause.</param>
    public static TimeSpan PauseAfter(int failures, TimeSpan longest) =>
        failures < FreeTries
            ? TimeSpan.Zero
            : TimeSpan.FromSeconds(Math.Min(longest.TotalSeconds, Math.Pow(2, Math.Min(failures - FreeTries - 1, 20))));

    /// <summary>Whether a network has to wait, and how long.</summary>
    public async Task<TimeSpan?> WaitOfAsync(IPAddress? from)
    {
        var (network, since) = (NetworkOf(from), clock.GetUtcNow() - Remembered);
        var failures = database.SignInFailures.Where(failure => failure.Network == network && failure.At > since);
        if (await failures.CountAsync() < options.Value.FailuresOfNetwork)
            return null;
        return await failures.MinAsync(failure => failure.At) + Remembered - clock.GetUtcNow();
    }

    /// <summary>The person whose address and password these are; null when they are nobody's.</summary>
    public async Task<Person?> CheckAsync(string mail, string password, IPAddress? from)
    {
        var (key, now) = (TokenHash.Of(mail.Trim().ToLowerInvariant()), clock.GetUtcNow());
        var since = now - Remembered;
        await database.SignInFailures.Where(failure => failure.At <= since).ExecuteDeleteAsync();
        var failures = await database.SignInFailures.CountAsync(failure => failure.Person == key);
        var person = await people.FindByEmailAsync(mail.Trim());
        var fits = person?.PasswordHash is not null
            ? await people.CheckPasswordAsync(person, password)
            : Compare(password);
        await Task.Delay(PauseAfter(failures, TimeSpan.FromSeconds(options.Value.LongestPauseSeconds)), clock);
        if (fits)
        {
            await database.SignInFailures.Where(failure => failure.Person == key).ExecuteDeleteAsync();
            return person;
        }

        database.SignInFailures.Add(
            new SignInFailure
            {
                Person = key,
                Network = NetworkOf(from),
                At = now,
            }
        );
        await database.SaveChangesAsync();
        return null;
    }

    // The work of a comparison that can only fail.
    private bool Compare(string password)
    {
        hasher.VerifyHashedPassword(Nobody, NobodysHash, password);
        return false;
    }

    // Neighbours share what they may try: the first 24 bits of an IPv4 and the first 48 of an IPv6 address.
    private static string NetworkOf(IPAddress? address)
    {
        var bytes = (
            address?.IsIPv4MappedToIPv6 == true ? address.MapToIPv4() : address ?? IPAddress.None
        ).GetAddressBytes();
        return TokenHash.Of(
            Convert.ToHexString(
                bytes,
                0,
                address?.AddressFamily == AddressFamily.InterNetworkV6 && bytes.Length == 16 ? 6 : 3
            )
        );
    }
}

using System.Security.Cryptography;
using Antiphon.Data.Channels;
using Microsoft.AspNetCore.DataProtection;

namespace Antiphon.Server.Channels;

/// <summary>Keeps tokens and secrets of channels so that a copy of the database does not give them away.</summary>
internal sealed class ChannelSecrets(IDataProtectionProvider protection, TimeProvider clock)
{
    /// <summary>How long the secret before holds beside a new one.</summary>
    public static readonly TimeSpan ChangeOver = TimeSpan.FromDays(2);

    private readonly IDataProtector _protector = protection.CreateProtector("channel-secrets");

    /// <summary>
    /// The token or secret of a channel; null for none, and where the keys of the installation were lost.
    /// </summary>
    public string? Of(Channel channel) => Open(channel.Secret);

    /// <summary>All secrets in use, the new one first.</summary>
    public IReadOnlyList<string> AllOf(Channel channel)
    {
        var before = channel.SecretBeforeUntil > clock.GetUtcNow() ? Open(channel.SecretBefore) : null;
        return [.. new[] { Open(channel.Secret), before }.OfType<string>()];
    }

    /// <summary>Sets another; the one before holds for a while where receivers change over.</summary>
    public void Set(Channel channel, string? secret, bool keepsBefore)
    {
        var keeps = keepsBefore && channel.Secret is not null;
        channel.SecretBefore = keeps ? channel.Secret : null;
        channel.SecretBeforeUntil = keeps ? clock.GetUtcNow() + ChangeOver : null;
        channel.Secret = string.IsNullOrEmpty(secret) ? null : _protector.Protect(secret);
    }

    private string? Open(string? kept)
    {
        try
        {
            return kept is null ? null : _protector.Unprotect(kept);
        }
        catch (CryptographicException)
        {
            return null;
        }
    }
}

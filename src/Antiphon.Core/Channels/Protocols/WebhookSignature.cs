using System.Globalization;
using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Core.Channels.Protocols;

/// <summary>
/// Signs what a webhook is sent, by the open Standard Webhooks scheme: the message's id, the time and the body joined
/// by dots, HMAC with SHA-256, in base64 behind "v1,". While a secret is being exchanged
/// both sign, with a space between.
/// </summary>
public static class WebhookSignature
{
    /// <summary>Header with the message's id, the same in every repeat.</summary>
    public const string IdHeader = "webhook-id";

    /// <summary>Header with the time of sending, in seconds since 1970.</summary>
    public const string TimeHeader = "webhook-timestamp";

    /// <summary>Header with the signatures.</summary>
    public const string SignatureHeader = "webhook-signature";

    /// <summary>How far clocks may stand apart; what is older is a replay.</summary>
    public static readonly TimeSpan Tolerance = TimeSpan.FromMinutes(5);

    /// <summary>The signature with every secret in use.</summary>
    public static string Of(string id, DateTimeOffset at, string body, params IEnumerable<string> secrets) =>
        string.Join(' ', secrets.Select(secret => "v1," + One(id, at.ToUnixTimeSeconds(), body, secret)));

    /// <summary>
    /// Whether a message is from who holds the secret and was sent just now; receivers must also keep the id, and take
    /// each once.
    /// </summary>
    public static bool Fits(string id, string time, string body, string signature, string secret, DateTimeOffset now)
    {
        if (
            !long.TryParse(time, NumberStyles.None, CultureInfo.InvariantCulture, out var seconds)
            || (now.ToUnixTimeSeconds() - seconds) is var apart && Math.Abs(apart) > Tolerance.TotalSeconds
        )
            return false;
        var wanted = Encoding.ASCII.GetBytes("v1," + One(id, seconds, body, secret));
        return signature
            .Split(' ')
            .Any(text => CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(text), wanted));
    }

    private static string One(string id, long seconds, string body, string secret) =>
        Convert.ToBase64String(
            HMACSHA256.HashData(
                Encoding.UTF8.GetBytes(secret),
                Encoding.UTF8.GetBytes(string.Create(CultureInfo.InvariantCulture, $"{id}.{seconds}.{body}"))
            )
        );
}

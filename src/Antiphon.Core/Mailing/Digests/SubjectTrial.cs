using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Core.Mailing.Digests;

/// <summary>Who gets the second subject.</summary>
public static class SubjectTrial
{
    /// <summary>
    /// Whether a subscriber does. The same for the same two keys at any time, and for another edition drawn anew.
    /// </summary>
    /// <param name="edition">Key of the edition.</param>
    /// <param name="subscriber">Key of the subscriber.</param>
    /// <param name="share">Share of subscribers in percent.</param>
    public static bool IsSecond(string edition, string subscriber, int share)
    {
        var hash = SHA256.HashData(Encoding.UTF8.GetBytes($"{edition} {subscriber}"));
        return BitConverter.ToUInt32(hash) % 100 < share;
    }
}

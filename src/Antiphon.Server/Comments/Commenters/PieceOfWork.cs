using System.Numerics;
using System.Security.Cryptography;
using System.Text;

namespace Antiphon.Server.Comments.Commenters;

/// <summary>
/// The small piece of work a page's script does before it sends a comment: a number that, written behind the comment's
/// own key, gives a SHA-256 hash beginning with so many zero bits. It takes a reader's device a blink, and makes a
/// flood dear. The key serves for one comment, so that a piece of work does too.
/// </summary>
internal static class PieceOfWork
{
    /// <summary>Zero bits the hash begins with: about 4,000 tries.</summary>
    public const int Bits = 12;

    /// <summary>Whether it was done for a key.</summary>
    public static bool IsDone(string key, string work)
    {
        if (key.Length is 0 or > 64 || work.Length is 0 or > 20)
            return false;
        Span<byte> hash = stackalloc byte[SHA256.HashSizeInBytes];
        SHA256.HashData(Encoding.UTF8.GetBytes($"{key}:{work}"), hash);
        return BitOperations.LeadingZeroCount((uint)((hash[0] << 24) | (hash[1] << 16) | (hash[2] << 8) | hash[3]))
            >= Bits;
    }
}

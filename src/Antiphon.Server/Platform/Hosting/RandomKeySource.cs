using System.Security.Cryptography;
using Antiphon.Core.Sites;

namespace Antiphon.Server.Platform.Hosting;

/// <summary>Keys from the operating system's random source.</summary>
internal sealed class RandomKeySource : IKeySource
{
    // Letters and digits that cannot be mistaken for each other when read aloud.
    private const string Alphabet = "abcdefghjkmnpqrstuvwxyz23456789";

    /// <inheritdoc/>
    public string NewKey(int length = 16) => RandomNumberGenerator.GetString(Alphabet, length);
}

namespace Antiphon.Core.Sites;

/// <summary>Makes the random keys that stand in public addresses; injected so that tests can foresee them.</summary>
public interface IKeySource
{
    /// <summary>A new key of lower-case letters and digits that cannot be guessed.</summary>
    /// <param name="length">Number of characters, 8 to 64; every character carries almost five bits.</param>
    string NewKey(int length = 16);
}

using System.Collections.Frozen;

namespace Antiphon.Core.Comments.Filtering.Folding;

/// <summary>Letters of other scripts that look like Latin ones, and signs and digits that stand for letters.</summary>
internal static class LookAlikes
{
    private const string Others = "aаbвcсdԁeеgɡhһiіjјkкlӏmмnոoоpрqԛrгsѕtтuսvѵwԝxхyуzᴢaαbβeεiιkκnηoοpρtτuυvνxχwωyγ";

    private static readonly FrozenDictionary<char, char> Letters = Pairs(Others);
    private static readonly FrozenDictionary<char, char> Signs = Pairs("o0i1e3a4s5t7b8a@s$i!l|");

    /// <summary>The Latin letter a lower-case letter of another script looks like; itself when none.</summary>
    public static char Latin(char c) => Letters.GetValueOrDefault(c, c);

    /// <summary>The letter a sign or digit may stand for; itself when none.</summary>
    public static char Letter(char c) => Signs.GetValueOrDefault(c, c);

    // Written as pairs: the Latin letter, then what stands for it.
    private static FrozenDictionary<char, char> Pairs(IEnumerable<char> text)
    {
        var pairs = new Dictionary<char, char>();
        foreach (var pair in text.Chunk(2))
            pairs[pair[1]] = pair[0];
        return pairs.ToFrozenDictionary();
    }
}

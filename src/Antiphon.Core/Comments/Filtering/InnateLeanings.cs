using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>What is known of spam everywhere before a site has decided anything; a few decisions outweigh it.</summary>
internal static class InnateLeanings
{
    private static readonly (string Name, float Spam, float Good)[] Traits =
    [
        ("markup", 4, 0.3f),
        ("links", 3, 0.4f),
        ("link", 1.5f, 0.7f),
        ("site", 1.5f, 0.8f),
        ("site-path", 1, 0.5f),
        ("trick", 3, 0.2f),
        ("name-in-site", 1, 0.8f),
        ("name-has-digit", 1.5f, 0.5f),
        ("name-of-many-words", 1.5f, 0.5f),
        ("mail-is-name", 0.7f, 1.5f),
        ("question", 0.7f, 1.2f),
    ];

    private static readonly string[] Copies =
    [
        "copy-of-genuine-with-address",
        "copy-of-spam-with-address",
        "copy-of-genuine-by-another-with-address",
    ];

    /// <summary>Has them counted.</summary>
    public static void CountIn(SignalCounts counts)
    {
        foreach (var (name, spam, good) in Traits)
            counts.Presume(SignalHash.SlotOf(SignalKind.Shape, SignalHash.Of(name)), spam, good);
        foreach (var name in Copies)
            counts.Presume(SignalHash.SlotOf(SignalKind.Likeness, SignalHash.Join(SignalHash.Of(name), 0)), 6, 0.2f);
    }
}

using Antiphon.Core.Comments.Filtering.Signals;

namespace Antiphon.Core.Comments.Filtering;

/// <summary>What is known of spam everywhere before a site has decided anything; a few decisions outweigh it.</summary>
internal static class InnateLeanings
{
    private static readonly (SignalKind Kind, string Name, float Spam, float Good)[] Known =
    [
        (SignalKind.Shape, "markup", 4, 0.3f), (SignalKind.Shape, "links", 3, 0.4f), (SignalKind.Shape, "link", 1.5f, 0.7f), (SignalKind.Shape, "site", 1.5f, 0.8f), (SignalKind.Shape, "site-path", 1, 0.5f),
        (SignalKind.Shape, "trick", 3, 0.2f), (SignalKind.Shape, "name-in-site", 1, 0.8f), (SignalKind.Shape, "name-has-digit", 1.5f, 0.5f), (SignalKind.Shape, "name-of-many-words", 1.5f, 0.5f),
        (SignalKind.Shape, "mail-is-name", 0.7f, 1.5f), (SignalKind.Shape, "question", 0.7f, 1.2f),
    ];

    private static readonly string[] Copies = ["copy-of-genuine-with-address", "copy-of-spam-with-address", "copy-of-genuine-by-another-with-address"];

    /// <summary>Has them counted.</summary>
    public static void CountIn(SignalCounts counts)
    {
        foreach (var (kind, name, spam, good) in Known) counts.Presume(SignalHash.SlotOf(kind, SignalHash.Of(name)), spam, good);
        foreach (var name in Copies) counts.Presume(SignalHash.SlotOf(SignalKind.Likeness, SignalHash.Join(SignalHash.Of(name), 0)), 6, 0.2f);
    }
}

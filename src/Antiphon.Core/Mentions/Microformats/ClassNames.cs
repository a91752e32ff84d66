using AngleSharp.Dom;

namespace Antiphon.Core.Mentions.Microformats;

/// <summary>The class names of an element. (The tree's own list compares each with all before it.)</summary>
internal static class ClassNames
{
    private const int Most = 100;

    /// <summary>Each once, in their order; of more than a hundred the first.</summary>
    public static IEnumerable<string> Of(IElement element) =>
        (element.ClassName ?? string.Empty)
            .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
            .Take(Most)
            .Distinct();
}

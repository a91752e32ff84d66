using AngleSharp.Dom;

namespace Antiphon.Core.Mentions.Microformats;

/// <summary>An item whose end the walk has not reached yet.</summary>
/// <param name="Element">Where it stands.</param>
/// <param name="Types">What it is.</param>
/// <param name="IsPropertyOf">Properties of the item around it that it is the value of.</param>
internal sealed record OpenItem(IElement Element, List<string> Types, List<string> IsPropertyOf)
{
    /// <summary>Whether it was written with the older class names.</summary>
    public bool IsOlder { get; } = !ClassNames.Of(Element).Any(name => name.StartsWith("h-", StringComparison.Ordinal));

    /// <summary>Values found so far, by name.</summary>
    public Dictionary<string, List<MicroformatValue>> Found { get; } = [];

    /// <summary>Items within it that are not properties of it.</summary>
    public List<MicroformatItem> Children { get; } = [];

    /// <summary>The item as it is known now.</summary>
    public MicroformatItem Closed() =>
        new(Types, Found.ToDictionary(pair => pair.Key, pair => (IReadOnlyList<MicroformatValue>)pair.Value), Element)
        {
            Children = Children,
        };
}

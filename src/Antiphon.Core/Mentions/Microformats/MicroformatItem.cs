using AngleSharp.Dom;

namespace Antiphon.Core.Mentions.Microformats;

/// <summary>An item of a page by microformats2: what it is, and its properties in the order they stand.</summary>
/// <param name="Types">Root class names, such as "h-entry".</param>
/// <param name="Properties">Values by name without prefix.</param>
/// <param name="Element">Where it stands.</param>
public sealed record MicroformatItem(
    IReadOnlyList<string> Types,
    IReadOnlyDictionary<string, IReadOnlyList<MicroformatValue>> Properties,
    IElement Element
)
{
    /// <summary>Items within it that are not properties of it.</summary>
    public IReadOnlyList<MicroformatItem> Children { get; init; } = [];

    /// <summary>The values of a property; empty for none.</summary>
    public IReadOnlyList<MicroformatValue> Values(string name) =>
        Properties.TryGetValue(name, out var values) ? values : [];

    /// <summary>The first value of a property as text, or null for none and for empty ones.</summary>
    public string? Text(string name) =>
        Values(name).Select(value => value.Text).FirstOrDefault(text => text.Length > 0);

    /// <summary>Whether it is of a kind.</summary>
    public bool Is(string type) => Types.Contains(type);
}

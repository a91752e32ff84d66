using System.Collections.Frozen;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>The children of an element by name and number, made once for a format that is looked into often.</summary>
internal sealed class ElementIndex(ElementSpec spec)
{
    private readonly FrozenDictionary<string, int> _numbers = spec
        .Children.Select((child, number) => (child.Name, number))
        .ToFrozenDictionary(child => child.Name, child => child.number);

    /// <summary>Children that must be there, by number.</summary>
    public IReadOnlyList<int> Required { get; } =
    [.. Enumerable.Range(0, spec.Children.Count).Where(number => spec.Children[number].IsRequired)];

    /// <summary>The number of a child in the element's list; -1 for one it does not have.</summary>
    public int Find(string name) => _numbers.GetValueOrDefault(name, -1);
}

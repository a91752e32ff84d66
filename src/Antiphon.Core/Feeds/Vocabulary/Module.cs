using Antiphon.Core.Feeds.Model;

namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>Where a module has an element.</summary>
[Flags]
internal enum ModulePlaces
{
    /// <summary>In the channel or feed.</summary>
    Feed = 1,

    /// <summary>In an item or entry.</summary>
    Entry = 2,

    /// <summary>In another element of the module.</summary>
    Module = 4,

    /// <summary>Where no module has elements.</summary>
    Nowhere = 8,

    /// <summary>In the channel or feed, and in an item or entry.</summary>
    Both = Feed | Entry,
}

/// <summary>An element of a module.</summary>
/// <param name="Spec">What it holds, and whether it may stand twice.</param>
/// <param name="Places">Where it may stand.</param>
internal sealed record ModuleElement(ElementSpec Spec, ModulePlaces Places);

/// <summary>A module: elements of a namespace of their own that feeds of every format may carry.</summary>
/// <param name="Namespace">Name of its namespace.</param>
/// <param name="Elements">Its elements.</param>
internal sealed record Module(string Namespace, IReadOnlyList<ModuleElement> Elements)
{
    private readonly Dictionary<string, ModuleElement> _byName = Elements.ToDictionary(element => element.Spec.Name);

    /// <summary>The element of a name, or null.</summary>
    public ModuleElement? Find(string name) => _byName.GetValueOrDefault(name);
}

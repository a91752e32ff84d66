namespace Antiphon.Core.Feeds.Vocabulary;

/// <summary>The elements of a format as a tree, from the document's outermost one on.</summary>
/// <param name="root">The outermost element.</param>
/// <param name="rules">What the format says of elements as such.</param>
internal sealed class Vocabulary(ElementSpec root, VocabularyRules rules)
{
    private readonly Dictionary<string, string> _byFolded = NamesIn(root);

    // By identity: two elements of one name may hold different things.
    private readonly Dictionary<ElementSpec, ElementIndex> _indexes = IndexesIn(root);

    /// <summary>The outermost element.</summary>
    public ElementSpec Root => root;

    /// <summary>What the format says of elements as such.</summary>
    public VocabularyRules Rules => rules;

    /// <summary>The children of an element of the format, for looking them up.</summary>
    public ElementIndex IndexOf(ElementSpec spec) => _indexes[spec];

    /// <summary>True for the name of any element of the format.</summary>
    public bool Knows(string name) => _byFolded.TryGetValue(name, out var right) && right == name;

    /// <summary>The child that was meant by a name with wrong capitals, or null.</summary>
    public static ElementSpec? Meant(ElementSpec parent, string name) =>
        parent.Children.FirstOrDefault(child => child.Name.Equals(name, StringComparison.OrdinalIgnoreCase));

    private static Dictionary<ElementSpec, ElementIndex> IndexesIn(ElementSpec root)
    {
        var indexes = new Dictionary<ElementSpec, ElementIndex>(ReferenceEqualityComparer.Instance);
        var open = new Stack<ElementSpec>([root]);
        while (open.TryPop(out var spec))
        {
            if (!indexes.TryAdd(spec, new ElementIndex(spec)))
                continue;
            foreach (var child in spec.Children)
                open.Push(child);
        }

        return indexes;
    }

    private static Dictionary<string, string> NamesIn(ElementSpec root)
    {
        var names = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        var open = new Stack<ElementSpec>([root]);
        while (open.TryPop(out var spec))
        {
            names.TryAdd(spec.Name, spec.Name);
            foreach (var child in spec.Children)
                open.Push(child);
        }

        return names;
    }
}

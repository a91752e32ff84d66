using System.Collections;

namespace Antiphon.Core.Feeds.Mending;

/// <summary>The elements that are open, the innermost first.</summary>
internal sealed class OpenElements : IEnumerable<OpenElement>
{
    private readonly Stack<OpenElement> _open = new();

    // Counted by name, so that an end tag that ends nothing is told at once, however deep the document is.
    private readonly Dictionary<string, int> _names = new(StringComparer.Ordinal);

    /// <summary>How many there are.</summary>
    public int Count => _open.Count;

    /// <summary>True when one of that name is open.</summary>
    public bool Contains(string name) => _names.GetValueOrDefault(name) > 0;

    /// <summary>The innermost.</summary>
    public OpenElement Peek() => _open.Peek();

    /// <summary>Opens one.</summary>
    public void Push(OpenElement element)
    {
        _open.Push(element);
        _names[element.Name] = _names.GetValueOrDefault(element.Name) + 1;
    }

    /// <summary>Closes the innermost.</summary>
    public OpenElement Pop()
    {
        var element = _open.Pop();
        _names[element.Name]--;
        return element;
    }

    /// <inheritdoc/>
    public IEnumerator<OpenElement> GetEnumerator() => _open.GetEnumerator();

    /// <inheritdoc/>
    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}

/// <summary>An element that is open.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Place">Where it starts in the original.</param>
/// <param name="Written">Where it starts in what is written.</param>
/// <param name="Prefixes">The prefixes its tag declares.</param>
internal sealed record OpenElement(string Name, int Place, int Written, TagPrefixes Prefixes);

namespace Antiphon.Core.Posts.Terms;

/// <summary>The categories of a site in their tree. A category nobody placed stands at the top.</summary>
public sealed class CategoryTree
{
    private readonly Dictionary<string, string?> _above;

    /// <summary>
    /// A tree of these categories; what stands above a category without being one itself counts as one.
    /// </summary>
    public CategoryTree(IEnumerable<CategoryNode> nodes)
    {
        _above = new Dictionary<string, string?>(StringComparer.OrdinalIgnoreCase);
        foreach (var node in nodes)
            _above[node.Name] = string.IsNullOrWhiteSpace(node.Above) ? null : node.Above;
    }

    /// <summary>
    /// Whether putting a category under another closes a circle, so that neither would hang from the top.
    /// </summary>
    public bool WouldCircle(string name, string? above)
    {
        for (var (at, steps) = (above, 0); at is not null; at = _above.GetValueOrDefault(at), steps++)
        {
            if (string.Equals(at, name, StringComparison.OrdinalIgnoreCase) || steps > _above.Count)
                return true;
        }

        return false;
    }

    /// <summary>The way from the top to a category, itself last. A circle is cut where it closes.</summary>
    public IReadOnlyList<string> PathTo(string name)
    {
        var path = new List<string>();
        for (
            var at = name;
            at is not null && !path.Contains(at, StringComparer.OrdinalIgnoreCase);
            at = _above.GetValueOrDefault(at)
        )
            path.Insert(0, at);
        return path;
    }

    /// <summary>A category with everything below it.</summary>
    public IReadOnlyList<string> WithAllBelow(string name)
    {
        var found = new List<string> { name };
        for (var index = 0; index < found.Count; index++)
        {
            var at = found[index];
            found.AddRange(
                _above
                    .Where(pair =>
                        string.Equals(pair.Value, at, StringComparison.OrdinalIgnoreCase)
                        && !found.Contains(pair.Key, StringComparer.OrdinalIgnoreCase)
                    )
                    .Select(pair => pair.Key)
            );
        }

        return found;
    }
}

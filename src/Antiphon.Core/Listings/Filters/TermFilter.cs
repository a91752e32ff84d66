namespace Antiphon.Core.Listings.Filters;

/// <summary>What a post's categories or tags must be. Empty lists ask nothing; capitals make no difference.</summary>
/// <param name="Any">At least one of these.</param>
/// <param name="All">Every one of these.</param>
/// <param name="None">Not one of these.</param>
public sealed record TermFilter(IReadOnlyList<string> Any, IReadOnlyList<string> All, IReadOnlyList<string> None)
{
    /// <summary>Asks nothing.</summary>
    public static TermFilter Nothing { get; } = new([], [], []);

    /// <summary>The term that keeps a post out, or that it lacks; null when it fits.</summary>
    public string? Obstacle(IReadOnlyCollection<string> terms)
    {
        bool Has(string term) => terms.Contains(term, StringComparer.OrdinalIgnoreCase);
        if (None.FirstOrDefault(Has) is { } unwanted)
            return unwanted;
        if (All.FirstOrDefault(term => !Has(term)) is { } missing)
            return missing;
        return Any.Count == 0 || Any.Any(Has) ? null : string.Join(", ", Any);
    }
}

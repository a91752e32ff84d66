namespace Antiphon.Core.Listings.Styles;

/// <summary>Type of one part; null takes the page's own.</summary>
/// <param name="Family">Font families as CSS lists them.</param>
/// <param name="Size">Size in CSS pixels, 8 to 96.</param>
/// <param name="Weight">Weight, 100 to 900.</param>
public sealed record PartType(string? Family, int? Size, int? Weight)
{
    /// <summary>The page's own type.</summary>
    public static PartType Inherited { get; } = new(null, null, null);
}

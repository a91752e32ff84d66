namespace Antiphon.Core.Listings;

/// <summary>What a listing is made of: which posts, how many, in what order, what is shown of each, and in what form.</summary>
/// <param name="Blogs">Ids of the blogs whose posts are taken; an empty list takes none.</param>
/// <param name="Count">Number of entries, 1 to <see cref="MaxCount"/>.</param>
/// <param name="Order">Newest or oldest first.</param>
/// <param name="Details">What an entry shows.</param>
/// <param name="Layout">The form.</param>
/// <param name="Heading">Heading above the entries; null or empty for none.</param>
public sealed record ListingDefinition(
    IReadOnlyList<long> Blogs,
    int Count,
    ListingOrder Order,
    EntryDetails Details,
    ListingLayout Layout,
    string? Heading)
{
    /// <summary>Most entries one listing may show.</summary>
    public const int MaxCount = 50;

    /// <summary>What a new listing starts from: five newest posts of the blog, in lines, with picture and date.</summary>
    public static ListingDefinition For(long blog, string? heading) =>
        new([blog], 5, ListingOrder.Newest, new EntryDetails(true, false, true, false, false), ListingLayout.Lines, heading);
}

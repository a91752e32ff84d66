using Antiphon.Core.Listings;

namespace Antiphon.Server.Embed;

/// <summary>What may follow the address of a listing.</summary>
/// <param name="Page">Number of the page, from 1.</param>
/// <param name="At">Address of the page the listing stands on; its own post is left out when the listing says so.</param>
/// <param name="Tag">Only posts with this tag or category, all of them, in lines.</param>
internal sealed record ListingQuery(int? Page, string? At, string? Tag)
{
    private const int LongestAddress = 2000;

    /// <summary>The view asked for of one listing.</summary>
    public ListingRequestView Of(string key) => new(key, Page ?? 1, At is { Length: <= LongestAddress } ? At : null, string.IsNullOrWhiteSpace(Tag) ? null : Tag);
}

/// <summary>One view of a listing, and the key it is cached under.</summary>
internal sealed record ListingRequestView(string Key, int Page, string? Current, string? Tag)
{
    /// <summary>The definition, narrowed to the tag when one is asked for.</summary>
    public ListingDefinition Narrow(ListingDefinition definition)
    {
        if (Tag is null) return definition;
        var filter = definition.Filter with { Tags = definition.Filter.Tags with { All = [.. definition.Filter.Tags.All, Tag] } };
        return definition with { Filter = filter, Layout = ListingLayout.Lines, Count = ListingDefinition.Everything, Heading = Tag };
    }
}

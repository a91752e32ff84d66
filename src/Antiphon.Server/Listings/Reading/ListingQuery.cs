using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;

namespace Antiphon.Server.Listings.Reading;

/// <summary>What may follow the address of a listing.</summary>
internal sealed record ListingQuery
{
    /// <summary>Number of the page, from 1.</summary>
    public int? Page { get; init; }

    /// <summary>
    /// Address of the page the listing stands on; its own post is left out when the listing says so, and it may hold a
    /// view.
    /// </summary>
    public string? At { get; init; }

    /// <summary>Only posts with this tag or category; the same as the view of that tag.</summary>
    public string? Tag { get; init; }

    /// <summary>What to show, as <see cref="BlogPart"/> writes it.</summary>
    public string? View { get; init; }

    /// <summary>Words to search for; the same as the view of that search.</summary>
    public string? Q { get; init; }

    private const int LongestAddress = 2000;

    /// <summary>What is asked for of one listing.</summary>
    public ListingRequestView Of(string key) => new(key, Page, At is { Length: <= LongestAddress } ? At : null, Said());

    private BlogPart? Said()
    {
        if (Q is not null)
            return BlogPart.Parse("search/" + Uri.EscapeDataString(Q.Trim()));
        return string.IsNullOrWhiteSpace(Tag) ? BlogPart.Parse(View) : new BlogPart(BlogPartKind.Tag, Tag);
    }
}

/// <summary>What is asked for of a listing, and the key the answer is cached under.</summary>
/// <param name="Key">Key of the listing; empty for one that is not stored.</param>
/// <param name="Number">Number of the page, from 1; null for the one the host page's address names, or the
/// first.</param>
/// <param name="At">Address of the page the listing stands on, or null.</param>
/// <param name="Said">What of the blog is to be shown; null for what the host page's address names, or the
/// index.</param>
internal sealed record ListingRequestView(string Key, int? Number, string? At, BlogPart? Said)
{
    /// <summary>The first page of the listing by itself.</summary>
    public static ListingRequestView First(string key) => new(key, 1, null, BlogPart.Index);

    /// <summary>True when what a listing shows depends on the page it stands on.</summary>
    public static bool HeedsPage(ListingDefinition definition) =>
        definition.LeaveOutCurrent || definition.Order == ListingOrder.Related || HasViews(definition);

    /// <summary>True when a listing shows the view that its page's address names.</summary>
    public static bool HasViews(ListingDefinition definition) =>
        definition.Layout is ListingLayout.WholeBlog or ListingLayout.Search;

    /// <summary>What of the blog a listing shows.</summary>
    public BlogPart ViewOf(ListingDefinition definition) =>
        Said ?? (HasViews(definition) ? BlogPart.OfAddress(At) : null) ?? BlogPart.Index;

    /// <summary>The number of the page it shows.</summary>
    public int PageOf(ListingDefinition definition) =>
        Number ?? (HasViews(definition) ? BlogPart.PageOfAddress(At) : 1);
}

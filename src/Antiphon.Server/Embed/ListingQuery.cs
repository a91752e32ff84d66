using Antiphon.Core.Listings;
using Antiphon.Core.Listings.Views;

namespace Antiphon.Server.Embed;

/// <summary>What may follow the address of a listing.</summary>
/// <param name="Page">Number of the page, from 1.</param>
/// <param name="At">Address of the page the listing stands on; its own post is left out when the listing says so, and it may hold a view.</param>
/// <param name="Tag">Only posts with this tag or category; the same as the view of that tag.</param>
/// <param name="View">What to show, as <see cref="BlogView"/> writes it.</param>
/// <param name="Q">Words to search for; the same as the view of that search.</param>
internal sealed record ListingQuery(int? Page, string? At, string? Tag, string? View, string? Q)
{
    private const int LongestAddress = 2000;

    /// <summary>The view asked for of one listing.</summary>
    public ListingRequestView Of(string key)
    {
        var at = At is { Length: <= LongestAddress } ? At : null;
        return new ListingRequestView(key, Page ?? BlogView.PageOfAddress(at), at, Said() ?? BlogView.OfAddress(at) ?? BlogView.Index);
    }

    private BlogView? Said()
    {
        if (Q is not null) return BlogView.Parse("search/" + Uri.EscapeDataString(Q.Trim()));
        return string.IsNullOrWhiteSpace(Tag) ? BlogView.Parse(View) : new BlogView(BlogViewKind.Tag, Tag);
    }
}

/// <summary>One view of a listing, and the key it is cached under.</summary>
/// <param name="Key">Key of the listing; empty for one that is not stored.</param>
/// <param name="Page">Number of the page, from 1.</param>
/// <param name="At">Address of the page the listing stands on, or null.</param>
/// <param name="View">What of the blog is shown.</param>
internal sealed record ListingRequestView(string Key, int Page, string? At, BlogView View)
{
    /// <summary>The first page of the listing by itself.</summary>
    public static ListingRequestView First(string key) => new(key, 1, null, BlogView.Index);

    /// <summary>True when what a listing shows depends on the page it stands on.</summary>
    public static bool HeedsPage(ListingDefinition definition) =>
        definition.LeaveOutCurrent || definition.Order == ListingOrder.Related || definition.Leads == EntryLead.ReadingPanel || definition.Layout is ListingLayout.WholeBlog or ListingLayout.Search;
}

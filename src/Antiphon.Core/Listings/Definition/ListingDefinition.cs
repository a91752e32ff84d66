using System.Text.Json.Serialization;
using Antiphon.Core.Listings.Filters;
using Antiphon.Core.Listings.Styles;

namespace Antiphon.Core.Listings.Definition;

/// <summary>
/// What a listing is made of: which posts, how many, in what order, what is shown of each, and in what form. Everything
/// beside the constructor's parameters has a default, so that
/// definitions stored or sent before it existed keep their meaning.
/// </summary>
/// <param name="Blogs">Ids of the blogs whose posts are taken; an empty list takes none.</param>
/// <param name="Count">Number of entries on a page, 1 to <see cref="MaxCount"/>, or <see cref="Everything"/>.</param>
/// <param name="Order">The order.</param>
/// <param name="Details">What an entry shows.</param>
/// <param name="Layout">The form.</param>
/// <param name="Heading">Heading above the entries; null or empty for none.</param>
public sealed record ListingDefinition(
    IReadOnlyList<long> Blogs,
    int Count,
    ListingOrder Order,
    EntryDetails Details,
    ListingLayout Layout,
    string? Heading
)
{
    /// <summary>Most entries one page may show.</summary>
    public const int MaxCount = 50;

    /// <summary>Stands for all posts that fit; at most <see cref="MostOfAll"/> are shown.</summary>
    public const int Everything = 0;

    /// <summary>Most entries a listing of everything shows on one page.</summary>
    public const int MostOfAll = 500;

    /// <summary>Which posts of the blogs are taken.</summary>
    public PostFilter Filter { get; init; } = PostFilter.Everything;

    /// <summary>Most entries of one blog, so that a busy one does not fill the listing; null for no bound.</summary>
    public int? MostPerBlog { get; init; }

    /// <summary>Posts that stand first, in this order, when they fit.</summary>
    public IReadOnlyList<long> Pinned { get; init; } = [];

    /// <summary>Posts as arranged by hand; counts in that order only.</summary>
    public IReadOnlyList<long> Arranged { get; init; } = [];

    /// <summary>Where posts enter that are not arranged yet.</summary>
    public NewPostsByHand NewPosts { get; init; }

    /// <summary>Whether the post of the page the listing stands on is left out.</summary>
    public bool LeaveOutCurrent { get; init; }

    /// <summary>How readers get further.</summary>
    public ListingPaging Paging { get; init; }

    /// <summary>Seconds between moves of Carousel and Ticker, 3 to 60; null leaves moving to the reader.</summary>
    public int? MoveSeconds { get; init; }

    /// <summary>What stands around the entries.</summary>
    public ListingFrame Frame { get; init; } = ListingFrame.Bare;

    /// <summary>How entries are set.</summary>
    public EntryForm Form { get; init; } = EntryForm.Usual;

    /// <summary>Where entries lead.</summary>
    public EntryLead Leads { get; init; }

    /// <summary>How it looks, unless the listing uses a look of the site's.</summary>
    public ListingLook Look { get; init; } = ListingLook.Inherited;

    /// <summary>Entries on one page.</summary>
    [JsonIgnore]
    public int PageSize => Count == Everything ? MostOfAll : Count;

    /// <summary>
    /// What a new listing starts from: five newest posts of the blog, in lines, with picture and date.
    /// </summary>
    public static ListingDefinition For(long blog, string? heading) =>
        new(
            [blog],
            5,
            ListingOrder.Newest,
            new EntryDetails(true, false, true, false, false),
            ListingLayout.Lines,
            heading
        );
}

using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Listings.Reading;

/// <summary>One page of a listing at one moment.</summary>
/// <param name="Key">Key of the listing.</param>
/// <param name="Site">The site.</param>
/// <param name="Definition">Its definition.</param>
/// <param name="Entries">Entries in order.</param>
/// <param name="Selection">Everything that was chosen from.</param>
/// <param name="Page">Number of this page, from 1.</param>
/// <param name="Links">Addresses the fragment leads to.</param>
internal sealed record ListingContent(
    string Key,
    Site Site,
    ListingDefinition Definition,
    IReadOnlyList<ListingEntry> Entries,
    ListingSelection Selection,
    int Page,
    ListingLinks Links
)
{
    /// <summary>What of the blog is shown.</summary>
    public BlogPart View { get; init; } = BlogPart.Index;

    /// <summary>The post that is open; null unless the view is of one that fits.</summary>
    public OpenPost? Post { get; init; }

    /// <summary>How many posts a search found, also those on other pages.</summary>
    public int Found { get; init; }

    /// <summary>True when the view asks for a post that is not among the listing's.</summary>
    public bool IsMissing => View.Kind == BlogPartKind.Post && Post is null;

    /// <summary>The moment at which it changes though nothing is written.</summary>
    public DateTimeOffset Until { get; init; } = DateTimeOffset.MaxValue;

    /// <summary>Number of pages of the view.</summary>
    public int Pages { get; init; } = Selection.Pages;
}

/// <summary>A post opened within a listing.</summary>
/// <param name="Entry">What its entry says.</param>
/// <param name="BodyHtml">Its cleaned body.</param>
/// <param name="Canonical">Its canonical address.</param>
/// <param name="OwnPage">Its page with us.</param>
/// <param name="ThreadIdentifier">Identifier of its conversation; null for a post that lives elsewhere.</param>
/// <param name="Newer">The next newer post, or null.</param>
/// <param name="Older">The next older post, or null.</param>
internal sealed record OpenPost(
    ListingEntry Entry,
    string BodyHtml,
    string Canonical,
    string OwnPage,
    string? ThreadIdentifier,
    PostLink? Newer,
    PostLink? Older
);

/// <summary>A post to go to.</summary>
internal sealed record PostLink(string Key, string Title, string Address);

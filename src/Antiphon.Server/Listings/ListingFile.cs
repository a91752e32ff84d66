using Antiphon.Core.Listings.Definition;

namespace Antiphon.Server.Listings;

/// <summary>A listing as a file that can be carried to another site or installation.</summary>
/// <param name="Format">Always <see cref="Name"/>.</param>
/// <param name="Version">Version of the format, 1.</param>
/// <param name="ListingName">Name for the team.</param>
/// <param name="Definition">What it is made of, in the look it uses.</param>
/// <param name="Blogs">What the numbers of blogs in the definition stand for.</param>
/// <param name="Posts">What the numbers of pinned and arranged posts stand for.</param>
/// <remarks>
/// All but the version may be missing in a file of another version, whose refusal then speaks of that.
/// </remarks>
internal sealed record ListingFile(
    string Format = null!,
    int Version = 0,
    string ListingName = null!,
    ListingDefinition Definition = null!,
    IReadOnlyList<ListingFileBlog> Blogs = null!,
    IReadOnlyList<ListingFilePost> Posts = null!
)
{
    /// <summary>Tells the format from other JSON.</summary>
    public const string Name = "antiphon-listing";
}

/// <summary>A blog a file speaks of; found again by its key, or else by its name.</summary>
internal sealed record ListingFileBlog(long Id, string Key, string Name);

/// <summary>A post a file speaks of; found again by its key.</summary>
internal sealed record ListingFilePost(long Id, string Key, string Title);

/// <summary>A listing brought in.</summary>
/// <param name="Listing">The new listing, with a key of its own.</param>
/// <param name="LeftOut">What the file names and this site does not have.</param>
internal sealed record ImportedListing(ListingView Listing, IReadOnlyList<string> LeftOut);

using Antiphon.Core.Posts.Blocks;
using Antiphon.Data.Blogs;

namespace Antiphon.Server.PublicPages.Blogs;

/// <summary>A page of a blog that lists posts.</summary>
/// <param name="Blog">The blog with its site.</param>
/// <param name="Heading">Heading of the page.</param>
/// <param name="Address">Where it lives.</param>
/// <param name="Entries">Posts in order.</param>
internal sealed record BlogPageContent(Blog Blog, string Heading, string Address, IReadOnlyList<PageEntry> Entries)
{
    /// <summary>What it is about, or null.</summary>
    public string? About { get; init; }

    /// <summary>The author it is of, or null.</summary>
    public BlockAuthor? Author { get; init; }

    /// <summary>Address of older posts, or null at the end.</summary>
    public string? Older { get; init; }

    /// <summary>What is searched for; null on pages that are no search, empty before anything is.</summary>
    public string? Search { get; init; }

    /// <summary>Months with how many posts each, by year, for the archive.</summary>
    public IReadOnlyList<ArchiveYear> Years { get; init; } = [];

    /// <summary>Categories of the blog with their pages.</summary>
    public IReadOnlyList<BlockLink> Categories { get; init; } = [];

    /// <summary>Whether it is the blog's first page.</summary>
    public bool IsFirst { get; init; }

    /// <summary>Whether search engines are asked to leave it out.</summary>
    public bool IsHidden { get; init; }
}

/// <summary>A post on such a page.</summary>
/// <param name="Title">Its title as safe HTML.</param>
/// <param name="Address">Its address.</param>
/// <param name="Date">Its day in words.</param>
/// <param name="Published">Its date.</param>
/// <param name="Author">Its author, or null.</param>
/// <param name="Category">Its category, or null.</param>
/// <param name="Excerpt">Its excerpt as safe HTML.</param>
/// <param name="Picture">Its picture, or null.</param>
internal sealed record PageEntry(
    string Title,
    string Address,
    string Date,
    DateTimeOffset Published,
    string? Author,
    string? Category,
    string Excerpt,
    string? Picture
);

/// <summary>A year of an archive.</summary>
internal sealed record ArchiveYear(int Year, IReadOnlyList<ArchiveMonth> Months);

/// <summary>A month of an archive.</summary>
internal sealed record ArchiveMonth(string Name, string Address, int Posts);

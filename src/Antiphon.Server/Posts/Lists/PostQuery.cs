using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Lists;

/// <summary>What the address of a list asks for.</summary>
internal sealed class PostQuery
{
    /// <summary>Words that begin words of title or text.</summary>
    [FromQuery(Name = "search")]
    public string? Search { get; init; }

    /// <summary>A status.</summary>
    [FromQuery(Name = "status")]
    public Spelled<PostStatus>? Status { get; init; }

    /// <summary>A blog.</summary>
    [FromQuery(Name = "blog")]
    public long? Blog { get; init; }

    /// <summary>Name of an author.</summary>
    [FromQuery(Name = "author")]
    public string? Author { get; init; }

    /// <summary>A category.</summary>
    [FromQuery(Name = "category")]
    public string? Category { get; init; }

    /// <summary>A tag.</summary>
    [FromQuery(Name = "tag")]
    public string? Tag { get; init; }

    /// <summary>Not before.</summary>
    [FromQuery(Name = "from")]
    public DateTimeOffset? From { get; init; }

    /// <summary>Before.</summary>
    [FromQuery(Name = "to")]
    public DateTimeOffset? To { get; init; }

    /// <summary>Only those with warnings or errors.</summary>
    [FromQuery(Name = "withFindings")]
    public bool? WithFindings { get; init; }

    /// <summary>What lies in the bin instead of what does not.</summary>
    [FromQuery(Name = "bin")]
    public bool? Bin { get; init; }

    /// <summary>What one import made.</summary>
    [FromQuery(Name = "import")]
    public long? Import { get; init; }

    /// <summary>The order.</summary>
    [FromQuery(Name = "sort")]
    public Spelled<PostOrder>? Sort { get; init; }

    /// <summary>Where the page before ended.</summary>
    [FromQuery(Name = "after")]
    public string? After { get; init; }

    /// <summary>What a change to many says instead of an address.</summary>
    public static PostQuery Of(BulkFilter filter) =>
        new()
        {
            Search = filter.Search,
            Status = filter.Status is { } status ? new Spelled<PostStatus>(status) : null,
            Blog = filter.Blog,
            Author = filter.Author,
            Category = filter.Category,
            Tag = filter.Tag,
            From = filter.From,
            To = filter.To,
            WithFindings = filter.WithFindings,
            Bin = filter.Bin,
            Import = filter.Import,
        };

    /// <summary>The posts of a site it finds, in no order.</summary>
    public IQueryable<Post> In(AntiphonContext database, long site)
    {
        var found = database.Posts.Where(post => post.SiteId == site);
        if (Bin == true)
            found = database
                .Posts.IgnoreQueryFilters()
                .Where(post => post.SiteId == site && post.DeletedAt != null && post.Blog.RemovedAt == null);
        if (Status is { Value: var status })
            found = found.Where(post => post.Status == status);
        if (Blog is { } blog)
            found = found.Where(post => post.BlogId == blog);
        if (Import is { } import)
            found = found.Where(post => post.ImportId == import);
        if (!string.IsNullOrEmpty(Author))
            found = found.Where(post => post.Author == Author);
        if (!string.IsNullOrEmpty(Category))
            found = found.Where(post => post.Category == Category || post.MoreCategories.Contains(Category));
        if (!string.IsNullOrEmpty(Tag))
            found = found.Where(post => post.Tags.Contains(Tag));
        if (From is { } from)
            found = found.Where(post => post.ListedAt >= from);
        if (To is { } to)
            found = found.Where(post => post.ListedAt < to);
        if (WithFindings == true)
            found = found.Where(post => post.Findings > 0);
        if (string.IsNullOrWhiteSpace(Search))
            return found;
        // Punctuation alone is no word; it finds nothing rather than everything.
        if (SearchWords.AllOf(SearchWords.Of(Search)) is not { } words)
            return found.Where(post => false);
        var matches = database.Database.SqlQuery<long>(
            $"SELECT rowid AS Value FROM PostTexts WHERE PostTexts MATCH {words}"
        );
        return found.Where(post => matches.Contains(post.Id));
    }
}

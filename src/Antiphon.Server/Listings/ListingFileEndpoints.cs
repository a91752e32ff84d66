using Antiphon.Core.Sites;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Requests;
using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Listings;

/// <summary>Listings out to files and in again.</summary>
internal static class ListingFileEndpoints
{
    /// <summary>Maps them below /api/sites/{site}/listings.</summary>
    public static void MapListingFiles(this RouteGroupBuilder listings)
    {
        listings.MapGet("/{listing:long}/file", Export).Needs(SiteRight.See).WithName("exportListing");
        listings.MapPost("/file", Import).Needs(SiteRight.Edit).Validate<ListingFile>().WithName("importListing");
    }

    private static async Task<Results<Ok<ListingFile>, NotFound>> Export(
        long site,
        long listing,
        AntiphonContext database
    )
    {
        if (await ListingEndpoints.FindAsync(site, listing, database) is not { } found)
            return TypedResults.NotFound();
        var definition = found.InUse;
        var ids = definition.Pinned.Concat(definition.Arranged).ToHashSet();
        var blogs = await database
            .Blogs.Where(blog => definition.Blogs.Contains(blog.Id))
            .OrderBy(blog => blog.Id)
            .Select(blog => new ListingFileBlog(blog.Id, blog.Key, blog.Name))
            .ToListAsync();
        var posts = await database
            .Posts.Where(post => ids.Contains(post.Id))
            .OrderBy(post => post.Id)
            .Select(post => new ListingFilePost(post.Id, post.Key, post.Title))
            .ToListAsync();
        return TypedResults.Ok(new ListingFile(ListingFile.Name, 1, found.Name, definition, blogs, posts));
    }

    private static async Task<Results<Ok<ImportedListing>, ValidationProblem>> Import(
        long site,
        ListingFile file,
        AntiphonContext database,
        IKeySource keys,
        TimeProvider clock
    )
    {
        var left = new List<string>();
        var blogs = await BlogsAsync(site, file, database, left);
        if (blogs.Count == 0)
            return FieldProblem.For(
                "blogs",
                $"This site has none of the listing's blogs ({string.Join(", ", file.Blogs.Select(blog => blog.Name))}). Connect one of that name first."
            );
        var posts = await PostsAsync(site, file, database, left);
        IReadOnlyList<long> Known(IReadOnlyList<long> ids) => [.. ids.Where(posts.ContainsKey).Select(id => posts[id])];
        var definition = file.Definition with
        {
            Blogs = [.. file.Definition.Blogs.Where(blogs.ContainsKey).Select(id => blogs[id])],
            Pinned = Known(file.Definition.Pinned),
            Arranged = Known(file.Definition.Arranged),
        };
        var now = clock.GetUtcNow();
        var listing = new Listing
        {
            SiteId = site,
            Key = keys.NewKey(),
            Name = file.ListingName.Trim(),
            Definition = definition,
            CreatedAt = now,
            UpdatedAt = now,
        };
        database.Listings.Add(listing);
        await database.SaveChangesAsync();
        return TypedResults.Ok(new ImportedListing(ListingEndpoints.View(listing), left));
    }

    private static async Task<Dictionary<long, long>> BlogsAsync(
        long site,
        ListingFile file,
        AntiphonContext database,
        List<string> left
    )
    {
        var here = await database
            .Blogs.Where(blog => blog.SiteId == site)
            .Select(blog => new ListingFileBlog(blog.Id, blog.Key, blog.Name))
            .ToListAsync();
        var found = new Dictionary<long, long>();
        foreach (var blog in file.Blogs)
        {
            var same = here.Find(listingFileBlog => listingFileBlog.Key == blog.Key)
                ?? here.Find(listingFileBlog =>
                    string.Equals(listingFileBlog.Name, blog.Name, StringComparison.OrdinalIgnoreCase)
                );
            if (same is null)
                left.Add($"The blog “{blog.Name}”");
            else
                found[blog.Id] = same.Id;
        }

        return found;
    }

    private static async Task<Dictionary<long, long>> PostsAsync(
        long site,
        ListingFile file,
        AntiphonContext database,
        List<string> left
    )
    {
        var asked = file.Posts.Select(post => post.Key).ToList();
        var here = await database
            .Posts.Where(post => post.SiteId == site && asked.Contains(post.Key))
            .ToDictionaryAsync(post => post.Key, post => post.Id);
        left.AddRange(
            file.Posts.Where(post => !here.ContainsKey(post.Key)).Select(post => $"The place of “{post.Title}”")
        );
        return file
            .Posts.Where(post => here.ContainsKey(post.Key))
            .ToDictionary(post => post.Id, post => here[post.Key]);
    }
}

/// <summary>Rules for a file.</summary>
internal sealed class ListingFileValidator : AbstractValidator<ListingFile>
{
    public ListingFileValidator()
    {
        RuleFor(file => file.Format)
            .Equal(ListingFile.Name)
            .WithMessage("This is not a listing file. Choose a file exported from Antiphon.");
        RuleFor(file => file.Version)
            .Equal(1)
            .WithMessage("This file was made by a later version; bring Antiphon up to date first.");
        RuleFor(file => file.ListingName).NotEmpty().WithMessage("The file names no listing.").MaximumLength(200);
        RuleFor(file => file.Blogs).NotEmpty().WithMessage("The file names no blogs.");
        RuleFor(file => file.Posts).NotNull().WithMessage("The file lacks its list of posts; an empty one will do.");
        RuleFor(file => file.Definition)
            .NotNull()
            .WithMessage("The file has no definition.")
            .SetValidator(new DefinitionValidator());
    }
}

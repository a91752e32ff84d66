using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Server.Platform.Access;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Terms;

/// <summary>
/// Renames a term on every post of a site, in one transaction. Posts of followed blogs keep theirs, as the next visit
/// would bring it back.
/// </summary>
internal sealed class TermRenaming(AntiphonContext database, ActRecord acts)
{
    /// <summary>Renames, or brings two terms together when the new name is in use.</summary>
    public async Task<RenameResult> RenameAsync(
        long site,
        long person,
        RenameRequest request,
        CancellationToken cancellation
    )
    {
        var written = database
            .Posts.IgnoreQueryFilters()
            .Where(post => post.SiteId == site && post.Blog.Following == null);
        var name = request.Name;
        var touched = request.Kind switch
        {
            TermKind.Category => written.Where(post =>
                EF.Functions.Collate(post.Category!, "NOCASE") == name
                || post.MoreCategories.Any(more => EF.Functions.Collate(more, "NOCASE") == name)
            ),
            TermKind.Author => written.Where(post => EF.Functions.Collate(post.Author!, "NOCASE") == name),
            _ => written.Where(post => post.Tags.Any(tag => EF.Functions.Collate(tag, "NOCASE") == name)),
        };
        var merged =
            request.To.Length > 0
            && !string.Equals(request.To, name, StringComparison.OrdinalIgnoreCase)
            && await IsInUseAsync(site, request, cancellation);
        var posts = await touched.ToListAsync(cancellation);
        foreach (var post in posts)
            Apply(post, request);
        await RenameKeptAsync(site, request, cancellation);
        var what =
            request.To.Length == 0
                ? $"took “{name}” off {posts.Count} posts"
                : $"renamed “{name}” to “{request.To}” on {posts.Count} posts";
        await acts.AddAsync(site, person, what, null, cancellation);
        await database.SaveChangesAsync(cancellation);
        return new RenameResult(posts.Count, merged);
    }

    private static void Apply(Post post, RenameRequest request)
    {
        var to = request.To.Length == 0 ? null : request.To;
        if (request.Kind == TermKind.Category)
        {
            // Whichever is left first is the first one from now on.
            var left = Renamed(post.AllCategories, request.Name, to);
            (post.Category, post.MoreCategories) = (left.FirstOrDefault(), [.. left.Skip(1)]);
        }
        else if (request.Kind == TermKind.Author)
        {
            post.Author = to;
        }
        else
        {
            post.Tags = Renamed(post.Tags, request.Name, to);
        }

        post.Revision++;
    }

    private static List<string> Renamed(IEnumerable<string> terms, string name, string? to) =>
        [
            .. terms
                .Select(term => Same(term, name) ? to : term)
                .OfType<string>()
                .Distinct(StringComparer.OrdinalIgnoreCase),
        ];

    private Task<bool> IsInUseAsync(long site, RenameRequest request, CancellationToken cancellation)
    {
        var to = request.To;
        var posts = database.Posts.Where(post => post.SiteId == site);
        return request.Kind switch
        {
            TermKind.Category => posts.AnyAsync(
                post =>
                    EF.Functions.Collate(post.Category!, "NOCASE") == to
                    || post.MoreCategories.Any(more => EF.Functions.Collate(more, "NOCASE") == to),
                cancellation
            ),
            TermKind.Author => posts.AnyAsync(post => EF.Functions.Collate(post.Author!, "NOCASE") == to, cancellation),
            _ => posts.AnyAsync(post => post.Tags.Any(tag => EF.Functions.Collate(tag, "NOCASE") == to), cancellation),
        };
    }

    private async Task RenameKeptAsync(long site, RenameRequest request, CancellationToken cancellation)
    {
        if (request.Kind == TermKind.Category)
        {
            // Who chose it goes on getting it under its new name; who chose it alone would get everything once it is
            // gone, so they keep it.
            var name = request.Name;
            var choosers =
                request.To.Length == 0
                    ? []
                    : await database
                        .Subscribers.Where(subscriber =>
                            subscriber.SiteId == site
                            && subscriber.Categories.Any(chosen => EF.Functions.Collate(chosen, "NOCASE") == name)
                        )
                        .ToListAsync(cancellation);
            foreach (var chooser in choosers)
                chooser.Categories = Renamed(chooser.Categories, request.Name, request.To);
            var all = await database.Categories.Where(category => category.SiteId == site).ToListAsync(cancellation);
            var other = all.Find(category => Same(category.Name, request.To));
            foreach (var below in all.Where(category => Same(category.Above, request.Name)))
                below.Above = request.To.Length == 0 || Same(below.Name, request.To) ? null : request.To;
            if (all.Find(category => Same(category.Name, request.Name)) is not { } kept)
                return;
            if (request.To.Length == 0 || (other is not null && other != kept))
                database.Categories.Remove(kept);
            else
                kept.Name = request.To;
        }
        else if (request.Kind == TermKind.Author)
        {
            var all = await database.Authors.Where(author => author.SiteId == site).ToListAsync(cancellation);
            if (all.Find(author => Same(author.Name, request.Name)) is not { } kept)
                return;
            if (request.To.Length == 0 || all.Exists(author => author != kept && Same(author.Name, request.To)))
                database.Authors.Remove(kept);
            else
                kept.Name = request.To;
        }
    }

    private static bool Same(string? a, string b) => string.Equals(a, b, StringComparison.OrdinalIgnoreCase);
}

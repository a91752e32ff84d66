using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Entries;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts;
using Antiphon.Server.Posts.Reading;
using Antiphon.Server.Search;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Listings.Reading;

/// <summary>Reads what a listing shows from the database.</summary>
internal sealed class ListingReader(
    AntiphonContext database,
    CandidateReader candidates,
    EntryReader entries,
    CurrentPostFinder current,
    PostTextSearch search,
    PostAddresses addresses,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    /// <summary>A view of a listing under a definition.</summary>
    /// <param name="site">The site.</param>
    /// <param name="definition">What to show.</param>
    /// <param name="asked">Which listing, page and view.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task<ListingContent> ReadAsync(
        Site site,
        ListingDefinition definition,
        ListingRequestView asked,
        CancellationToken cancellation
    )
    {
        var now = SiteCulture.Local(clock.GetUtcNow(), site.TimeZone);
        var (view, page) = (asked.ViewOf(definition), asked.PageOf(definition));
        var narrowed = ViewDefinition.Of(definition, view, site.Language);
        // Only public posts can be entries, so the rest need not be read; which of them are chosen is decided by the
        // same code that explains it.
        var posts = database
            .Posts.PublicAt(now.ToUniversalTime())
            .Where(post => post.SiteId == site.Id && definition.Blogs.Contains(post.BlogId));
        var found = await candidates.ReadAsync(site.Id, posts, CandidateNeeds.Of(definition), cancellation);
        var standing = await current.FindAsync(
            site,
            definition,
            ListingRequestView.HeedsPage(definition) ? asked.At : null,
            cancellation
        );
        var inView =
            view.Kind == BlogPartKind.Post
                ? found
                : found.Where(post =>
                    view.Takes(post, post.PublishedAt is { } date ? SiteCulture.Local(date, site.TimeZone) : null)
                );
        var selection = ListingSelection.Choose(narrowed, inView, now, standing);
        var content = new ListingContent(
            asked.Key,
            site,
            narrowed,
            [],
            selection,
            page,
            await LinksAsync(definition, asked, cancellation)
        )
        {
            View = view,
            Until = await UntilAsync(site, definition, found, now, cancellation),
        };
        return view.Kind switch
        {
            BlogPartKind.Post => await WithPostAsync(content, cancellation),
            BlogPartKind.Search => await WithMatchesAsync(content, cancellation),
            // A field to search with shows nothing before something is searched for.
            _ when narrowed.Layout == ListingLayout.Search => content with { Pages = 1 },
            _ => content with
            {
                Entries = await EntriesAsync(
                    content,
                    [.. selection.Page(page).Select(entry => entry.Id)],
                    cancellation
                ),
            },
        };
    }

    private async Task<DateTimeOffset> UntilAsync(
        Site site,
        ListingDefinition definition,
        IReadOnlyList<ListingCandidate> found,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        var (byItself, utc) = (
            NextChange.After(definition, found, now, SiteCulture.ZoneOf(site.TimeZone)),
            now.ToUniversalTime()
        );
        var ahead = await database
            .Posts.Where(post => post.SiteId == site.Id && post.PublishedAt > utc)
            .MinAsync(post => post.PublishedAt, cancellation);
        return ahead < byItself ? ahead.Value : byItself;
    }

    private async Task<IReadOnlyList<ListingEntry>> EntriesAsync(
        ListingContent content,
        IReadOnlyList<long> chosen,
        CancellationToken cancellation
    )
    {
        var read = await entries.ReadAsync(chosen, content.Site, content.Definition, content.Links, cancellation);
        if (content.Definition.Order != ListingOrder.Related)
            return read;
        var keys = content.Selection.Fitting.ToDictionary(post => post.Key, post => post.Id);
        return
        [
            .. read.Select(entry =>
                content.Selection.RelationOf(keys[entry.Id]) is { } relation
                    ? entry with
                    {
                        RelatedBy =
                        [
                            .. relation.Terms.Concat(relation.Words).Distinct(StringComparer.OrdinalIgnoreCase),
                        ],
                    }
                    : entry
            ),
        ];
    }

    private async Task<ListingContent> WithMatchesAsync(ListingContent content, CancellationToken cancellation)
    {
        var matches = await search.FindAsync(
            content.Site.Id,
            SearchWords.AllOf(SearchWords.Of(content.View.Subject)),
            PostTextSearch.Most,
            cancellation
        );
        var fitting = content.Selection.Fitting.Select(post => post.Id).ToHashSet();
        var found = matches.Where(match => fitting.Contains(match.PostId)).ToList();
        var size = content.Definition.PageSize;
        var shown = found.Skip((content.Page - 1) * size).Take(size).ToList();
        var read = await EntriesAsync(content, [.. shown.Select(match => match.PostId)], cancellation);
        return content with
        {
            Entries = [.. read.Zip(shown, (entry, match) => entry with { Match = (match.Title, match.Extract) })],
            Found = found.Count,
            Pages = Math.Max(1, (found.Count + size - 1) / size),
        };
    }

    private async Task<ListingContent> WithPostAsync(ListingContent content, CancellationToken cancellation)
    {
        var order = content.Selection.Fitting;
        var at = order.ToList().FindIndex(post => post.Key == content.View.Subject);
        if (at < 0)
            return content;
        var ids = order.Skip(Math.Max(0, at - 1)).Take(at == 0 ? 2 : 3).Select(post => post.Id).ToList();
        var posts = await database
            .Posts.AsNoTracking()
            .Include(post => post.Blog.Following)
            .Include(post => post.Blog.Site)
            .Where(post => ids.Contains(post.Id))
            .ToListAsync(cancellation);
        var post = posts.Single(row => row.Id == order[at].Id);
        PostLink? Link(int place)
        {
            var found =
                place >= 0 && place < order.Count ? posts.FirstOrDefault(row => row.Id == order[place].Id) : null;
            return found is null
                ? null
                : new PostLink(
                    found.Key,
                    found.Title,
                    content.Links.To(new BlogPart(BlogPartKind.Post, found.Key), slug: found.Slug)
                );
        }

        var open = new OpenPost(
            entries.EntryOf(post, content.Site, content.Definition, content.Links),
            PostBlocks.Fill(
                post.BodyHtml,
                PageBlocks.Around(post, BlockTexts.For(content.Site.Language), options.Value)
            ),
            addresses.Of(post),
            post.SourceAddress ?? addresses.Own(post),
            post.Blog.Following is null ? PostThreads.IdentifierOf(post) : null,
            Link(at - 1),
            Link(at + 1)
        );
        return content with { Post = open };
    }

    private async Task<ListingLinks> LinksAsync(
        ListingDefinition definition,
        ListingRequestView asked,
        CancellationToken cancellation
    )
    {
        var first = definition.Blogs.Count == 0 ? 0 : definition.Blogs[0];
        var blog = await database.Blogs.AsNoTracking().FirstOrDefaultAsync(row => row.Id == first, cancellation);
        // Views live where the listing itself shows them; other listings lead to the page in which the blog lives.
        var host =
            ListingRequestView.HasViews(definition) ? asked.At
            : blog is { ShowsPostsAtHome: true } ? blog.HomeAddress
            : null;
        return new ListingLinks(
            options.Value.AddressOf($"embed/listings/{asked.Key}"),
            blog is null ? string.Empty : addresses.OfBlog(blog),
            blog is null ? string.Empty : options.Value.AddressOf($"feeds/{blog.Key}.rss"),
            host
        );
    }
}

using Antiphon.Core.Channels.Composing;
using Antiphon.Core.Html;
using Antiphon.Core.Mailing.Digests;
using Antiphon.Core.Mailing.Drawing;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Mailing.Sending;

/// <summary>
/// Makes up the mails of editions. What is made up is kept for as long as this lives, which is a few mails, so that a
/// correction to a post reaches the mails after it and thousands of receivers cost
/// few makings.
/// </summary>
internal sealed class EditionMails(
    AntiphonContext database,
    PostFactsReader facts,
    EditionLinks links,
    SiteColours colours,
    IOptions<AntiphonOptions> options,
    TimeProvider clock
)
{
    private readonly Dictionary<long, Edition> _editions = [];
    private readonly Dictionary<(long Edition, string Wanted, bool IsSecond), ComposedDigest?> _made = [];

    /// <summary>The edition with its digest, site and posts.</summary>
    public async Task<Edition> EditionAsync(long edition, CancellationToken cancellation)
    {
        if (_editions.TryGetValue(edition, out var known))
            return known;
        return _editions[edition] = await database
            .Editions.AsNoTracking()
            .AsSplitQuery()
            .Include(row => row.Digest.Site)
            .Include(row => row.Posts)
                .ThenInclude(post => post.Post.Blog.Following)
            .FirstAsync(row => row.Id == edition, cancellation);
    }

    /// <summary>What a subscriber gets; null when no post of it is public any more that they want.</summary>
    public async Task<ComposedDigest?> OfAsync(
        long edition,
        IReadOnlyList<string> wanted,
        bool isSecond,
        CancellationToken cancellation
    )
    {
        var key = (edition, string.Join('\n', wanted.Order(StringComparer.OrdinalIgnoreCase)), isSecond);
        if (_made.TryGetValue(key, out var known))
            return known;
        var whole = await EditionAsync(edition, cancellation);
        var made = await ComposeAsync(
            whole.Settings,
            whole.Digest.Site,
            [.. whole.Posts.Select(post => post.Post)],
            wanted,
            whole.Settings.CountsOpens ? options.Value.AddressOf($"opened/{whole.Key}") : null,
            cancellation
        );
        if (made is not null && whole.Settings.CountsClicks)
            made = await links.CountedAsync(made, whole.Id, isSecond, cancellation);
        return _made[key] = made;
    }

    /// <summary>
    /// What everybody who wants all gets, its links as they are and counting nothing; null when no post of it is public
    /// any more.
    /// </summary>
    public async Task<ComposedDigest?> ShownAsync(long edition, CancellationToken cancellation)
    {
        var whole = await EditionAsync(edition, cancellation);
        return await ComposeAsync(
            whole.Settings,
            whole.Digest.Site,
            [.. whole.Posts.Select(post => post.Post)],
            [],
            opened: null,
            cancellation
        );
    }

    /// <summary>A digest of posts, whose blogs are loaded; null when none of them is public and wanted.</summary>
    public async Task<ComposedDigest?> ComposeAsync(
        DigestSettings settings,
        Site site,
        IReadOnlyCollection<Post> posts,
        IReadOnlyList<string> wanted,
        string? opened,
        CancellationToken cancellation
    )
    {
        var now = clock.GetUtcNow();
        var byId = posts.Where(post => post.IsPublicAt(now)).ToDictionary(post => post.Id);
        var pick = DigestSelection.Pick(
            byId.Values.Select(post => new DigestPost(
                post.Id,
                post.PublishedAt ?? now,
                post.IsFeatured,
                [.. post.AllCategories]
            )),
            settings,
            wanted
        );
        if (pick.Count == 0)
            return null;
        DigestEntry EntryOf(DigestPost post) => Entry(byId[post.Id], site, settings);
        var content = new DigestContent(
            site.Name,
            site.Address,
            site.Language,
            SiteCulture.LongDate(now, site.Language, site.TimeZone),
            [.. pick.Shown.Select(EntryOf)],
            [.. pick.Titles.Select(EntryOf)],
            opened
        );
        return DigestComposer.Compose(
            settings,
            content,
            await colours.OfAsync(site.Id, settings.Colours, cancellation)
        );
    }

    private DigestEntry Entry(Post post, Site site, DigestSettings settings)
    {
        post.Blog.Site = site;
        var said = facts.Of(post);
        var body =
            settings.Form == DigestForm.Whole
                ? HtmlCleaner.ForPosts.Clean(
                    PostBlocks.Alone(post.BodyHtml, BlockTexts.For(site.Language)),
                    new Uri(said.Link)
                )
                : string.Empty;
        // So that readers who come are counted as coming by mail.
        if (settings.CountsClicks)
            said = said with { Link = CampaignLink.Of(said.Link, "mail", "email", string.Empty) };
        return new DigestEntry(said, body, post.ListingPicture, post.PictureAlt ?? string.Empty);
    }
}

using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Comments;
using Antiphon.Data.Posts;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Threads;

/// <summary>Finds a thread and what holds for it.</summary>
internal sealed class ThreadReader(AntiphonContext database, TimeProvider clock)
{
    /// <summary>The site, or null when the key is unknown.</summary>
    public Task<Site?> SiteAsync(string key, CancellationToken cancellation) =>
        database.Sites.AsNoTracking().FirstOrDefaultAsync(site => site.PublicKey == key, cancellation);

    /// <summary>
    /// The thread by identifier, then by canonical address, then by what it was merged or moved from; null while nobody
    /// has written.
    /// </summary>
    public async Task<CommentThread?> FindAsync(
        Site site,
        string? identifier,
        string? address,
        CancellationToken cancellation
    )
    {
        if (!string.IsNullOrWhiteSpace(identifier))
        {
            return await database.Threads.FirstOrDefaultAsync(
                thread => thread.SiteId == site.Id && thread.Identifier == identifier,
                cancellation
            )
                ?? await database
                    .ThreadAliases.Where(alias => alias.SiteId == site.Id && alias.Identifier == identifier)
                    .Select(alias => alias.Thread)
                    .FirstOrDefaultAsync(cancellation);
        }

        if (FoldedAddress.Of(address) is not { } folded)
            return null;
        return await database.Threads.FirstOrDefaultAsync(
            thread => thread.SiteId == site.Id && thread.FoldedAddress == folded,
            cancellation
        )
            ?? await database
                .ThreadAliases.Where(alias => alias.SiteId == site.Id && alias.FoldedAddress == folded)
                .Select(alias => alias.Thread)
                .FirstOrDefaultAsync(cancellation);
    }

    /// <summary>
    /// What holds for a thread. A page that is no post of ours goes by the site and its own layer; where the post is in
    /// the bin nothing is taken.
    /// </summary>
    public async Task<ThreadRules> RulesAsync(Site site, CommentThread? thread, CancellationToken cancellation)
    {
        if (thread?.PostId is not { } id)
            return RulesOf(site, null, null, thread);
        var post = await database
            .Posts.AsNoTracking()
            .IgnoreQueryFilters()
            .Include(row => row.Blog)
            .FirstOrDefaultAsync(row => row.Id == id && row.DeletedAt == null, cancellation);
        return post is null
            ? RulesOf(site, null, null, thread) with
            {
                IsOpen = false,
            }
            : RulesOf(site, post.Blog, post, thread);
    }

    /// <summary>What holds for the thread of a post, or of another page where there is none.</summary>
    public ThreadRules RulesOf(Site site, Blog? blog, Post? post, CommentThread? thread)
    {
        var settings = ThreadSettings.Of(site, blog, post, thread);
        return new ThreadRules(
            settings,
            new CommentDeciding([.. site.CommentRules.Where(rule => rule.HoldsIn(blog?.Id))], settings),
            settings.IsOpen(post?.Details.CommentsCloseAt, post?.PublishedAt, site.TimeZone, clock.GetUtcNow())
        );
    }
}

/// <summary>What holds for a thread.</summary>
/// <param name="Settings">The settings of its layers.</param>
/// <param name="Deciding">How what is written is decided.</param>
/// <param name="IsOpen">Whether comments are taken now.</param>
internal sealed record ThreadRules(EffectiveSettings Settings, CommentDeciding Deciding, bool IsOpen);

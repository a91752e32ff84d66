using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Order;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
using Antiphon.Server.Comments;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Embed;

/// <summary>Reads a thread as readers see it.</summary>
internal sealed class ThreadReader(AntiphonContext database, TimeProvider clock)
{
    /// <summary>The site, or null when the key is unknown.</summary>
    public Task<Site?> SiteAsync(string key, CancellationToken cancellation) =>
        database.Sites.AsNoTracking().FirstOrDefaultAsync(site => site.PublicKey == key, cancellation);

    /// <summary>The thread by identifier, then by canonical address; null while nobody has written.</summary>
    public async Task<CommentThread?> FindAsync(Site site, string? identifier, string? address, CancellationToken cancellation)
    {
        if (!string.IsNullOrWhiteSpace(identifier))
        {
            var byId = await database.Threads.FirstOrDefaultAsync(thread => thread.SiteId == site.Id && thread.Identifier == identifier, cancellation);
            if (byId is not null) return byId;
        }

        var folded = FoldedAddress.Of(address);
        return folded is null ? null : await database.Threads.FirstOrDefaultAsync(thread => thread.SiteId == site.Id && thread.FoldedAddress == folded && string.IsNullOrEmpty(identifier), cancellation);
    }

    /// <summary>What holds for a thread. A page that is no post of ours goes by the site alone; where the post is in the bin nothing is taken.</summary>
    public async Task<ThreadRules> RulesAsync(Site site, CommentThread? thread, CancellationToken cancellation)
    {
        if (thread?.PostId is not { } id) return RulesOf(site, null, null);
        var post = await database.Posts.AsNoTracking().IgnoreQueryFilters().Include(one => one.Blog).FirstOrDefaultAsync(one => one.Id == id && one.DeletedAt == null, cancellation);
        return post is null ? RulesOf(site, null, null) with { IsOpen = false } : RulesOf(site, post.Blog, post);
    }

    /// <summary>The public comments in reading order.</summary>
    public async Task<IReadOnlyList<ReaderComment>> CommentsAsync(CommentThread? thread, CommentOrder order, CancellationToken cancellation)
    {
        if (thread is null) return [];
        var rows = await database.Comments.AsNoTracking().Where(comment => comment.ThreadId == thread.Id && comment.Standing == CommentStanding.Public).ToListAsync(cancellation);
        return
        [
            .. ThreadTree.Arrange(rows, row => new Voted(row.Id, row.ParentId, row.CreatedAt, row.Up, row.Down), order)
                .Select(placed => new ReaderComment(placed.Comment.Key, placed.Comment.Author, placed.Comment.IsTeam, placed.Comment.CreatedAt, placed.Comment.Html, placed.Depth, placed.Comment.Up, placed.Comment.Down)),
        ];
    }

    private ThreadRules RulesOf(Site site, Blog? blog, Post? post) => new(ThreadSettings.Of(site, blog, post), ThreadSettings.IsOpen(site, blog, post, clock.GetUtcNow()));
}

/// <summary>What holds for a thread.</summary>
/// <param name="Settings">The settings of its layers.</param>
/// <param name="IsOpen">Whether comments are taken now.</param>
internal sealed record ThreadRules(EffectiveSettings Settings, bool IsOpen);

/// <summary>A comment as readers get it; nothing of the writer but the name leaves the server.</summary>
internal sealed record ReaderComment(string Id, string Author, bool IsTeam, DateTimeOffset Published, string Html, int Depth, int Up, int Down);

using Antiphon.Core.Comments;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Entities;
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

    /// <summary>Whether comments are taken: the post may have them off, or its time for them may be over. What is no post of ours is open.</summary>
    public async Task<bool> IsOpenAsync(CommentThread? thread, CancellationToken cancellation)
    {
        if (thread?.PostId is not { } post) return true;
        var details = await database.Posts.IgnoreQueryFilters().Where(one => one.Id == post && one.DeletedAt == null).Select(one => one.Details).FirstOrDefaultAsync(cancellation);
        return details?.TakesComments(clock.GetUtcNow()) == true;
    }

    /// <summary>The public comments in reading order.</summary>
    public async Task<IReadOnlyList<ReaderComment>> CommentsAsync(CommentThread? thread, CancellationToken cancellation)
    {
        if (thread is null) return [];
        var rows = await database.Comments.AsNoTracking().Where(comment => comment.ThreadId == thread.Id && comment.Standing == CommentStanding.Public).ToListAsync(cancellation);
        return
        [
            .. ThreadTree.Arrange(rows, comment => comment.Id, comment => comment.ParentId, comment => comment.CreatedAt)
                .Select(placed => new ReaderComment(placed.Comment.Key, placed.Comment.Author, placed.Comment.IsTeam, placed.Comment.CreatedAt, placed.Comment.Html, placed.Depth)),
        ];
    }
}

/// <summary>A comment as readers get it; nothing of the writer but the name leaves the server.</summary>
internal sealed record ReaderComment(string Id, string Author, bool IsTeam, DateTimeOffset Published, string Html, int Depth);

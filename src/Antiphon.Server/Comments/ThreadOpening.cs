using Antiphon.Core.Sites;
using Antiphon.Core.Text;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments;

/// <summary>Opens threads when somebody is the first to write or to react.</summary>
internal sealed class ThreadOpening(AntiphonContext database, IKeySource keys, TimeProvider clock)
{
    private const int LongestTitle = 300;

    /// <summary>
    /// Opens the thread of an identifier, or of an address where there is none; the one that is there already when
    /// another request was faster.
    /// </summary>
    public async Task<CommentThread> OpenAsync(
        Site site,
        string identifier,
        string address,
        string title,
        CancellationToken cancellation
    )
    {
        var isAllowed = AllowedAddresses.Allows(site.AllowedAddresses, address);
        var folded = isAllowed ? FoldedAddress.Of(address) : null;
        var shown = Shortened.ToLength(title.Trim(), LongestTitle);
        var thread = new CommentThread
        {
            SiteId = site.Id,
            Identifier = string.IsNullOrWhiteSpace(identifier) ? folded! : identifier.Trim(),
            Address = isAllowed ? address : null,
            FoldedAddress = folded,
            Title = shown.Length > 0 ? shown : folded ?? identifier,
            CreatedAt = clock.GetUtcNow(),
        };
        if (string.IsNullOrWhiteSpace(thread.Identifier))
            thread.Identifier = FoldedAddress.Of(address) ?? keys.NewKey();
        database.Threads.Add(thread);
        try
        {
            await database.SaveChangesAsync(cancellation);
            return thread;
        }
        catch (DbUpdateException)
        {
            // Two first comments at once: the other one opened the thread.
            database.Entry(thread).State = EntityState.Detached;
            return await database.Threads.SingleAsync(
                commentThread => commentThread.SiteId == site.Id && commentThread.Identifier == thread.Identifier,
                cancellation
            );
        }
    }
}

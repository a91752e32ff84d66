using Antiphon.Data;
using Antiphon.Data.Comments;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>Moves comments between threads with everything that answers them.</summary>
internal sealed class CommentPlaces(AntiphonContext database)
{
    /// <summary>Moves one; false when it would stand below itself. The caller saves.</summary>
    /// <param name="comment">The comment, loaded for change.</param>
    /// <param name="thread">The thread it goes to.</param>
    /// <param name="parent">The comment of that thread it then answers, or null for the top level.</param>
    public async Task<bool> MoveAsync(Comment comment, long thread, Comment? parent)
    {
        var below = await BelowAsync(comment);
        if (parent is not null && (parent.Id == comment.Id || below.Exists(row => row.Id == parent.Id)))
            return false;
        long? root = parent is null ? null : parent.RootId ?? parent.Id;
        (comment.ThreadId, comment.ParentId, comment.RootId) = (thread, parent?.Id, root);
        foreach (var one in below)
            (one.ThreadId, one.RootId) = (thread, root ?? comment.Id);
        return true;
    }

    /// <summary>Everything that answers a comment, at any depth, loaded for change.</summary>
    public async Task<List<Comment>> BelowAsync(Comment comment)
    {
        var group = comment.RootId ?? comment.Id;
        var rows = await database.Comments.Where(row => row.RootId == group).ToListAsync();
        var children = rows.ToLookup(row => row.ParentId);
        var below = new List<Comment>();
        var open = new Queue<long>([comment.Id]);
        while (open.TryDequeue(out var id))
        {
            foreach (var child in children[id].Where(child => child.Id != comment.Id && !below.Contains(child)))
            {
                below.Add(child);
                open.Enqueue(child.Id);
            }
        }

        return below;
    }
}

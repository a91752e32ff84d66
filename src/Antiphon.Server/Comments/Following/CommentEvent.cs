using Antiphon.Data.Comments;

namespace Antiphon.Server.Comments.Following;

/// <summary>
/// What programs outside are told of a comment that became public; nothing of its writer but the name.
/// </summary>
internal static class CommentEvent
{
    /// <summary>The members.</summary>
    public static object Of(Comment comment, CommentThread thread) =>
        new
        {
            id = comment.Key,
            author = comment.Author,
            text = comment.Text,
            html = comment.Html,
            thread = thread.Title,
            address = thread.Address,
            isTeam = comment.IsTeam,
            writtenAt = comment.CreatedAt,
        };
}

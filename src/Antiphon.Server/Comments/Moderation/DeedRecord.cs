using Antiphon.Core.Comments.Moderation;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Comments.Moderation;
using Antiphon.Server.Platform.Access;

namespace Antiphon.Server.Comments.Moderation;

/// <summary>Writes down what is done with comments.</summary>
internal sealed class DeedRecord(AntiphonContext database, TimeProvider clock)
{
    /// <summary>Adds a line; the caller saves, so that it stands or falls with the deed itself.</summary>
    public void Add(Comment comment, DeedKind kind, string? before, string? after, Doer by) =>
        database.CommentDeeds.Add(
            new CommentDeed
            {
                SiteId = comment.SiteId,
                CommentId = comment.Id,
                Kind = kind,
                Before = before,
                After = after,
                Way = by.Way,
                PersonId = by.PersonId,
                PersonName = by.Name,
                At = clock.GetUtcNow(),
            }
        );

    /// <summary>The person asking, as the one who does something in the workplace.</summary>
    public async Task<Doer> DoerAsync(HttpContext http)
    {
        var person = http.Member().PersonId;
        return new Doer(person, await database.NameOfAsync(person, http.RequestAborted), DeedWay.Workplace);
    }
}

/// <summary>Who does something with a comment.</summary>
/// <param name="PersonId">Somebody of the team; null for the writer.</param>
/// <param name="Name">Their name; empty for the writer.</param>
/// <param name="Way">From where.</param>
internal sealed record Doer(long? PersonId, string Name, DeedWay Way);

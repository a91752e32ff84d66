using Antiphon.Data;
using Antiphon.Data.Notices;
using Antiphon.Data.Posts;
using Antiphon.Server.Notices;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Language;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Editing;

/// <summary>Tells by mail and on the screen that a post waits for a reviewer, or came back from one.</summary>
internal sealed class ReviewNews(AntiphonContext database, NoticeBoard board)
{
    /// <summary>Tells the reviewer, or all editors when nobody was named. The caller saves.</summary>
    public async Task AskedAsync(Post post, long by, CancellationToken cancellation)
    {
        var notice = Notice(
            post,
            $"{await database.NameOfAsync(by, cancellation)} asks you to review “{post.Title}”",
            post.ReviewNote ?? "No message."
        );
        if (post.ReviewerId is { } reviewer)
            await board.AddForAsync(database, notice, [reviewer], cancellation);
        else
            await board.AddAsync(database, notice, cancellation);
    }

    /// <summary>Tells those who have worked on the post that it came back. The caller saves.</summary>
    public async Task PassedBackAsync(Post post, long by, CancellationToken cancellation)
    {
        var remarks = await database.ReviewRemarks.CountAsync(
            remark => remark.PostId == post.Id && remark.DoneAt == null,
            cancellation
        );
        var beside = remarks switch
        {
            0 => null,
            1 => "One remark stands beside the text.",
            _ => $"{remarks} remarks stand beside the text.",
        };
        var text = string.Join(
            '\n',
            new[] { post.ReviewNote is { } note ? TeamTexts.AsWritten(note) : null, beside }.OfType<string>()
        );
        var writers = await database
            .PostVersions.Where(version =>
                version.PostId == post.Id && version.PersonId != null && version.PersonId != by
            )
            .Select(version => version.PersonId!.Value)
            .Distinct()
            .ToListAsync(cancellation);
        await board.AddForAsync(
            database,
            Notice(
                post,
                $"{await database.NameOfAsync(by, cancellation)} passed “{post.Title}” back",
                text.Length == 0 ? "No message." : text
            ),
            writers,
            cancellation
        );
    }

    private static Notice Notice(Post post, string title, string text) =>
        new()
        {
            SiteId = post.SiteId,
            Title = title,
            Text = text,
            Path = post.Id == 0 ? $"s/{post.SiteId}/posts" : $"s/{post.SiteId}/posts/{post.Id}",
        };
}

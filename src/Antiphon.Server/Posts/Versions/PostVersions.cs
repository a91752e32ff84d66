using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Versions;
using Antiphon.Data;
using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Posts.Versions;

/// <summary>Keeps the versions of a post as it is saved.</summary>
internal sealed class PostVersions(AntiphonContext database, TimeProvider clock)
{
    /// <summary>
    /// Before the first save of a post from before versions were kept: keeps it as it stands, so that nothing is lost
    /// by that save. The caller saves.
    /// </summary>
    public async Task KeepOriginalAsync(Post post, CancellationToken cancellation)
    {
        if (post.Id == 0 || await database.PostVersions.AnyAsync(version => version.PostId == post.Id, cancellation))
            return;
        database.PostVersions.Add(
            Fill(
                new PostVersion
                {
                    Post = post,
                    BeganAt = post.UpdatedAt,
                    SavedAt = post.UpdatedAt,
                },
                post
            )
        );
    }

    /// <summary>
    /// Keeps what is about to be saved, in place of the version before where both are of one sitting. The caller saves.
    /// </summary>
    /// <param name="post">The post with its new text.</param>
    /// <param name="person">Who saves.</param>
    /// <param name="name">Name of that person.</param>
    /// <param name="isPublic">Whether readers see it from now on.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task KeepAsync(Post post, long person, string name, bool isPublic, CancellationToken cancellation)
    {
        var now = clock.GetUtcNow();
        var last =
            post.Id == 0
                ? null
                : await database
                    .PostVersions.Where(version => version.PostId == post.Id)
                    .OrderByDescending(version => version.Id)
                    .FirstOrDefaultAsync(cancellation);
        var replaces = VersionKeeping.Replaces(
            last is null ? null : Kept(last),
            new KeptVersion(0, person, now, isPublic)
        );
        var version = replaces
            ? last!
            : new PostVersion
            {
                Post = post,
                PersonId = person,
                BeganAt = now,
            };
        (version.PersonName, version.SavedAt, version.WasPublic) = (name, now, isPublic);
        Fill(version, post);
        if (replaces)
            return;
        database.PostVersions.Add(version);
        await ForgetAsync(post, cancellation);
    }

    private static PostVersion Fill(PostVersion version, Post post)
    {
        (version.Title, version.BodyHtml, version.Excerpt) = (post.Title, post.BodyHtml, post.Excerpt);
        version.WasPublic |= version.Id == 0 && version.PersonId is null && post.Status == PostStatus.Published;
        return version;
    }

    private async Task ForgetAsync(Post post, CancellationToken cancellation)
    {
        if (post.Id == 0)
            return;
        var all = await database
            .PostVersions.AsNoTracking()
            .Where(version => version.PostId == post.Id)
            .Select(version => new KeptVersion(version.Id, version.PersonId, version.BeganAt, version.WasPublic))
            .ToListAsync(cancellation);
        var gone = VersionKeeping.ToForget(all);
        if (gone.Count > 0)
            await database.PostVersions.Where(version => gone.Contains(version.Id)).ExecuteDeleteAsync(cancellation);
    }

    private static KeptVersion Kept(PostVersion version) =>
        new(version.Id, version.PersonId, version.BeganAt, version.WasPublic);
}

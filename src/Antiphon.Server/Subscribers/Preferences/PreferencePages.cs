using Antiphon.Data;
using Antiphon.Data.Mailing;
using Antiphon.Data.Subscribers;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Subscribers.Preferences;

/// <summary>
/// /preferences/{key}: where a subscriber chooses what they get, pauses, and has everything about them deleted. The key
/// in the link shows that it is theirs; nobody can guess one.
/// </summary>
internal static class PreferencePages
{
    private const int MostCategories = 30;

    /// <summary>Maps the page and its plain posts.</summary>
    public static void MapPreferences(this WebApplication app)
    {
        var pages = app.MapGroup("/preferences/{key}")
            .DisableAntiforgery()
            .ExcludeFromDescription()
            .RequireRateLimiting(RateLimits.Voices);
        pages.MapGet("", Show).ForAnybody();
        pages.MapPost("", Save).ForAnybody();
        pages.MapPost("/return", Return).ForAnybody();
        pages.MapPost("/erase", Erase).ForAnybody();
    }

    private static async Task<IResult> Show(
        string key,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        await FindAsync(key, database, cancellation) is { } found
            ? await PageAsync(found, database, clock, null, cancellation)
            : LeavingPages.Unknown();

    private static async Task<IResult> Save(
        string key,
        HttpRequest request,
        AntiphonContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(key, database, cancellation) is not { } found)
            return LeavingPages.Unknown();
        var form = await request.HttpContext.FormAsync();
        var offered = await OfferedAsync(found, database, cancellation);
        found.Categories = [.. form["category"].OfType<string>().Where(offered.Categories.Contains)];
        // The boxes stand ticked as it is; nothing ticked is a choice, too, but one that ending the mails says better.
        var digests = form["digest"]
            .OfType<string>()
            .Select(text => long.TryParse(text, out var id) ? id : 0)
            .Where(id => offered.Digests.Exists(digest => digest.Id == id))
            .ToList();
        if (digests.Count > 0)
            found.Digests = digests;
        found.PausedUntil = Pause(form["pause"].ToString(), found.PausedUntil, clock.GetUtcNow());
        found.SeenAt = clock.GetUtcNow();
        await database.SaveChangesAsync(cancellation);
        return await PageAsync(found, database, clock, PreferenceTexts.For(found.Site.Language).Saved, cancellation);
    }

    private static DateTimeOffset? Pause(string wish, DateTimeOffset? before, DateTimeOffset now) =>
        wish switch
        {
            "weeks" => now.AddDays(14),
            "month" => now.AddMonths(1),
            "quarter" => now.AddMonths(3),
            "stay" => before,
            _ => null,
        };

    private static async Task<IResult> Return(
        string key,
        AntiphonContext database,
        SubscriberLeaving leaving,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(key, database, cancellation) is not { } found)
            return LeavingPages.Unknown();
        found.SeenAt = clock.GetUtcNow();
        await leaving.ReturnAsync(found, cancellation);
        return await PageAsync(found, database, clock, PreferenceTexts.For(found.Site.Language).Returned, cancellation);
    }

    private static async Task<IResult> Erase(
        string key,
        HttpRequest request,
        AntiphonContext database,
        SubscriberLeaving leaving,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await FindAsync(key, database, cancellation) is not { } found)
            return LeavingPages.Unknown();
        var texts = PreferenceTexts.For(found.Site.Language);
        if ((await request.HttpContext.FormAsync())["sure"] != "yes")
            return await PageAsync(found, database, clock, texts.EraseMissing, cancellation);
        await leaving.EraseAsync(found, cancellation);
        return PublicPage.Html(texts.Erased, $"<p>{Encoded.Html(texts.ErasedText)}</p>", language: found.Site.Language);
    }

    private static async Task<IResult> PageAsync(
        Subscriber subscriber,
        AntiphonContext database,
        TimeProvider clock,
        string? said,
        CancellationToken cancellation
    )
    {
        var offered = await OfferedAsync(subscriber, database, cancellation);
        var texts = PreferenceTexts.For(subscriber.Site.Language);
        return PublicPage.Html(
            texts.Title.With("site", subscriber.Site.Name),
            new PreferenceMarkup(subscriber, offered, texts, clock.GetUtcNow()).Write(said),
            language: subscriber.Site.Language,
            head: $"<style>{PreferenceMarkup.Style}</style><meta name=\"robots\" content=\"noindex\">"
        );
    }

    private static Task<Subscriber?> FindAsync(string key, AntiphonContext database, CancellationToken cancellation) =>
        database
            .Subscribers.Include(subscriber => subscriber.Site)
            .FirstOrDefaultAsync(subscriber => subscriber.Key == key, cancellation);

    // What the site's mails can be about: categories posts carry, and digests that go to everybody.
    private static async Task<OfferedChoice> OfferedAsync(
        Subscriber subscriber,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var used = await database
            .Posts.Where(post =>
                post.SiteId == subscriber.SiteId && post.Blog.Following == null && post.Category != null
            )
            .GroupBy(post => post.Category!)
            .OrderByDescending(group => group.Count())
            .Select(group => group.Key)
            .Take(MostCategories)
            .ToListAsync(cancellation);
        var digests = await database
            .Digests.AsNoTracking()
            .Where(digest =>
                digest.SiteId == subscriber.SiteId && digest.ArchivedAt == null && digest.SegmentId == null
            )
            .OrderBy(digest => digest.Id)
            .ToListAsync(cancellation);
        return new OfferedChoice(
            [.. used.Union(subscriber.Categories).Order(StringComparer.CurrentCultureIgnoreCase)],
            digests
        );
    }
}

/// <summary>What a subscriber can choose from.</summary>
internal sealed record OfferedChoice(List<string> Categories, List<Digest> Digests);

using Antiphon.Data;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform.Access;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Embed;

/// <summary>/embed/threads/{siteKey}/counts.json: how many public comments threads have, many in one request.</summary>
internal static class ThreadCounts
{
    private const int Most = 100;

    /// <summary>Maps it.</summary>
    public static void MapThreadCounts(this RouteGroupBuilder embed) =>
        embed.MapGet("/threads/{siteKey}/counts.json", Count).ForAnybody();

    private static async Task<IResult> Count(
        string siteKey,
        [FromQuery] string[] id,
        HttpContext http,
        AntiphonContext database,
        ThreadReader threads
    )
    {
        if (await threads.SiteAsync(siteKey, http.RequestAborted) is not { } site)
            return ThreadEmbedEndpoints.Unknown(http);
        var wanted = id.Distinct().Take(Most).ToList();
        var found = await CountAsync(site, wanted, database, http.RequestAborted);
        var texts = ThreadTexts.For(site.Language);
        var counts = wanted.ToDictionary(
            text => text,
            text => new
            {
                count = found.GetValueOrDefault(text),
                words = texts.Counted.With("count", found.GetValueOrDefault(text)),
            }
        );
        return EmbedAnswer.For(
            http,
            CachedFragment.Of(
                System.Text.Json.JsonSerializer.Serialize(counts, System.Text.Json.JsonSerializerOptions.Web)
            ),
            "application/json; charset=utf-8",
            site.AllowedAddresses
        );
    }

    private static Task<Dictionary<string, int>> CountAsync(
        Site site,
        List<string> wanted,
        AntiphonContext database,
        CancellationToken cancellation
    ) =>
        database
            .Threads.Where(thread => thread.SiteId == site.Id && wanted.Contains(thread.Identifier))
            .Select(thread => new { thread.Identifier, Count = thread.PublicCount })
            .ToDictionaryAsync(thread => thread.Identifier, thread => thread.Count, cancellation);
}

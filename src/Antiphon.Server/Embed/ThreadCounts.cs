using Antiphon.Core.Feeds.Reading;
using Antiphon.Core.Text;
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

    // A thread without an identifier of its own is asked for by the address of its page; one that moved or was merged
    // still by what it was before.
    private static async Task<Dictionary<string, int>> CountAsync(
        Site site,
        List<string> wanted,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var folded = wanted.Where(LinkResolver.IsWeb).ToLookup(address => FoldedAddress.Of(address));
        var places = folded.Select(group => group.Key).ToList();
        var counts = new Dictionary<string, int>(StringComparer.Ordinal);
        void Take(List<Counted> threads)
        {
            foreach (var thread in threads)
            {
                if (thread.Identifier is not null)
                    counts.TryAdd(thread.Identifier, thread.Count);
                foreach (var address in folded[thread.FoldedAddress])
                    counts.TryAdd(address, thread.Count);
            }
        }

        Take(
            await database
                .Threads.Where(thread =>
                    thread.SiteId == site.Id
                    && (wanted.Contains(thread.Identifier) || places.Contains(thread.FoldedAddress))
                )
                .Select(thread => new Counted(thread.Identifier, thread.FoldedAddress, thread.PublicCount))
                .ToListAsync(cancellation)
        );
        if (wanted.TrueForAll(counts.ContainsKey))
            return counts;
        Take(
            await database
                .ThreadAliases.Where(alias =>
                    alias.SiteId == site.Id
                    && (wanted.Contains(alias.Identifier!) || places.Contains(alias.FoldedAddress))
                )
                .Select(alias => new Counted(alias.Identifier, alias.FoldedAddress, alias.Thread.PublicCount))
                .ToListAsync(cancellation)
        );
        return counts;
    }

    private sealed record Counted(string? Identifier, string? FoldedAddress, int Count);
}

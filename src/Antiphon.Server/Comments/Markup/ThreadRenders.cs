using Antiphon.Core.Comments;
using Antiphon.Core.Comments.Threads;
using Antiphon.Data;
using Antiphon.Data.Comments;
using Antiphon.Data.Sites;
using Antiphon.Server.Comments.Threads;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Caching;
using Antiphon.Server.Platform.Storage;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Comments.Markup;

/// <summary>
/// Threads as HTML. What everybody sees is kept and holds for one version of the thread and of what its layers say;
/// whether that still stands is asked of the database after a write of
/// this process and else at most every quarter of a second, so that a change shows at once here and within one second
/// elsewhere, and a busy page costs one look-up.
/// </summary>
internal sealed class ThreadRenders(
    IServiceScopeFactory scopes,
    TimeProvider clock,
    WriteCount writes,
    IOptions<AntiphonOptions> options
) : IDisposable
{
    private const int EntryOverhead = 1000;
    private const long MostBytes = 48_000_000;
    private readonly VersionedCache<ThreadAsked, RenderedThread> _cache = new(
        clock,
        writes,
        new KeepingTerms(MostBytes, TimeSpan.FromMilliseconds(250), HeedsWrites: true)
    );

    /// <summary>The fragment as everybody sees it, or null when no site has the key.</summary>
    public Task<RenderedThread?> GetAsync(ThreadAsked asked, CancellationToken cancellation) =>
        _cache.GetAsync(asked, token => LookAsync(asked, token), cancellation);

    private Task<Source<RenderedThread>?> LookAsync(ThreadAsked asked, CancellationToken cancellation) =>
        Source<RenderedThread>.LookAsync(scopes, async services =>
        {
            var threads = services.GetRequiredService<ThreadReader>();
            if (await threads.SiteAsync(asked.SiteKey, cancellation) is not { } site)
                return null;
            var thread = await threads.FindAsync(site, asked.Id, asked.Url, cancellation);
            var rules = await threads.RulesAsync(site, thread, cancellation);
            var stamp = new Stamp(
                thread?.Id,
                thread?.Version,
                rules.IsOpen,
                System.Text.Json.JsonSerializer.Serialize(rules.Settings),
                string.Join(' ', thread?.Reactions.Select(pair => $"{pair.Key}{pair.Value}") ?? []),
                site.Language,
                site.TimeZone,
                string.Join(' ', site.AllowedAddresses)
            );
            return (stamp, async (inner, token) =>
            {
                var html = CachedFragment.Of(await RenderAsync(inner, site, thread, rules, FormOf(site, asked), token));
                // When a thread closes by time is part of its stamp, so its looks answer that.
                return new Made<RenderedThread>(
                    new RenderedThread(html, site.AllowedAddresses),
                    html.Body.Length + EntryOverhead,
                    DateTimeOffset.MaxValue
                );
            });
        });

    /// <summary>The fragment for one reader, with what they typed.</summary>
    public async Task<string> RenderAsync(Site site, ThreadForm form, CancellationToken cancellation)
    {
        await using var scope = scopes.CreateAsyncScope();
        var threads = scope.ServiceProvider.GetRequiredService<ThreadReader>();
        var thread = await threads.FindAsync(site, form.Identifier, form.Address, cancellation);
        return await RenderAsync(
            scope.ServiceProvider,
            site,
            thread,
            await threads.RulesAsync(site, thread, cancellation),
            form,
            cancellation
        );
    }

    /// <summary>The form of a thread, with nothing typed yet.</summary>
    public ThreadForm FormOf(Site site, ThreadAsked asked) =>
        new(options.Value.AddressOf($"embed/threads/{site.PublicKey}"), asked.Id, asked.Url, asked.Title)
        {
            Order = asked.Order,
            After = asked.After,
            At = asked.At,
        };

    /// <inheritdoc/>
    public void Dispose() => _cache.Dispose();

    private static async Task<string> RenderAsync(
        IServiceProvider services,
        Site site,
        CommentThread? thread,
        ThreadRules rules,
        ThreadForm form,
        CancellationToken cancellation
    )
    {
        var order = form.Order ?? rules.Settings.Order;
        var page = await services
            .GetRequiredService<ThreadPages>()
            .ReadAsync(thread, new ThreadSlice(order, rules.Settings.ShownFirst, form.After, form.At), cancellation);
        if (thread is not null)
            page = page with
            {
                Reactions = thread.Reactions,
                Ratings = rules.Settings.AsksRating
                    ? await RatingsAsync(services.GetRequiredService<AntiphonContext>(), thread.Id, cancellation)
                    : [],
            };
        return ThreadFragment.Render(
            site,
            page,
            form with
            {
                IsOpen = rules.IsOpen,
                Order = order,
                Settings = rules.Settings,
            }
        );
    }

    private static async Task<IReadOnlyList<int>> RatingsAsync(
        AntiphonContext database,
        long thread,
        CancellationToken cancellation
    )
    {
        var found = await database
            .Comments.Where(comment =>
                comment.ThreadId == thread && comment.Standing == CommentStanding.Public && comment.Rating != null
            )
            .GroupBy(comment => comment.Rating!.Value)
            .Select(group => new { group.Key, Count = group.Count() })
            .ToDictionaryAsync(row => row.Key, row => row.Count, cancellation);
        return found.Count == 0 ? [] : [.. Enumerable.Range(1, 5).Select(rating => found.GetValueOrDefault(rating))];
    }

    private sealed record Stamp(
        long? Thread,
        long? Version,
        bool IsOpen,
        string Settings,
        string Reactions,
        string Language,
        string TimeZone,
        string Allowed
    );
}

/// <summary>What a thread is asked for with.</summary>
/// <param name="SiteKey">Public key of the site.</param>
/// <param name="Id">Identifier of the thread.</param>
/// <param name="Url">Canonical address of the page.</param>
/// <param name="Title">Title of the page.</param>
/// <param name="Order">Order wished, or null for the one set.</param>
/// <param name="After">Key of the comment after which the part begins.</param>
/// <param name="At">Key of a comment that must be shown.</param>
internal sealed record ThreadAsked(
    string SiteKey,
    string Id,
    string Url,
    string? Title,
    CommentOrder? Order = null,
    string? After = null,
    string? At = null
);

/// <summary>A thread ready to be sent, with the pages that may read it.</summary>
internal sealed record RenderedThread(CachedFragment Html, IReadOnlyList<string> AllowedAddresses);

using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Hub;
using Antiphon.Data;
using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published;
using Antiphon.Server.Platform;
using Antiphon.Server.Platform.Access;
using Antiphon.Server.Platform.Limits;
using Antiphon.Server.Platform.Requests;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Feeds.Hub;

/// <summary>
/// /hub: where programs ask to be told of changes to our feeds (WebSub §5). Whether they meant it is asked afterwards.
/// </summary>
internal static partial class HubRequests
{
    private const int MostReaders = 500;

    /// <summary>What secrets are protected for.</summary>
    public const string Purpose = "hub-secrets";

    /// <summary>Maps the hub.</summary>
    public static void MapOwnHub(this WebApplication app) =>
        app.MapPost("/" + OwnHubAddress.Path, TakeAsync)
            .DisableAntiforgery()
            .RequireRateLimiting(RateLimits.Writing)
            .ExcludeFromDescription()
            .ForAnybody();

    private static async Task<IResult> TakeAsync(
        HttpContext http,
        AntiphonContext database,
        IDataProtectionProvider protection,
        HubSignal signal,
        IOptions<AntiphonOptions> options,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (!http.Request.HasFormContentType)
            return TypedResults.StatusCode(StatusCodes.Status415UnsupportedMediaType);
        var form = await http.FormAsync();
        var (ask, problem) = HubAsk.Read(name => form[name].ToString());
        if (ask is null)
            return TypedResults.Text(problem!, statusCode: StatusCodes.Status400BadRequest);
        if (await BlogAsync(ask.Topic, options.Value, database, cancellation) is not { } blog)
            return TypedResults.Text("hub.topic is no feed of a blog here.", statusCode: StatusCodes.Status404NotFound);
        var reader = await database.HubClients.FirstOrDefaultAsync(
            hubReader => hubReader.Topic == ask.Topic && hubReader.Callback == ask.Callback.AbsoluteUri,
            cancellation
        );
        if (reader is null)
        {
            if (!ask.IsSubscribe)
                return TypedResults.Accepted((string?)null);
            if (
                await database.HubClients.CountAsync(hubReader => hubReader.BlogId == blog, cancellation) >= MostReaders
            )
                return TypedResults.StatusCode(StatusCodes.Status503ServiceUnavailable);
            reader = database
                .HubClients.Add(
                    new HubClient
                    {
                        BlogId = blog,
                        Topic = ask.Topic,
                        Callback = ask.Callback.AbsoluteUri,
                    }
                )
                .Entity;
        }

        (reader.AskedSeconds, reader.AsksToEnd, reader.Attempts, reader.DueAt) = (
            (long)ask.Lease.TotalSeconds,
            !ask.IsSubscribe,
            0,
            clock.GetUtcNow()
        );
        reader.AskedSecret = ask.Secret is null ? null : protection.CreateProtector(Purpose).Protect(ask.Secret);
        await database.SaveChangesAsync(cancellation);
        signal.Wake();
        return TypedResults.Accepted((string?)null);
    }

    private static async Task<long?> BlogAsync(
        string topic,
        AntiphonOptions options,
        AntiphonContext database,
        CancellationToken cancellation
    )
    {
        var own = options.AddressOf(string.Empty);
        if (
            !topic.StartsWith(own, StringComparison.Ordinal)
            || FeedPath().Match(topic[own.Length..]) is not { Success: true } match
        )
            return null;
        var key = match.Groups["key"].Value;
        return await database
            .Blogs.Where(blog => blog.Key == key)
            .Select(blog => (long?)blog.Id)
            .FirstOrDefaultAsync(cancellation);
    }

    [GeneratedRegex("^feeds/(?<key>[a-z0-9]+)\\.(rss|atom|json)$")]
    private static partial Regex FeedPath();
}

using System.Globalization;
using System.Reflection;
using System.Security.Cryptography;
using System.Text;
using System.Text.RegularExpressions;
using Antiphon.StandIns.Misbehaving;
using Microsoft.Net.Http.Headers;

namespace Antiphon.StandIns.World;

/// <summary>/county: feeds of everybody around, each with the faults its program makes.</summary>
internal static partial class CountyEndpoints
{
    private static readonly TimeSpan Slow = TimeSpan.FromSeconds(3);

    /// <summary>Maps the list, the feeds and the addresses that lead elsewhere.</summary>
    public static void MapCounty(this RouteGroupBuilder world)
    {
        Encoding.RegisterProvider(CodePagesEncodingProvider.Instance);
        world.MapGet("/county/", Index);
        foreach (var feed in CountyFeeds.All) world.MapGet($"/county/{feed.File}", (HttpContext http, StandInPorts ports, Troubles troubles, Beginning beginning, Hub hub) => FeedAsync(feed, http, ports, troubles, beginning, hub));
        world.MapGet("/county/council.xml", () => Results.Redirect("/county/council-news.xml", permanent: true));
        world.MapGet("/county/post-office.xml", () => Results.StatusCode(StatusCodes.Status410Gone));
        world.MapGet("/county/round-and-round.xml", () => Results.Redirect("/county/round-and-round.xml"));
        world.MapGet("/county/inside.xml", () => Results.Redirect("http://169.254.169.254/"));
        world.MapGet("/county/{name}/", (string name) => CountyFeeds.All.FirstOrDefault(feed => feed.Name == name) is { } feed ? Home(feed) : Results.NotFound());
    }

    private static IResult Index()
    {
        var rows = CountyFeeds.All.Select(feed => $"<tr><td><a href=\"/county/{feed.Name}/\">{PlainPage.Encode(feed.Title)}</a></td><td>{PlainPage.Encode(feed.What)}</td><td><a href=\"/county/{feed.File}\">{feed.File}</a></td></tr>");
        return PlainPage.Html("Feeds of the county", $"<table>{string.Concat(rows)}<tr><td>Post Office</td><td>gone for good (410)</td><td><a href=\"/county/post-office.xml\">post-office.xml</a></td></tr><tr><td>Round and round</td><td>redirects to itself</td><td><a href=\"/county/round-and-round.xml\">round-and-round.xml</a></td></tr><tr><td>Inside</td><td>redirects to a private address</td><td><a href=\"/county/inside.xml\">inside.xml</a></td></tr></table>");
    }

    private static IResult Home(CountyFeed feed) => PlainPage.Html(feed.Title, "<p>News by feed.</p>", $"<link rel=\"alternate\" type=\"{feed.ContentType.Split(';')[0]}\" title=\"{PlainPage.Encode(feed.Title)}\" href=\"/county/{feed.File}\">");

    private static async Task<IResult> FeedAsync(CountyFeed feed, HttpContext http, StandInPorts ports, Troubles troubles, Beginning beginning, Hub hub)
    {
        if (feed.Name == "ferry") await Task.Delay(Slow, http.RequestAborted);
        if (feed.Name == "inn")
        {
            http.Response.Headers.RetryAfter = "3600";
            return Results.StatusCode(StatusCodes.Status503ServiceUnavailable);
        }

        if (await Misbehaviour.OfAsync(troubles.ModeOf(feed.Name), http) is { } instead) return instead;
        var text = Filled(Original(feed), ports, beginning.Epoch, feed.Name == "star-party" ? hub.Entries : string.Empty);
        if (troubles.ModeOf(feed.Name) == "broken") text = text[..(text.Length * 2 / 3)];
        var bytes = Encoding.GetEncoding(feed.Encoding).GetBytes(text);
        return Results.Bytes(bytes, feed.ContentType, entityTag: new EntityTagHeaderValue($"\"{Convert.ToHexStringLower(SHA256.HashData(bytes).AsSpan(0, 8))}\""));
    }

    /// <summary>The feed of the star party as it stands.</summary>
    internal static string StarParty(StandInPorts ports, Beginning beginning, Hub hub) => Filled(Original(CountyFeeds.All.First(feed => feed.Name == "star-party")), ports, beginning.Epoch, hub.Entries);

    private static string Original(CountyFeed feed)
    {
        using var stream = Assembly.GetExecutingAssembly().GetManifestResourceStream($"Antiphon.StandIns.World.County.{CountyFeeds.SourceOf(feed)}")!;
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }

    /// <summary>
    /// The text with its marks filled in: {world}, {visit}, {extra}, and dates as days from the beginning of the world,
    /// {rfc:-3} or {iso:-3}.
    /// </summary>
    private static string Filled(string text, StandInPorts ports, DateTimeOffset epoch, string extra) => Mark().Replace(
        text.Replace("{world}", ports.WorldAddress, StringComparison.Ordinal).Replace("{extra}", extra, StringComparison.Ordinal)
            .Replace("{visit}", Guid.NewGuid().ToString("N")[..8], StringComparison.Ordinal),
        mark =>
        {
            var date = epoch.ToUniversalTime().AddDays(double.Parse(mark.Groups["days"].Value, CultureInfo.InvariantCulture));
            return date.ToString(mark.Groups["form"].Value == "rfc" ? "ddd, dd MMM yyyy HH:mm:ss 'GMT'" : "yyyy-MM-dd'T'HH:mm:ss'Z'", CultureInfo.InvariantCulture);
        });

    [GeneratedRegex(@"\{(?<form>rfc|iso):(?<days>-?[0-9.]+)\}")]
    private static partial Regex Mark();
}

using System.Security.Cryptography;
using System.Text;
using Antiphon.StandIns.Mailbox;
using Antiphon.StandIns.Misbehaving;
using Antiphon.StandIns.Pictures;
using Antiphon.StandIns.Services;
using Microsoft.Net.Http.Headers;

namespace Antiphon.StandIns.World;

/// <summary>Everybody else: blogs, a social service, a partner site, a mailbox.</summary>
internal static class WorldEndpoints
{
    /// <summary>Maps the outside world.</summary>
    public static RouteGroupBuilder MapWorld(this WebApplication app)
    {
        var world = app.MapGroup("");
        world.MapGet("/", Index);
        world.MapGet("/pictures/{kind}-{seed:int}.svg", (string kind, int seed) => Results.Content(SkyPicture.Draw(kind, seed), "image/svg+xml"));
        world.MapMailbox();
        world.MapLantern();
        world.MapParish();
        world.MapParishAtom();
        world.MapBell();
        world.MapNeighbours();
        world.MapCounty();
        world.MapHub();
        foreach (var blog in OutsideBlogs.All) world.MapBlog(blog);
        return world;
    }

    private static void MapBlog(this RouteGroupBuilder world, OutsideBlog blog)
    {
        world.MapGet($"/{blog.Name}/", (StandInPorts ports) => Home(blog, ports));
        world.MapGet($"/{blog.Name}/{{number:int}}", (int number, StandInPorts ports) => Post(blog, number, ports));
        if (blog.Feed is not null) world.MapGet($"/{blog.Name}/{blog.Feed}", (HttpContext http, StandInPorts ports, Troubles troubles, Beginning beginning) => FeedAsync(blog, http, ports, troubles, beginning));
    }

    private static IResult Index()
    {
        var blogs = OutsideBlogs.All.Select(blog => $"<li><a href=\"/{blog.Name}/\">{blog.Title}</a>: {blog.Description}</li>");
        return PlainPage.Html("The rest of the world", $"<p>Stand-ins for other people's sites. None of them knows of Antiphon.</p><ul>{string.Concat(blogs)}<li><a href=\"/lantern/\">Lantern</a>, a social service</li><li><a href=\"/parish/\">Fellside Parish Paper</a>, a partner site</li><li><a href=\"/tarn/\">Tarn Lane Notebook</a>, which writes about posts of others</li><li><a href=\"/bell/\">The bell</a>, which rings for webhooks</li><li><a href=\"/county/\">Feeds of the county</a>, good and faulty</li><li><a href=\"/hub\">Hub</a> of the star party</li><li><a href=\"/mailbox\">Mailbox</a> of everybody</li><li><a href=\"/control\">Tell them to misbehave</a></li></ul>");
    }

    private static IResult Home(OutsideBlog blog, StandInPorts ports)
    {
        var entries = blog.Posts.Select(post => $"<article><h2><a href=\"{OutsideFeeds.AddressOf(blog, post, ports)}\">{PlainPage.Encode(post.Title)}</a></h2>{post.Body}<small>{post.Author}</small></article>");
        var anchor = blog.Linked == "anchor" ? $"<p><a href=\"{blog.Feed}\">RSS</a></p>" : string.Empty;
        return PlainPage.Html(blog.Title, $"<p>{blog.Description}</p>{anchor}{string.Concat(entries)}", Head(blog));
    }

    private static IResult Post(OutsideBlog blog, int number, StandInPorts ports)
    {
        if (blog.Posts.FirstOrDefault(outsidePost => outsidePost.Number == number) is not { } post) return Results.NotFound();
        var picture = OutsideFeeds.PictureOf(post, ports) is { } url ? $"<img src=\"{url}\" alt=\"\">" : string.Empty;
        return PlainPage.Html(post.Title, $"<p><a href=\"./\">{blog.Title}</a> · <small>{post.Author}</small></p>{picture}{post.Body}", Head(blog));
    }

    private static string Head(OutsideBlog blog) => blog.Linked == "alternate"
        ? $"<link rel=\"alternate\" type=\"application/{(blog.Name == "darksky" ? "atom" : "rss")}+xml\" title=\"{blog.Title}\" href=\"/{blog.Name}/{blog.Feed}\">"
        : string.Empty;

    private static async Task<IResult> FeedAsync(OutsideBlog blog, HttpContext http, StandInPorts ports, Troubles troubles, Beginning beginning)
    {
        if (await Misbehaviour.OfAsync(troubles.ModeOf(blog.Name), http) is { } instead) return instead;
        var (body, type) = OutsideFeeds.Write(blog, ports, beginning.Epoch);
        if (troubles.ModeOf(blog.Name) == "broken") body = body[..(body.Length * 2 / 3)];
        var bytes = Encoding.UTF8.GetBytes(body);
        return Results.Bytes(bytes, type, entityTag: new EntityTagHeaderValue($"\"{Convert.ToHexStringLower(SHA256.HashData(bytes).AsSpan(0, 8))}\""));
    }
}

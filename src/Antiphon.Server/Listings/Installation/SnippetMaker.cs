using System.IO.Compression;
using Antiphon.Core.Listings.Choosing;
using Antiphon.Core.Listings.Definition;
using Antiphon.Core.Listings.Installation;
using Antiphon.Data;
using Antiphon.Data.Listings;
using Antiphon.Server.Listings.Markup;
using Antiphon.Server.Listings.Reading;
using Antiphon.Server.Pages;
using Antiphon.Server.Platform;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Listings.Installation;

/// <summary>Makes what is pasted into a page.</summary>
internal sealed class SnippetMaker(
    ListingReader reader,
    AntiphonContext database,
    IOptions<AntiphonOptions> options,
    IWebHostEnvironment environment
)
{
    /// <summary>Address of the script.</summary>
    public string ScriptAddress => options.Value.AddressOf("embed/antiphon.js");

    /// <summary>What is pasted for one way.</summary>
    /// <param name="listing">The listing, with its site and look.</param>
    /// <param name="way">The way.</param>
    /// <param name="withEntries">For the way Script, whether the current entries are in it; without them it keeps their
    /// room free.</param>
    /// <param name="cancellation">Ends the reading early.</param>
    public async Task<SnippetView> MakeAsync(
        Listing listing,
        SnippetWay way,
        bool withEntries,
        CancellationToken cancellation
    )
    {
        var content = await reader.ReadAsync(
            listing.Site,
            listing.InUse,
            ListingRequestView.First(listing.Key),
            cancellation
        );
        var own = options.Value.AddressOf($"embed/listings/{listing.Key}");
        var body = way switch
        {
            SnippetWay.Frame =>
                $"<iframe src=\"{own}\" title=\"{Encoded.Html(listing.Definition.Heading ?? listing.Name)}\" data-antiphon-frame width=\"100%\" height=\"420\" frameborder=\"0\" loading=\"lazy\"></iframe>",
            SnippetWay.ServerInclude =>
                $"<div {InstallationCheck.Marker}=\"{listing.Key}\" {InstallationCheck.WayMarker}=\"include\">\n<!-- your server puts {own}.html here -->\n</div>",
            SnippetWay.Static =>
                $"<div {InstallationCheck.Marker}=\"{listing.Key}\" {InstallationCheck.WayMarker}=\"static\">\n{ListingFragment.Render(content)}\n</div>",
            _ =>
                $"<div {InstallationCheck.Marker}=\"{listing.Key}\">\n{(withEntries ? ListingFragment.Render(content) : Room(content))}\n</div>",
        };
        // Where whole posts are read, other sites look for where to tell of their links.
        if (content.Definition.Layout == ListingLayout.WholeBlog && way != SnippetWay.Frame)
            body +=
                $"\n<link rel=\"webmention\" href=\"{MentionAdvertising.Webmention(options.Value, listing.Site.PublicKey)}\">";
        var script = way is SnippetWay.Script or SnippetWay.Frame
            ? $"<script src=\"{ScriptAddress}\" async></script>"
            : null;
        var feeds = await FeedLinksAsync(listing, cancellation);
        var entries = way == SnippetWay.Static || (way == SnippetWay.Script && withEntries) ? content.Entries.Count : 0;
        return new SnippetView(
            way,
            script is null ? body : $"{body}\n{script}",
            (feeds.Count, script) is (0, null) ? null : string.Join('\n', script is null ? feeds : [.. feeds, script]),
            body,
            entries,
            ScriptSize(),
            own + ".html"
        );
    }

    /// <summary>What a page's head says of the feeds of a listing's blogs; those written elsewhere have their own.</summary>
    public async Task<IReadOnlyList<string>> FeedLinksAsync(Listing listing, CancellationToken cancellation)
    {
        var ids = listing.InUse.Blogs;
        var blogs = await database
            .Blogs.AsNoTracking()
            .Where(blog => blog.SiteId == listing.SiteId && ids.Contains(blog.Id) && blog.Following == null)
            .OrderBy(blog => blog.Name)
            .ThenBy(blog => blog.Id)
            .ToListAsync(cancellation);
        return blogs.ConvertAll(blog => FeedLink.Of(blog, options.Value));
    }

    // A drawing of nothing has a height that no Content-Security-Policy takes away, as it would a style attribute's.
    private static string Room(ListingContent content) =>
        $"<svg width=\"1\" height=\"{RoomEstimate.Of(content.Definition, content.Entries.Count)}\" aria-hidden=\"true\"></svg>";

    private long ScriptSize()
    {
        var file = environment.WebRootFileProvider.GetFileInfo("embed/antiphon.js");
        if (!file.Exists)
            return 0;
        using var counted = new MemoryStream();
        using (var zip = new GZipStream(counted, CompressionLevel.Optimal, leaveOpen: true))
        using (var source = file.CreateReadStream())
        {
            source.CopyTo(zip);
        }

        return counted.Length;
    }
}

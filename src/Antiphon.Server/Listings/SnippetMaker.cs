using System.IO.Compression;
using Antiphon.Core.Listings;
using Antiphon.Core.Listings.Installation;
using Antiphon.Data.Entities;
using Antiphon.Server.Embed;
using Antiphon.Server.Hosting;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Listings;

/// <summary>Makes what is pasted into a page.</summary>
internal sealed class SnippetMaker(ListingReader reader, IOptions<AntiphonOptions> options, IWebHostEnvironment environment)
{
    /// <summary>Address of the script.</summary>
    public string ScriptAddress => options.Value.AddressOf("embed/antiphon.js");

    /// <summary>What is pasted for one way.</summary>
    public async Task<SnippetView> MakeAsync(Listing listing, SnippetWay way, CancellationToken cancellation)
    {
        var content = await reader.ReadAsync(listing.Site, listing.InUse, ListingRequestView.First(listing.Key), cancellation);
        var own = options.Value.AddressOf($"embed/listings/{listing.Key}");
        var script = $"<script src=\"{ScriptAddress}\" async></script>";
        var snippet = way switch
        {
            SnippetWay.Frame => $"<iframe src=\"{own}\" title=\"{Encoded.Html(listing.Definition.Heading ?? listing.Name)}\" data-antiphon-frame width=\"100%\" height=\"420\" frameborder=\"0\" loading=\"lazy\"></iframe>\n{script}",
            SnippetWay.ServerInclude => $"<div {InstallationCheck.Marker}=\"{listing.Key}\" {InstallationCheck.WayMarker}=\"include\">\n<!-- your server puts {own}.html here -->\n</div>",
            SnippetWay.Static => $"<div {InstallationCheck.Marker}=\"{listing.Key}\" {InstallationCheck.WayMarker}=\"static\">\n{ListingFragment.Render(content)}\n</div>",
            _ => $"<div {InstallationCheck.Marker}=\"{listing.Key}\">\n{ListingFragment.Render(content)}\n</div>\n{script}",
        };
        return new SnippetView(way, snippet, way is SnippetWay.Script or SnippetWay.Static ? content.Entries.Count : 0, ScriptSize(), own + ".html");
    }

    private long ScriptSize()
    {
        var file = environment.WebRootFileProvider.GetFileInfo("embed/antiphon.js");
        if (!file.Exists) return 0;
        using var counted = new MemoryStream();
        using (var zip = new GZipStream(counted, CompressionLevel.Optimal, leaveOpen: true))
        using (var source = file.CreateReadStream())
        {
            source.CopyTo(zip);
        }

        return counted.Length;
    }
}

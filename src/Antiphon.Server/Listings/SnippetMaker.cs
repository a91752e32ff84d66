using System.IO.Compression;
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

    /// <summary>The container with the current entries in it, and the script.</summary>
    public async Task<SnippetView> MakeAsync(Listing listing, CancellationToken cancellation)
    {
        var content = await reader.ReadAsync(listing.Site, listing.Key, listing.Definition, cancellation);
        var snippet = $"<div data-antiphon-listing=\"{listing.Key}\">\n{ListingFragment.Render(content)}\n</div>\n<script src=\"{ScriptAddress}\" async></script>";
        return new SnippetView(snippet, content.Entries.Count, ScriptSize());
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

using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Text.Json;
using Antiphon.Core.Html.Markdown;
using Antiphon.Core.Pictures;
using Antiphon.Data;
using Antiphon.Data.Blogs;
using Antiphon.Data.Posts;
using Antiphon.Server.Pages;
using Antiphon.Server.Posts.Reading;
using Microsoft.EntityFrameworkCore;
using YamlDotNet.Serialization;

namespace Antiphon.Server.Exporting;

/// <summary>
/// Writes the posts of a blog as files, one post at a time, so that a long blog needs no more memory than a short one.
/// </summary>
internal sealed class BlogExport(AntiphonContext database, PostAddresses addresses, ArchivedPictures pictures)
{
    private static readonly ISerializer Yaml = new SerializerBuilder()
        .ConfigureDefaultValuesHandling(DefaultValuesHandling.OmitNull | DefaultValuesHandling.OmitEmptyCollections)
        .Build();
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web) { WriteIndented = true };

    /// <summary>An archive of one Markdown file for each post, with its pictures.</summary>
    public Task WriteMarkdownAsync(Blog blog, Stream output, CancellationToken cancellation) =>
        WriteArchiveAsync(
            blog,
            output,
            "md",
            post =>
                $"---\n{Yaml.Serialize(Head(post))}---\n\n{MarkdownWriter.FromHtml(WithOwnPictures(post.BodyHtml))}",
            cancellation
        );

    /// <summary>An archive of one HTML page for each post, with its pictures.</summary>
    public Task WriteHtmlAsync(Blog blog, Stream output, CancellationToken cancellation) =>
        WriteArchiveAsync(
            blog,
            output,
            "html",
            post =>
                $"<!doctype html>\n<html lang=\"{Encoded.Html(post.Details.Language ?? blog.Site.Language)}\"><head><meta charset=\"utf-8\"><title>{Encoded.Html(post.Title)}</title></head>\n<body><article>\n<h1>{Encoded.Html(post.Title)}</h1>\n{WithOwnPictures(post.BodyHtml)}\n</article></body></html>\n",
            cancellation
        );

    /// <summary>One JSON array of everything posts have.</summary>
    public async Task WriteJsonAsync(Blog blog, Stream output, CancellationToken cancellation)
    {
        await pictures.LearnAsync(blog.SiteId, cancellation);
        await output.WriteAsync("[\n"u8.ToArray(), cancellation);
        var first = true;
        await foreach (var post in Posts(blog).WithCancellation(cancellation))
        {
            if (!first)
                await output.WriteAsync(",\n"u8.ToArray(), cancellation);
            first = false;
            var entry = new Dictionary<string, object?>(Head(post))
            {
                ["html"] = post.BodyHtml,
                ["address"] = addresses.Of(post),
                ["details"] = post.Details.IsNone ? null : post.Details,
            };
            await JsonSerializer.SerializeAsync(output, entry, Json, cancellation);
        }

        await output.WriteAsync("\n]\n"u8.ToArray(), cancellation);
    }

    private IAsyncEnumerable<Post> Posts(Blog blog) =>
        database
            .Posts.AsNoTracking()
            .Include(post => post.Blog)
            .Where(post => post.BlogId == blog.Id)
            .OrderBy(post => post.ListedAt)
            .ThenBy(post => post.Id)
            .AsAsyncEnumerable();

    private async Task WriteArchiveAsync(
        Blog blog,
        Stream output,
        string end,
        Func<Post, string> write,
        CancellationToken cancellation
    )
    {
        await pictures.LearnAsync(blog.SiteId, cancellation);
        using var archive = new ZipArchive(output, ZipArchiveMode.Create, leaveOpen: true);
        var keys = new HashSet<string>();
        await foreach (var post in Posts(blog).WithCancellation(cancellation))
        {
            var day = (post.PublishedAt ?? post.UpdatedAt).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
            await using (var entry = archive.CreateEntry($"posts/{day}-{post.Slug}.{end}").Open())
                await entry.WriteAsync(Encoding.UTF8.GetBytes(write(post)), cancellation);
            keys.UnionWith(PicturesInText.KeysIn(post.BodyHtml));
            if (PictureAddress.Parse(post.PictureAddress) is { } picture)
                keys.Add(picture.Key);
        }

        await pictures.WriteAsync(archive, keys, cancellation);
    }

    // Within the archive pictures of the library lie beside the posts.
    private string WithOwnPictures(string html) =>
        PicturesInText.KeysIn(html).Count == 0 ? html : PicturesInText.Moved(html, key => $"../{pictures.FileOf(key)}");

    private Dictionary<string, object?> Head(Post post)
    {
        var head = new Dictionary<string, object?>
        {
            ["title"] = post.Title,
            ["date"] = post.PublishedAt?.ToString("yyyy-MM-dd'T'HH:mm:sszzz", CultureInfo.InvariantCulture),
            ["slug"] = post.Slug,
            ["author"] = post.Author,
            ["category"] = post.MoreCategories.Count == 0 ? post.Category : null,
            ["categories"] = post.MoreCategories.Count == 0 ? null : post.AllCategories.ToList(),
            ["tags"] = post.Tags.Count == 0 ? null : post.Tags,
            ["excerpt"] = post.Excerpt,
            ["picture"] = PictureAddress.Parse(post.PictureAddress) is { } own
                ? $"../{pictures.FileOf(own.Key)}"
                : post.PictureAddress,
            ["alt"] = post.PictureAlt,
            ["featured"] = post.IsFeatured ? true : null,
            ["status"] = post.Status.ToString().ToLowerInvariant(),
            ["id"] = post.Key,
        };
        foreach (var value in post.OwnValues)
            head.TryAdd(value.Key, value.Value);
        return head;
    }
}

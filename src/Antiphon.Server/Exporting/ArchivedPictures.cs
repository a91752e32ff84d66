using System.IO.Compression;
using Antiphon.Core.Pictures;
using Antiphon.Data;
using Antiphon.Server.Pictures;
using Microsoft.EntityFrameworkCore;

namespace Antiphon.Server.Exporting;

/// <summary>
/// Takes pictures of a library along in an archive: a drawing as it is, everything else in its widest form.
/// </summary>
internal sealed class ArchivedPictures(AntiphonContext database, PictureFiles files, PictureMaking making)
{
    private const string Folder = "pictures/";
    private HashSet<string> _drawings = [];

    /// <summary>Learns which pictures of a site are drawings; to be called before the others.</summary>
    public async Task LearnAsync(long site, CancellationToken cancellation) =>
        _drawings = [
            .. await database
                .Pictures.Where(picture => picture.SiteId == site && picture.Type == PictureType.Svg)
                .Select(picture => picture.Key)
                .ToListAsync(cancellation),
        ];

    /// <summary>Where the picture of a key lies in the archive.</summary>
    public string FileOf(string key) => $"{Folder}{key}.{(_drawings.Contains(key) ? "svg" : "webp")}";

    /// <summary>Writes pictures into the archive; a key nobody knows any more is passed over.</summary>
    public async Task WriteAsync(ZipArchive archive, IEnumerable<string> keys, CancellationToken cancellation)
    {
        foreach (var key in keys)
        {
            if (
                await database.Pictures.AsNoTracking().FirstOrDefaultAsync(picture => picture.Key == key, cancellation)
                is not { } picture
            )
                continue;
            var bytes =
                picture.Type == PictureType.Svg
                    ? await files.ReadAsync(picture, cancellation)
                    : await File.ReadAllBytesAsync(
                        await making.FileAsync(picture, new PictureVariant(PictureVariant.Widths[^1]), cancellation),
                        cancellation
                    );
            await using var entry = archive.CreateEntry(FileOf(key), CompressionLevel.NoCompression).Open();
            await entry.WriteAsync(bytes, cancellation);
        }
    }
}

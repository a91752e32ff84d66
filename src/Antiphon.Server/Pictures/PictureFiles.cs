using Antiphon.Core.Pictures;
using Antiphon.Data.Pictures;
using Antiphon.Server.Platform;
using Microsoft.Extensions.Options;

namespace Antiphon.Server.Pictures;

/// <summary>
/// The files of the library, in "pictures" in the data directory: for each picture a folder with what was received and
/// the forms made from it.
/// </summary>
internal sealed class PictureFiles(IOptions<AntiphonOptions> options)
{
    private const string Original = "received";

    /// <summary>Keeps what was received, in place of what was there.</summary>
    public async Task KeepAsync(Picture picture, byte[] bytes, CancellationToken cancellation)
    {
        Directory.CreateDirectory(FolderOf(picture.Key));
        await WriteAsync(Path.Combine(FolderOf(picture.Key), Original), bytes, cancellation);
    }

    /// <summary>What was received.</summary>
    public Task<byte[]> ReadAsync(Picture picture, CancellationToken cancellation) =>
        File.ReadAllBytesAsync(Path.Combine(FolderOf(picture.FileKey), Original), cancellation);

    /// <summary>Path of a form that was made before, or null.</summary>
    public string? Made(Picture picture, PictureVariant variant) =>
        PathOf(picture, variant) is var path && File.Exists(path) ? path : null;

    /// <summary>Keeps a form; gives its path.</summary>
    public async Task<string> KeepAsync(
        Picture picture,
        PictureVariant variant,
        byte[] bytes,
        CancellationToken cancellation
    )
    {
        var path = PathOf(picture, variant);
        Directory.CreateDirectory(FolderOf(picture.Key));
        await WriteAsync(path, bytes, cancellation);
        return path;
    }

    /// <summary>Forgets the forms of an earlier version.</summary>
    public void ForgetForms(Picture picture)
    {
        if (!Directory.Exists(FolderOf(picture.Key)))
            return;
        foreach (
            var path in Directory
                .EnumerateFiles(FolderOf(picture.Key))
                .Where(path => Path.GetFileName(path) != Original)
        )
            File.Delete(path);
    }

    /// <summary>Removes a picture's files.</summary>
    public void Remove(string key)
    {
        if (Directory.Exists(FolderOf(key)))
            Directory.Delete(FolderOf(key), recursive: true);
    }

    // Two requests may make the same form at once; each writes its own file, and the last name wins.
    private static async Task WriteAsync(string path, byte[] bytes, CancellationToken cancellation)
    {
        var unfinished = $"{path}.{Guid.NewGuid():N}";
        await File.WriteAllBytesAsync(unfinished, bytes, cancellation);
        File.Move(unfinished, path, overwrite: true);
    }

    private string PathOf(Picture picture, PictureVariant variant) =>
        Path.Combine(FolderOf(picture.Key), $"{picture.Version}-{variant}");

    private string FolderOf(string key) => Path.Combine(Path.GetFullPath(options.Value.DataDirectory), "pictures", key);
}

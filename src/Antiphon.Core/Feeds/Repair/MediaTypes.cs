namespace Antiphon.Core.Feeds.Repair;

/// <summary>Media types of files by their names.</summary>
public static class MediaTypes
{
    private static readonly Dictionary<string, string> Known = new(StringComparer.OrdinalIgnoreCase)
    {
        [".mp3"] = "audio/mpeg",
        [".m4a"] = "audio/mp4",
        [".ogg"] = "audio/ogg",
        [".opus"] = "audio/ogg",
        [".wav"] = "audio/wav",
        [".flac"] = "audio/flac",
        [".mp4"] = "video/mp4",
        [".m4v"] = "video/mp4",
        [".webm"] = "video/webm",
        [".mov"] = "video/quicktime",
        [".jpg"] = "image/jpeg",
        [".jpeg"] = "image/jpeg",
        [".png"] = "image/png",
        [".gif"] = "image/gif",
        [".webp"] = "image/webp",
        [".avif"] = "image/avif",
        [".svg"] = "image/svg+xml",
        [".pdf"] = "application/pdf",
        [".zip"] = "application/zip",
        [".epub"] = "application/epub+zip",
    };

    /// <summary>The type, or null for an unknown ending.</summary>
    public static string? OfAddress(string? address)
    {
        var path = (address ?? string.Empty).Split('?', '#')[0];
        var dot = path.LastIndexOf('.');
        return dot > path.LastIndexOf('/') ? Known.GetValueOrDefault(path[dot..]) : null;
    }
}

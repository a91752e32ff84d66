using Antiphon.Core.Feeds.Forms;

namespace Antiphon.Core.Feeds.Repair.Values;

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

    /// <summary>The type that is meant by a short name such as "mp3", or by one with a slip of the pen; else null.</summary>
    public static string? OfWord(string word)
    {
        var text = word.Trim().ToLowerInvariant().Replace('\\', '/');
        if (MediaTypeForm.IsValid(text))
            return text;
        return text switch
        {
            "html" or "page" => "text/html",
            "xhtml" => "application/xhtml+xml",
            "text" or "plain" => "text/plain",
            "markdown" => "text/markdown",
            "rss" => "application/rss+xml",
            "atom" => "application/atom+xml",
            "json" => "application/json",
            "audio" or "sound" or "sound/mpeg" or "mpeg" => "audio/mpeg",
            "image" => null,
            _ => Known.GetValueOrDefault("." + text.TrimStart('.')),
        };
    }
}

using Antiphon.Data.Feeds;
using Antiphon.Server.Feeds.Published.Pages;

namespace Antiphon.Server.Feeds.Published;

/// <summary>Which feed of ours is asked for.</summary>
/// <param name="Subject">What it is about.</param>
/// <param name="Key">Key of the blog or listing, or of the site for comments.</param>
/// <param name="Form">In which form.</param>
internal sealed record FeedAsked(FeedSubject Subject, string Key, FeedForm Form)
{
    /// <summary>Which posts of a blog.</summary>
    public FeedNarrowing Narrowing { get; init; } = new();

    /// <summary>Number of the archive, or null for the feed that is subscribed to.</summary>
    public int? Archive { get; init; }

    /// <summary>Key of the post whose comments are asked for, or null for those of the whole site.</summary>
    public string? Post { get; init; }

    /// <summary>Path of the address without leading slash.</summary>
    public string Path => PathOf(Form, Archive);

    /// <summary>Path of the same feed in another form, or of one of its archives.</summary>
    public string PathOf(FeedForm form, int? archive = null) =>
        (
            Subject switch
            {
                FeedSubject.Listing => $"feeds/listings/{Key}",
                FeedSubject.Comments => Post is null ? $"feeds/comments/{Key}" : $"feeds/comments/{Key}/{Post}",
                _ => archive is { } number
                    ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"feeds/{Key}/{number}")
                    : $"feeds/{Key}",
            }
        )
        + form.Suffix
        + Narrowing.Query;
}

using Antiphon.Core.Feeds.Checking;
using Antiphon.Data.Feeds;

namespace Antiphon.Server.Feeds.Published.Lists;

/// <summary>A feed of ours.</summary>
/// <param name="BlogId">The blog, or null for a feed that is not one blog's.</param>
/// <param name="BlogName">Name of what it is about.</param>
/// <param name="Rss">Address as RSS 2.0.</param>
/// <param name="Atom">Address as Atom 1.0.</param>
/// <param name="Json">Address as JSON Feed 1.1.</param>
/// <param name="Entries">Entries it holds now.</param>
/// <param name="IsFollowed">True when its posts come from a followed feed.</param>
/// <param name="Subject">What it is about.</param>
/// <param name="SubjectId">Blog or listing; 0 for the comments.</param>
/// <param name="PageAddress">The page it belongs to.</param>
/// <param name="Settings">How it is published.</param>
internal sealed record OwnFeedView(
    long? BlogId,
    string BlogName,
    string Rss,
    string Atom,
    string Json,
    int Entries,
    bool IsFollowed,
    FeedSubject Subject,
    long SubjectId,
    string PageAddress,
    FeedSettingsView Settings
);

/// <summary>How a feed of ours is published; the same to read and to set.</summary>
/// <param name="Entries">Most entries, 1 to 200.</param>
/// <param name="IsFullText">Whether entries carry the whole text.</param>
/// <param name="HasHistory">Whether older entries can be reached through archives.</param>
/// <param name="AsRss">Whether it is published as RSS.</param>
/// <param name="AsAtom">Whether it is published as Atom.</param>
/// <param name="AsJson">Whether it is published as JSON Feed.</param>
/// <param name="Title">Title; null for the name of what it is about.</param>
/// <param name="Description">Description; null likewise.</param>
/// <param name="PictureAddress">Picture, absolute.</param>
/// <param name="Language">Language tag; null for the site's.</param>
/// <param name="Copyright">Rights.</param>
/// <param name="RedirectTo">Where the feed is for good now; null while it is here.</param>
internal sealed record FeedSettingsView(
    int Entries,
    bool IsFullText,
    bool HasHistory,
    bool AsRss,
    bool AsAtom,
    bool AsJson,
    string? Title,
    string? Description,
    string? PictureAddress,
    string? Language,
    string? Copyright,
    string? RedirectTo
)
{
    /// <summary>The view of settings.</summary>
    public static FeedSettingsView Of(FeedSettings settings) =>
        new(
            settings.Entries,
            settings.IsFullText,
            settings.HasHistory,
            settings.AsRss,
            settings.AsAtom,
            settings.AsJson,
            settings.Title,
            settings.Description,
            settings.PictureAddress,
            settings.Language,
            settings.Copyright,
            settings.RedirectTo
        );

    /// <summary>Writes the view into settings.</summary>
    public void ApplyTo(FeedSettings settings)
    {
        (settings.Entries, settings.IsFullText, settings.HasHistory) = (Entries, IsFullText, HasHistory);
        (settings.AsRss, settings.AsAtom, settings.AsJson) = (AsRss, AsAtom, AsJson);
        (settings.Title, settings.Description, settings.PictureAddress) = (
            Said(Title),
            Said(Description),
            Said(PictureAddress)
        );
        (settings.Language, settings.Copyright, settings.RedirectTo) = (
            Said(Language),
            Said(Copyright),
            Said(RedirectTo)
        );
    }

    private static string? Said(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();
}

/// <summary>The feeds of a site.</summary>
/// <param name="Feeds">Feeds of blogs, of listings, and of the comments.</param>
/// <param name="ListAddress">Address of the list of all of them (OPML).</param>
internal sealed record OwnFeedsView(IReadOnlyList<OwnFeedView> Feeds, string ListAddress);

/// <summary>What a feed of a part of a blog holds.</summary>
internal enum FeedPart
{
    /// <summary>Posts of a category.</summary>
    Category,

    /// <summary>Posts with a tag.</summary>
    Tag,

    /// <summary>Posts by an author.</summary>
    Author,
}

/// <summary>A feed of a part of a blog.</summary>
/// <param name="Part">What the part is.</param>
/// <param name="Name">Name of the category, tag or author.</param>
/// <param name="Posts">Published posts in it.</param>
/// <param name="Rss">Address as RSS 2.0.</param>
/// <param name="Atom">Address as Atom 1.0.</param>
/// <param name="Json">Address as JSON Feed 1.1.</param>
internal sealed record PartFeedView(FeedPart Part, string Name, int Posts, string Rss, string Atom, string Json);

/// <summary>How one form of a feed of ours does.</summary>
/// <param name="Subject">What the feed is about.</param>
/// <param name="SubjectId">Blog or listing; 0 for the comments.</param>
/// <param name="Title">Its title.</param>
/// <param name="Form">Name of the form.</param>
/// <param name="Address">Its address.</param>
/// <param name="Verdict">What the check comes to.</param>
/// <param name="Finding">The gravest finding in words; null when there is none.</param>
internal sealed record FeedHealthView(
    FeedSubject Subject,
    long SubjectId,
    string Title,
    string Form,
    string Address,
    Verdict Verdict,
    string? Finding
);

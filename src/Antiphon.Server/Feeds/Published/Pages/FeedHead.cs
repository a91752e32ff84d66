using Antiphon.Core.Feeds.Model;
using Antiphon.Data.Feeds;
using Antiphon.Data.Sites;

namespace Antiphon.Server.Feeds.Published.Pages;

/// <summary>Begins a feed: what its settings say, and otherwise what its subject says.</summary>
internal static class FeedHead
{
    /// <summary>The feed without entries.</summary>
    /// <param name="site">Its site.</param>
    /// <param name="settings">How it is published.</param>
    /// <param name="id">What stands behind "tag:antiphon.example," in its identifier.</param>
    /// <param name="title">Title of the subject.</param>
    /// <param name="description">Description of the subject.</param>
    public static Feed Of(Site site, FeedSettings settings, string id, string title, string? description) =>
        new()
        {
            Id = "tag:antiphon.example," + id,
            Title = settings.Title ?? title,
            Description = settings.Description ?? description,
            Language = settings.Language ?? site.Language,
            Copyright = settings.Copyright,
            Image = settings.PictureAddress is { } picture ? new FeedImage(picture, settings.Title ?? title) : null,
            Generator = "Antiphon",
        };
}

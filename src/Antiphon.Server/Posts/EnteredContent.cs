using Antiphon.Core.Html;
using Antiphon.Core.Posts;
using Antiphon.Core.Text;
using Antiphon.Server.Posts.Lists;

namespace Antiphon.Server.Posts;

/// <summary>
/// What somebody entered, tidied: spaces around it gone, the body cleaned, empty fields null, no term twice.
/// </summary>
internal static class EnteredContent
{
    /// <summary>
    /// The content a post has once a request of the editor is brought into it; what the request leaves out stays.
    /// </summary>
    public static PostContent Over(this PostRequest request, PostContent before)
    {
        var category = Trimmed.OrNull(request.Category);
        return before with
        {
            Title = (request.Title ?? string.Empty).Trim(),
            BodyHtml = HtmlCleaner.ForPosts.Clean(request.BodyHtml),
            Excerpt = Trimmed.OrNull(request.Excerpt),
            PictureAddress = Trimmed.OrNull(request.PictureAddress),
            PictureAlt = Trimmed.OrNull(request.PictureAlt),
            FocusX = request.FocusX,
            FocusY = request.FocusY,
            Author = Trimmed.OrNull(request.Author) ?? before.Author,
            Category = category,
            MoreCategories = request.MoreCategories is { } more
                ? [.. Terms(more).Where(name => !string.Equals(name, category, StringComparison.OrdinalIgnoreCase))]
                : before.MoreCategories,
            Tags = Terms(request.Tags),
            IsFeatured = request.IsFeatured,
            IsPinned = request.IsPinned ?? before.IsPinned,
            AboutAddress = Trimmed.OrNull(request.AboutAddress),
            Details = request.Details is { } details ? Tidied(details) : before.Details,
        };
    }

    /// <summary>The same for the row of a list.</summary>
    public static PostContent Over(this PostSummaryEdit request, PostContent before) =>
        before with
        {
            Title = request.Title.Trim(),
            Category = Trimmed.OrNull(request.Category),
            Tags = Terms(request.Tags),
            Author = Trimmed.OrNull(request.Author) ?? before.Author,
            Details = before.Details with { CommentsOff = request.CommentsOff },
        };

    private static PostDetails Tidied(PostDetails details) =>
        details with
        {
            SearchTitle = Trimmed.OrNull(details.SearchTitle),
            SearchDescription = Trimmed.OrNull(details.SearchDescription),
            CanonicalAddress = Trimmed.OrNull(details.CanonicalAddress),
            SocialTitle = Trimmed.OrNull(details.SocialTitle),
            SocialText = Trimmed.OrNull(details.SocialText),
            Language = Trimmed.OrNull(details.Language),
            SocialPicture = Trimmed.OrNull(details.SocialPicture),
            ListingPicture = Trimmed.OrNull(details.ListingPicture),
        };

    private static List<string> Terms(IReadOnlyList<string>? terms) =>
        [.. (terms ?? []).Select(Trimmed.OrNull).OfType<string>().Distinct(StringComparer.OrdinalIgnoreCase)];
}

using Antiphon.Core.Posts;

namespace Antiphon.Server.Posts;

/// <summary>A post in the list.</summary>
internal sealed record PostSummary(
    long Id, string Title, string BlogName, long BlogId, bool WrittenHere, string? Author, string? Category, PostStatus Status, DateTimeOffset? PublishedAt,
    DateTimeOffset UpdatedAt, string Address);

/// <summary>A page of the list.</summary>
/// <param name="Posts">Newest first; drafts without a date before all others.</param>
/// <param name="Next">Value of "after" for the next page, or null at the end.</param>
/// <param name="Total">How many posts the filter finds in all.</param>
internal sealed record PostPage(IReadOnlyList<PostSummary> Posts, string? Next, int Total);

/// <summary>A post in the editor.</summary>
internal sealed record PostView(
    long Id, long BlogId, bool WrittenHere, string Title, string Slug, string BodyHtml, string? Excerpt, string? PictureAddress, string? PictureAlt, string? Author,
    string? Category, IReadOnlyList<string> Tags, bool IsFeatured, PostStatus Status, DateTimeOffset? PublishedAt, DateTimeOffset UpdatedAt, string Address, int Revision,
    int FocusX, int FocusY, string? AboutAddress);

/// <summary>What the editor saves.</summary>
/// <param name="BlogId">A blog written here.</param>
/// <param name="Title">Title.</param>
/// <param name="Slug">Readable part of the address; empty takes it from the title.</param>
/// <param name="BodyHtml">Body; cleaned by the server.</param>
/// <param name="Excerpt">Own short text or null.</param>
/// <param name="PictureAddress">Absolute address of a picture or null.</param>
/// <param name="PictureAlt">What the picture shows.</param>
/// <param name="Author">Name; null takes the writer's own.</param>
/// <param name="Category">Category or null.</param>
/// <param name="Status">Draft, Published or Withdrawn.</param>
/// <param name="Revision">Revision the text is based on; for a new post 0.</param>
/// <param name="Tags">Tags; null for none.</param>
/// <param name="IsFeatured">Whether it is worth showing first.</param>
/// <param name="FocusX">How far from the left the point of the picture is that crops keep, 0 to 100.</param>
/// <param name="FocusY">How far from the top it is, 0 to 100.</param>
/// <param name="AboutAddress">What the post is about, published elsewhere; or null.</param>
internal sealed record PostRequest(
    long BlogId, string Title, string? Slug, string BodyHtml, string? Excerpt, string? PictureAddress, string? PictureAlt, string? Author, string? Category,
    PostStatus Status, int Revision, IReadOnlyList<string>? Tags = null, bool IsFeatured = false, int FocusX = 50, int FocusY = 50, string? AboutAddress = null);

/// <summary>Words in use on a site's posts, each with the most used first.</summary>
internal sealed record TermsView(IReadOnlyList<string> Categories, IReadOnlyList<string> Tags, IReadOnlyList<string> Authors);

/// <summary>What publishing would do.</summary>
/// <param name="Subscribers">How many would get a mail; 0 when the post was mailed before.</param>
internal sealed record PublishForecast(int Subscribers);

using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;
using Antiphon.Server.Platform.Language;

namespace Antiphon.Server.Posts;

/// <summary>A post in the editor.</summary>
/// <param name="ReviewerId">Who was asked to look it over.</param>
/// <param name="ReviewNote">What was said on passing it on or back.</param>
/// <param name="PublishLocal">When a scheduled post goes out on the site's clocks.</param>
/// <param name="ClockNote">What to know about the clocks at that time, or null.</param>
/// <param name="MoreCategories">Other categories it belongs to as well.</param>
internal sealed record PostView(
    long Id,
    long BlogId,
    bool WrittenHere,
    string Title,
    string Slug,
    string BodyHtml,
    string? Excerpt,
    string? PictureAddress,
    string? PictureAlt,
    string? Author,
    string? Category,
    IReadOnlyList<string> Tags,
    bool IsFeatured,
    PostStatus Status,
    DateTimeOffset? PublishedAt,
    DateTimeOffset UpdatedAt,
    string Address,
    int Revision,
    int FocusX,
    int FocusY,
    string? AboutAddress,
    bool IsPinned,
    PostDetails Details,
    IReadOnlyList<FieldValue> OwnValues,
    long? ReviewerId,
    string? ReviewNote,
    string? PublishLocal,
    [property: TeamText] string? ClockNote,
    IReadOnlyList<string> MoreCategories
);

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
/// <param name="Status">Where it shall stand; contributors may say Draft and InReview only.</param>
/// <param name="Revision">Revision the text is based on; for a new post 0.</param>
/// <param name="Tags">Tags; null for none.</param>
/// <param name="IsFeatured">Whether it is worth showing first.</param>
/// <param name="FocusX">How far from the left the point of the picture is that crops keep, 0 to 100.</param>
/// <param name="FocusY">How far from the top it is, 0 to 100.</param>
/// <param name="AboutAddress">What the post is about, published elsewhere; or null.</param>
/// <param name="IsPinned">Whether it is kept above others; null leaves it as it is.</param>
/// <param name="Details">What is said beside the text; null leaves it as it is.</param>
/// <param name="OwnValues">Values of the blog's own fields; null leaves them as they are.</param>
/// <param name="PublishedAt">Date of publication of a published post; null keeps the one it has, or takes the moment of
/// publishing.</param>
/// <param name="PublishLocal">For Scheduled: when, on the site's clocks, such as "2027-03-28T09:30".</param>
/// <param name="ReviewerId">For InReview: who is asked, or null for anybody.</param>
/// <param name="ReviewNote">For InReview and for passing back to Draft: what is said with it.</param>
/// <param name="MoreCategories">Other categories it belongs to as well; null leaves them as they are.</param>
internal sealed record PostRequest(
    long BlogId,
    string Title,
    string? Slug,
    string BodyHtml,
    string? Excerpt,
    string? PictureAddress,
    string? PictureAlt,
    string? Author,
    string? Category,
    PostStatus Status,
    int Revision,
    IReadOnlyList<string>? Tags = null,
    bool IsFeatured = false,
    int FocusX = 50,
    int FocusY = 50,
    string? AboutAddress = null,
    bool? IsPinned = null,
    PostDetails? Details = null,
    IReadOnlyList<FieldValue>? OwnValues = null,
    DateTimeOffset? PublishedAt = null,
    string? PublishLocal = null,
    long? ReviewerId = null,
    string? ReviewNote = null,
    IReadOnlyList<string>? MoreCategories = null
);

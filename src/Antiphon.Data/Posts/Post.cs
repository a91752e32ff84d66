using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;
using Antiphon.Data.Blogs;
using Antiphon.Data.Work;

namespace Antiphon.Data.Posts;

/// <summary>A post, written here or taken over from a feed.</summary>
public sealed class Post : LeasedRow
{
    /// <summary>Identifies the post in the database.</summary>
    public long Id { get; set; }

    /// <summary>Random key that stands in the post's address and stable identifier.</summary>
    public string Key { get; set; } = string.Empty;

    /// <summary>Id of the site the post belongs to.</summary>
    public long SiteId { get; set; }

    /// <summary>Id of the blog of the post.</summary>
    public long BlogId { get; set; }

    /// <summary>The blog of the post, when it is read with it.</summary>
    public Blog Blog { get; set; } = null!;

    /// <summary>Title as plain text.</summary>
    public string Title { get; set; } = string.Empty;

    /// <summary>Readable part of its address; unique in the blog.</summary>
    public string Slug { get; set; } = string.Empty;

    /// <summary>Body as cleaned HTML.</summary>
    public string BodyHtml { get; set; } = string.Empty;

    /// <summary>Own short text, or null for the start of the body.</summary>
    public string? Excerpt { get; set; }

    /// <summary>Picture, absolute.</summary>
    public string? PictureAddress { get; set; }

    /// <summary>Picture in listings and lists: one of its own there, or the post's.</summary>
    public string? ListingPicture => Details.ListingPicture ?? PictureAddress;

    /// <summary>What the picture shows.</summary>
    public string? PictureAlt { get; set; }

    /// <summary>How far from the left the point of the picture is that a crop keeps, in hundredths.</summary>
    public int FocusX { get; set; } = 50;

    /// <summary>How far from the top that point is, in hundredths.</summary>
    public int FocusY { get; set; } = 50;

    /// <summary>Name of the author.</summary>
    public string? Author { get; set; }

    /// <summary>The category it belongs to first, or null.</summary>
    public string? Category { get; set; }

    /// <summary>Other categories it belongs to as well.</summary>
    public List<string> MoreCategories { get; set; } = [];

    /// <summary>All categories, the first one first.</summary>
    public IEnumerable<string> AllCategories => Category is null ? MoreCategories : MoreCategories.Prepend(Category);

    /// <summary>Free words it can be found by.</summary>
    public List<string> Tags { get; set; } = [];

    /// <summary>Marked by the team as worth showing first.</summary>
    public bool IsFeatured { get; set; }

    /// <summary>Whether the post is a draft, in review, scheduled, public or withdrawn.</summary>
    public PostStatus Status { get; set; }

    /// <summary>Date of publication.</summary>
    public DateTimeOffset? PublishedAt { get; set; }

    /// <summary>When it was made here.</summary>
    public DateTimeOffset CreatedAt { get; set; }

    /// <summary>When what readers see of the post last changed.</summary>
    public DateTimeOffset UpdatedAt { get; set; }

    /// <summary>Identifier in the followed feed.</summary>
    public string? SourceId { get; set; }

    /// <summary>Its page elsewhere, for followed posts.</summary>
    public string? SourceAddress { get; set; }

    /// <summary>What the post is about, when that is published elsewhere; absolute.</summary>
    public string? AboutAddress { get; set; }

    /// <summary>
    /// The body without markup, kept by the context for searching and excerpts; null in rows from before it was kept.
    /// </summary>
    public string? PlainText { get; set; }

    /// <summary>Kept above others where posts are listed on our own pages.</summary>
    public bool IsPinned { get; set; }

    /// <summary>What else was said about it.</summary>
    public PostDetails Details { get; set; } = PostDetails.None;

    /// <summary>Values of the blog's own fields.</summary>
    public List<FieldValue> OwnValues { get; set; } = [];

    /// <summary>
    /// How many warnings and errors looking it over gives; kept by the context, null in rows from before it was kept.
    /// </summary>
    public int? Findings { get; set; }

    /// <summary>
    /// Date of publication, or of the last change while there is none; computed by the database, what lists are ordered
    /// by.
    /// </summary>
    public DateTimeOffset ListedAt { get; private set; }

    /// <summary>
    /// When a scheduled post goes out on the site's clocks, as "2027-03-28T09:30"; null while nothing is scheduled.
    /// </summary>
    public string? PublishLocal { get; set; }

    /// <summary>Who was asked to look it over, or null for anybody.</summary>
    public long? ReviewerId { get; set; }

    /// <summary>What the reviewer was told, or what the reviewer answered.</summary>
    public string? ReviewNote { get; set; }

    /// <summary>The import that made it, or null.</summary>
    public long? ImportId { get; set; }

    /// <summary>What tells it from other rows of its import, or null.</summary>
    public string? ImportKey { get; set; }

    /// <summary>
    /// What its row said when it was last taken over, as a hash; null for posts that were not imported.
    /// </summary>
    public string? ImportMark { get; set; }

    /// <summary>When it was put into the bin; null while it is not there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>Counts saves; a save based on an older one is refused.</summary>
    public int Revision { get; set; }

    /// <summary>What is written in it and said about it, as it stands.</summary>
    public PostContent ToContent() =>
        new()
        {
            Title = Title,
            BodyHtml = BodyHtml,
            Excerpt = Excerpt,
            PictureAddress = PictureAddress,
            PictureAlt = PictureAlt,
            FocusX = FocusX,
            FocusY = FocusY,
            Author = Author,
            Category = Category,
            MoreCategories = MoreCategories,
            Tags = Tags,
            IsFeatured = IsFeatured,
            IsPinned = IsPinned,
            AboutAddress = AboutAddress,
            Details = Details,
            OwnValues = OwnValues,
        };

    /// <summary>Gives it this content; where it stands, its dates and its address stay as they are.</summary>
    public void Apply(PostContent content)
    {
        (Title, BodyHtml, Excerpt) = (content.Title, content.BodyHtml, content.Excerpt);
        (PictureAddress, PictureAlt) = (content.PictureAddress, content.PictureAlt);
        (FocusX, FocusY) = (content.FocusX, content.FocusY);
        (Author, Category) = (content.Author, content.Category);
        (MoreCategories, Tags) = ([.. content.MoreCategories], [.. content.Tags]);
        (IsFeatured, IsPinned) = (content.IsFeatured, content.IsPinned);
        (AboutAddress, Details) = (content.AboutAddress, content.Details);
        OwnValues = [.. content.OwnValues];
    }
}

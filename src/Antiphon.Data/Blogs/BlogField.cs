using Antiphon.Core.Posts.Fields;

namespace Antiphon.Data.Blogs;

/// <summary>A field of a blog's own, which its posts carry beside those every post has.</summary>
public sealed class BlogField
{
    /// <summary>Identifies the blog field in the database.</summary>
    public long Id { get; set; }

    /// <summary>Id of the blog of the blog field.</summary>
    public long BlogId { get; set; }

    /// <summary>The blog of the blog field, when it is read with it.</summary>
    public Blog Blog { get; set; } = null!;

    /// <summary>Place among the blog's fields, from 0.</summary>
    public int Position { get; set; }

    /// <summary>What it is.</summary>
    public OwnField Definition { get; set; } = null!;
}

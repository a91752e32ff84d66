using System.Linq.Expressions;
using Antiphon.Core.Posts;
using Antiphon.Core.Posts.Fields;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts;

/// <summary>Keys and indexes of <see cref="Post"/>.</summary>
internal sealed class PostConfiguration : IEntityTypeConfiguration<Post>
{
    /// <summary>Deleted posts are seen only by those who ask for them.</summary>
    internal static readonly Expression<Func<Post, bool>> NotDeleted = post => post.DeletedAt == null;

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Post> builder)
    {
        builder.HasIndex(post => post.Key).IsUnique();
        builder.HasIndex(post => new
        {
            post.SiteId,
            post.PublishedAt,
            post.Id,
        });
        builder.HasIndex(post => new { post.BlogId, post.Slug }).IsUnique();
        builder.HasIndex(post => new { post.BlogId, post.SourceId }).IsUnique();
        builder.Property(post => post.Revision).IsConcurrencyToken();
        builder.Property(post => post.ListedAt).HasComputedColumnSql("COALESCE(PublishedAt, UpdatedAt)", stored: false);
        builder.HasIndex(post => new
        {
            post.SiteId,
            post.ListedAt,
            post.Id,
        });
        builder.HasIndex(post => new
        {
            post.SiteId,
            post.UpdatedAt,
            post.Id,
        });
        builder.HasIndex(post => post.DeletedAt);
        builder.HasIndex(post => post.ImportId);
        builder.HasIndex(post => new { post.BlogId, post.ImportKey });
        builder
            .Property(post => post.Details)
            .HasConversion<StoredJsonConverter<PostDetails>, StoredJsonComparer<PostDetails>>();
        builder
            .Property(post => post.OwnValues)
            .HasConversion<StoredJsonConverter<List<FieldValue>>, StoredJsonComparer<List<FieldValue>>>();
        // The model that is written out in advance gets it from its own file.
        if (!EF.IsDesignTime)
            builder.HasQueryFilter(NotDeleted);
    }
}

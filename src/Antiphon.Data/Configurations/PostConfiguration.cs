using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Post"/>.</summary>
internal sealed class PostConfiguration : IEntityTypeConfiguration<Post>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Post> builder)
    {
        builder.HasIndex(post => post.Key).IsUnique();
        builder.HasIndex(post => new { post.SiteId, post.PublishedAt, post.Id });
        builder.HasIndex(post => new { post.BlogId, post.Slug }).IsUnique();
        builder.HasIndex(post => new { post.BlogId, post.SourceId }).IsUnique();
        builder.Property(post => post.Revision).IsConcurrencyToken();
    }
}

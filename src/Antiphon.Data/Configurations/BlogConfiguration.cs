using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Blog"/>.</summary>
internal sealed class BlogConfiguration : IEntityTypeConfiguration<Blog>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Blog> builder)
    {
        builder.HasIndex(blog => blog.Key).IsUnique();
        builder.HasIndex(blog => blog.SiteId);
    }
}

using Antiphon.Core.Comments.Settings;
using Antiphon.Core.PublicPages;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Blogs;

/// <summary>Keys and indexes of <see cref="Blog"/>.</summary>
internal sealed class BlogConfiguration : IEntityTypeConfiguration<Blog>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Blog> builder)
    {
        builder.HasIndex(blog => blog.Key).IsUnique();
        builder.HasIndex(blog => blog.SiteId);
        builder.HasIndex(blog => blog.HostName).IsUnique();
        builder
            .Property(blog => blog.CommentSettings)
            .HasConversion<StoredJsonConverter<CommentSettings>, StoredJsonComparer<CommentSettings>>();
        builder
            .Property(blog => blog.PageLook)
            .HasConversion<StoredJsonConverter<PageLook>, StoredJsonComparer<PageLook>>();
    }
}

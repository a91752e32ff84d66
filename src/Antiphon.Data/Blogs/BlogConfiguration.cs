using System.Linq.Expressions;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.PublicPages;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Blogs;

/// <summary>Keys and indexes of <see cref="Blog"/>.</summary>
internal sealed class BlogConfiguration : IEntityTypeConfiguration<Blog>
{
    /// <summary>What every query asks that does not say otherwise.</summary>
    internal static readonly Expression<Func<Blog, bool>> NotRemoved = blog => blog.RemovedAt == null;

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Blog> builder)
    {
        builder.HasIndex(blog => blog.Key).IsUnique();
        builder.HasIndex(blog => blog.SiteId);
        builder.HasIndex(blog => blog.HostName).IsUnique();
        // The model that is written out in advance gets it from its own file.
        if (!EF.IsDesignTime)
            builder.HasQueryFilter(NotRemoved);
        builder
            .Property(blog => blog.CommentSettings)
            .HasConversion<StoredJsonConverter<CommentSettings>, StoredJsonComparer<CommentSettings>>();
        builder
            .Property(blog => blog.PageLook)
            .HasConversion<StoredJsonConverter<PageLook>, StoredJsonComparer<PageLook>>();
    }
}

using Antiphon.Core.Posts.Fields;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Blogs;

/// <summary>Keys and indexes of <see cref="BlogField"/>.</summary>
internal sealed class BlogFieldConfiguration : IEntityTypeConfiguration<BlogField>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<BlogField> builder)
    {
        builder.HasIndex(field => new { field.BlogId, field.Position });
        builder
            .Property(field => field.Definition)
            .HasConversion<StoredJsonConverter<OwnField>, StoredJsonComparer<OwnField>>();
    }
}

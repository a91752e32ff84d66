using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="BulkChange"/>.</summary>
internal sealed class BulkChangeConfiguration : IEntityTypeConfiguration<BulkChange>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<BulkChange> builder)
    {
        builder.HasIndex(change => new { change.SiteId, change.MadeAt });
        builder
            .Property(change => change.Before)
            .HasConversion<StoredJsonConverter<List<PostBefore>>, StoredJsonComparer<List<PostBefore>>>();
    }
}

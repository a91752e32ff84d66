using Antiphon.Core.Subscribers;
using Antiphon.Data.Conversions;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Subscribers;

/// <summary>Keys and indexes of <see cref="Segment"/>.</summary>
internal sealed class SegmentConfiguration : IEntityTypeConfiguration<Segment>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Segment> builder)
    {
        builder.HasOne<Site>().WithMany().HasForeignKey(segment => segment.SiteId);
        builder.HasIndex(segment => new { segment.SiteId, segment.Name }).IsUnique();
        builder
            .Property(segment => segment.Rule)
            .HasConversion<StoredJsonConverter<SegmentRule>, StoredJsonComparer<SegmentRule>>();
    }
}

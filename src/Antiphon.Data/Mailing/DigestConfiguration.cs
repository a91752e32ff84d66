using Antiphon.Core.Mailing.Digests;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Mailing;

/// <summary>Keys and indexes of <see cref="Digest"/>.</summary>
internal sealed class DigestConfiguration : IEntityTypeConfiguration<Digest>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Digest> builder)
    {
        builder.HasIndex(digest => digest.SiteId);
        builder.HasIndex(digest => digest.NextAt);
        builder
            .HasOne(digest => digest.Segment)
            .WithMany()
            .HasForeignKey(digest => digest.SegmentId)
            .OnDelete(DeleteBehavior.NoAction);
        builder
            .Property(digest => digest.Settings)
            .HasConversion<StoredJsonConverter<DigestSettings>, StoredJsonComparer<DigestSettings>>();
    }
}

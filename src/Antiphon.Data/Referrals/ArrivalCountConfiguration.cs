using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Referrals;

/// <summary>Keys and indexes of <see cref="ArrivalCount"/>.</summary>
internal sealed class ArrivalCountConfiguration : IEntityTypeConfiguration<ArrivalCount>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ArrivalCount> builder)
    {
        builder
            .HasIndex(count => new
            {
                count.SiteId,
                count.Day,
                count.PostId,
                count.Kind,
                count.Source,
            })
            .IsUnique();
        builder.HasIndex(count => count.PostId);
        builder
            .HasOne(count => count.Post)
            .WithMany()
            .HasForeignKey(count => count.PostId)
            .OnDelete(DeleteBehavior.Cascade);
    }
}

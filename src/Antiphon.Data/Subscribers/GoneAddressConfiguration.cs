using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Subscribers;

/// <summary>Keys of <see cref="GoneAddress"/>.</summary>
internal sealed class GoneAddressConfiguration : IEntityTypeConfiguration<GoneAddress>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<GoneAddress> builder)
    {
        builder.HasOne<Site>().WithMany().HasForeignKey(gone => gone.SiteId);
        builder.HasIndex(gone => new { gone.SiteId, gone.Hash }).IsUnique();
    }
}

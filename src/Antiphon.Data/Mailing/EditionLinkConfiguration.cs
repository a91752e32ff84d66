using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Mailing;

/// <summary>Keys and indexes of <see cref="EditionLink"/>.</summary>
internal sealed class EditionLinkConfiguration : IEntityTypeConfiguration<EditionLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<EditionLink> builder)
    {
        builder.HasIndex(link => link.Key).IsUnique();
        builder.HasIndex(link => new { link.EditionId, link.Address }).IsUnique();
        builder.HasOne(link => link.Edition).WithMany().HasForeignKey(link => link.EditionId);
    }
}

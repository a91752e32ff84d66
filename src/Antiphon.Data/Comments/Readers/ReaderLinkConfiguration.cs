using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Readers;

/// <summary>Keys and indexes of <see cref="ReaderLink"/>.</summary>
internal sealed class ReaderLinkConfiguration : IEntityTypeConfiguration<ReaderLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ReaderLink> builder)
    {
        builder.HasIndex(link => link.Hash).IsUnique();
        builder.HasOne<Site>().WithMany().HasForeignKey(link => link.SiteId);
    }
}

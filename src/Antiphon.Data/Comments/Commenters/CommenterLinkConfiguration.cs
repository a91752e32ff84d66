using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Commenters;

/// <summary>Keys and indexes of <see cref="CommenterLink"/>.</summary>
internal sealed class CommenterLinkConfiguration : IEntityTypeConfiguration<CommenterLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommenterLink> builder)
    {
        builder.ToTable("ReaderLinks");
        builder.HasIndex(link => link.Hash).IsUnique();
        builder.HasOne<Site>().WithMany().HasForeignKey(link => link.SiteId);
    }
}

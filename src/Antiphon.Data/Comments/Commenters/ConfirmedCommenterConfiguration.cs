using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Commenters;

/// <summary>Keys and indexes of <see cref="ConfirmedCommenter"/>.</summary>
internal sealed class ConfirmedCommenterConfiguration : IEntityTypeConfiguration<ConfirmedCommenter>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ConfirmedCommenter> builder)
    {
        builder.ToTable("ConfirmedReaders");
        builder.HasKey(reader => new { reader.SiteId, reader.Mail });
        builder.HasOne<Site>().WithMany().HasForeignKey(reader => reader.SiteId);
    }
}

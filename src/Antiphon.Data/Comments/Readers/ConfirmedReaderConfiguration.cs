using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Readers;

/// <summary>Keys and indexes of <see cref="ConfirmedReader"/>.</summary>
internal sealed class ConfirmedReaderConfiguration : IEntityTypeConfiguration<ConfirmedReader>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ConfirmedReader> builder)
    {
        builder.HasKey(reader => new { reader.SiteId, reader.Mail });
        builder.HasOne<Site>().WithMany().HasForeignKey(reader => reader.SiteId);
    }
}

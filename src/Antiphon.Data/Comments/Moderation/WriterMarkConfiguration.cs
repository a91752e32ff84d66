using Antiphon.Data.Accounts;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="WriterMark"/>.</summary>
internal sealed class WriterMarkConfiguration : IEntityTypeConfiguration<WriterMark>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<WriterMark> builder)
    {
        builder
            .HasIndex(mark => new
            {
                mark.SiteId,
                mark.By,
                mark.Value,
            })
            .IsUnique();
        builder.Property(mark => mark.By).HasConversion<string>();
        builder.Property(mark => mark.Mark).HasConversion<string>();
        builder.HasOne<Site>().WithMany().HasForeignKey(mark => mark.SiteId);
        builder.HasOne<Person>().WithMany().HasForeignKey(mark => mark.MadeById).OnDelete(DeleteBehavior.SetNull);
    }
}

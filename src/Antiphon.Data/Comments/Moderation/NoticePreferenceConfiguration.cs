using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="NoticePreference"/>.</summary>
internal sealed class NoticePreferenceConfiguration : IEntityTypeConfiguration<NoticePreference>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<NoticePreference> builder)
    {
        builder.ToTable("NoticeWishes");
        builder.HasIndex(wish => new { wish.SiteId, wish.PersonId }).IsUnique();
        builder.Property(wish => wish.About).HasConversion<string>();
        builder.HasOne(wish => wish.Site).WithMany().HasForeignKey(wish => wish.SiteId);
        builder.HasOne(wish => wish.Person).WithMany().HasForeignKey(wish => wish.PersonId);
    }
}

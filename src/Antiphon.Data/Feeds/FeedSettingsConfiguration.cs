using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Feeds;

/// <summary>Keys and indexes of <see cref="FeedSettings"/>.</summary>
internal sealed class FeedSettingsConfiguration : IEntityTypeConfiguration<FeedSettings>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<FeedSettings> builder)
    {
        builder
            .HasIndex(settings => new
            {
                settings.SiteId,
                settings.Subject,
                settings.SubjectId,
            })
            .IsUnique();
        builder.Property(settings => settings.Subject).HasConversion<string>();
    }
}

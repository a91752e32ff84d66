using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="Pattern"/>.</summary>
internal sealed class PatternConfiguration : IEntityTypeConfiguration<Pattern>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Pattern> builder)
    {
        builder.HasOne<Site>().WithMany().HasForeignKey(pattern => pattern.SiteId);
        builder.HasIndex(pattern => new { pattern.SiteId, pattern.Name }).IsUnique();
    }
}

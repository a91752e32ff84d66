using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="PostTemplate"/>.</summary>
internal sealed class PostTemplateConfiguration : IEntityTypeConfiguration<PostTemplate>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<PostTemplate> builder)
    {
        // The table keeps the name it was made under.
        builder.ToTable("Patterns");
        builder.HasOne<Site>().WithMany().HasForeignKey(template => template.SiteId);
        builder.HasIndex(template => new { template.SiteId, template.Name }).IsUnique();
    }
}

using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts;

/// <summary>Keys and indexes of <see cref="Category"/>.</summary>
internal sealed class CategoryConfiguration : IEntityTypeConfiguration<Category>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Category> builder)
    {
        builder.HasIndex(category => new { category.SiteId, category.Name }).IsUnique();
    }
}

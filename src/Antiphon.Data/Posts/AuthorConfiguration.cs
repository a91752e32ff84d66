using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts;

/// <summary>Keys and indexes of <see cref="Author"/>.</summary>
internal sealed class AuthorConfiguration : IEntityTypeConfiguration<Author>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Author> builder)
    {
        builder.HasIndex(author => new { author.SiteId, author.Name }).IsUnique();
    }
}

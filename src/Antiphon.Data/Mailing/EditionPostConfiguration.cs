using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Mailing;

/// <summary>Keys of <see cref="EditionPost"/>.</summary>
internal sealed class EditionPostConfiguration : IEntityTypeConfiguration<EditionPost>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<EditionPost> builder)
    {
        builder.HasKey(post => new { post.EditionId, post.PostId });
        builder.HasIndex(post => post.PostId);
        builder.HasOne(post => post.Edition).WithMany(edition => edition.Posts).HasForeignKey(post => post.EditionId);
        builder
            .HasOne(post => post.Post)
            .WithMany()
            .HasForeignKey(post => post.PostId)
            .OnDelete(DeleteBehavior.Cascade);
    }
}

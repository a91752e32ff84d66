using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Posts.Editing;

/// <summary>Keys and indexes of <see cref="WaitingChange"/>.</summary>
internal sealed class WaitingChangeConfiguration : IEntityTypeConfiguration<WaitingChange>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<WaitingChange> builder)
    {
        builder.HasKey(change => change.PostId);
        builder.Property(change => change.PostId).ValueGeneratedNever();
        builder.HasOne(change => change.Post).WithOne().HasForeignKey<WaitingChange>(change => change.PostId);
    }
}

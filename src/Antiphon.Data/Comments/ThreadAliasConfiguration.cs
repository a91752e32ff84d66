using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="ThreadAlias"/>.</summary>
internal sealed class ThreadAliasConfiguration : IEntityTypeConfiguration<ThreadAlias>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ThreadAlias> builder)
    {
        builder.HasIndex(alias => new { alias.SiteId, alias.Identifier }).IsUnique();
        builder.HasIndex(alias => new { alias.SiteId, alias.FoldedAddress }).IsUnique();
        builder.HasOne(alias => alias.Thread).WithMany(thread => thread.Aliases).HasForeignKey(alias => alias.ThreadId);
    }
}

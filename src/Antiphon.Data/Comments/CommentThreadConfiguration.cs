using Antiphon.Core.Comments.Settings;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="CommentThread"/>.</summary>
internal sealed class CommentThreadConfiguration : IEntityTypeConfiguration<CommentThread>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentThread> builder)
    {
        builder.HasIndex(thread => new { thread.SiteId, thread.Identifier }).IsUnique();
        builder.HasIndex(thread => new { thread.SiteId, thread.FoldedAddress });
        builder.HasIndex(thread => thread.PostId);
        builder.Property(thread => thread.PublicCount).HasDefaultValue(0).ValueGeneratedOnAddOrUpdate();
        builder
            .Property(thread => thread.Settings)
            .HasConversion<StoredJsonConverter<CommentSettings>, StoredJsonComparer<CommentSettings>>();
        builder
            .Property(thread => thread.Reactions)
            .HasConversion<StoredJsonConverter<Dictionary<string, int>>, StoredJsonComparer<Dictionary<string, int>>>();
        builder
            .HasOne(thread => thread.Post)
            .WithMany()
            .HasForeignKey(thread => thread.PostId)
            .OnDelete(DeleteBehavior.SetNull);
    }
}

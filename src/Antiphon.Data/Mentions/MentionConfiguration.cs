using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Mentions;

/// <summary>Keys and indexes of <see cref="Mention"/>.</summary>
internal sealed class MentionConfiguration : IEntityTypeConfiguration<Mention>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Mention> builder)
    {
        builder.HasIndex(mention => mention.Key).IsUnique();
        builder.HasIndex(mention => new { mention.PostId, mention.Source }).IsUnique();
        builder.HasIndex(mention => new
        {
            mention.SiteId,
            mention.State,
            mention.Id,
        });
        // Those at rest have no time, so what the worker asks for is little however many there are.
        builder.HasIndex(mention => mention.HeldUntil).HasFilter("\"HeldUntil\" IS NOT NULL");
        builder.HasIndex(mention => mention.NextReadAt).HasFilter("\"NextReadAt\" IS NOT NULL");
    }
}

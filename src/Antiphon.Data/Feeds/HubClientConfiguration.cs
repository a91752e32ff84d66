using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Feeds;

/// <summary>Keys and indexes of <see cref="HubClient"/>.</summary>
internal sealed class HubClientConfiguration : IEntityTypeConfiguration<HubClient>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<HubClient> builder)
    {
        builder.ToTable("HubReaders");
        builder.HasIndex(client => new { client.Topic, client.Callback }).IsUnique();
        builder.HasIndex(client => client.DueAt);
        builder.HasIndex(client => client.BlogId);
    }
}

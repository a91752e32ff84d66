using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Feeds;

/// <summary>Keys and indexes of <see cref="HubReader"/>.</summary>
internal sealed class HubReaderConfiguration : IEntityTypeConfiguration<HubReader>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<HubReader> builder)
    {
        builder.HasIndex(reader => new { reader.Topic, reader.Callback }).IsUnique();
        builder.HasIndex(reader => reader.DueAt);
        builder.HasIndex(reader => reader.BlogId);
    }
}

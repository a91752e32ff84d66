using Antiphon.Core.Importing;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Importing;

/// <summary>Keys and indexes of <see cref="Import"/>.</summary>
internal sealed class ImportConfiguration : IEntityTypeConfiguration<Import>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Import> builder)
    {
        builder.HasIndex(import => new { import.SiteId, import.Id });
        builder.HasIndex(import => import.State);
        builder.HasIndex(import => import.NextAt);
        builder.Property(import => import.Kind).HasConversion<string>();
        builder.Property(import => import.State).HasConversion<string>();
        builder
            .Property(import => import.Plan)
            .HasConversion<StoredJsonConverter<ImportPlan>, StoredJsonComparer<ImportPlan>>();
        builder
            .Property(import => import.Notes)
            .HasConversion<StoredJsonConverter<List<ImportNote>>, StoredJsonComparer<List<ImportNote>>>();
    }
}

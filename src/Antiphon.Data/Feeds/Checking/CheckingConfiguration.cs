using Antiphon.Data.Conversions;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Feeds.Checking;

/// <summary>Keys and indexes of <see cref="CheckRun"/> and <see cref="KeptCheck"/>.</summary>
internal sealed class CheckingConfiguration : IEntityTypeConfiguration<CheckRun>, IEntityTypeConfiguration<KeptCheck>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CheckRun> builder) => builder.HasIndex(run => new { run.SiteId, run.Id });

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<KeptCheck> builder)
    {
        builder.HasIndex(check => new { check.SiteId, check.Name });
        builder.HasIndex(check => check.CheckedAt);
        builder.HasOne<Site>().WithMany().HasForeignKey(check => check.SiteId).OnDelete(DeleteBehavior.Cascade);
        builder
            .HasOne(check => check.Run)
            .WithMany(run => run.Checks)
            .HasForeignKey(check => check.RunId)
            .OnDelete(DeleteBehavior.Cascade);
        builder.Property(check => check.Verdict).HasConversion<string>();
        builder.Property(check => check.Format).HasConversion<string>();
        builder
            .Property(check => check.Findings)
            .HasConversion<StoredJsonConverter<List<StoredFinding>>, StoredJsonComparer<List<StoredFinding>>>();
    }
}

using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Sites;

/// <summary>Keys and indexes of <see cref="SiteAct"/>.</summary>
internal sealed class SiteActConfiguration : IEntityTypeConfiguration<SiteAct>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SiteAct> builder)
    {
        builder.HasIndex(act => new { act.SiteId, act.Id });
    }
}

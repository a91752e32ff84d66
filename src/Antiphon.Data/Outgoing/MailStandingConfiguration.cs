using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Outgoing;

/// <summary>Keys of <see cref="MailStanding"/>.</summary>
internal sealed class MailStandingConfiguration : IEntityTypeConfiguration<MailStanding>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<MailStanding> builder) =>
        builder.Property(standing => standing.Id).ValueGeneratedNever();
}

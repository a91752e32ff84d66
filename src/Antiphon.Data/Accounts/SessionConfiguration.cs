using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Accounts;

/// <summary>Keys and indexes of <see cref="Session"/>.</summary>
internal sealed class SessionConfiguration : IEntityTypeConfiguration<Session>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Session> builder)
    {
        builder.Property(session => session.Hash).HasMaxLength(64);
        builder.HasIndex(session => session.Hash).IsUnique();
        builder
            .HasOne(session => session.Person)
            .WithMany()
            .HasForeignKey(session => session.PersonId)
            .OnDelete(DeleteBehavior.Cascade);
    }
}

using Antiphon.Data.Entities;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Session"/>.</summary>
internal sealed class SessionConfiguration : IEntityTypeConfiguration<Session>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Session> builder)
    {
        builder.Property(session => session.Hash).HasMaxLength(64);
        builder.HasIndex(session => session.Hash).IsUnique();
        builder.HasOne(session => session.Person).WithMany().HasForeignKey(session => session.PersonId).OnDelete(DeleteBehavior.Cascade);
    }
}

/// <summary>Keys and indexes of <see cref="SignInFailure"/>.</summary>
internal sealed class SignInFailureConfiguration : IEntityTypeConfiguration<SignInFailure>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SignInFailure> builder)
    {
        builder.Property(failure => failure.Person).HasMaxLength(64);
        builder.Property(failure => failure.Network).HasMaxLength(64);
        builder.HasIndex(failure => new { failure.Person, failure.At });
        builder.HasIndex(failure => new { failure.Network, failure.At });
    }
}

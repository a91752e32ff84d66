using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Accounts;

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

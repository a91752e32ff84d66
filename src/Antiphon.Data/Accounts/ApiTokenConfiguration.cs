using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Accounts;

/// <summary>Keys and indexes of <see cref="ApiToken"/>.</summary>
internal sealed class ApiTokenConfiguration : IEntityTypeConfiguration<ApiToken>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ApiToken> builder)
    {
        builder.HasIndex(token => token.Hash).IsUnique();
        builder.HasOne(token => token.Person).WithMany().HasForeignKey(token => token.PersonId);
    }
}

using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Sites;

/// <summary>Keys and indexes of <see cref="Membership"/>.</summary>
internal sealed class MembershipConfiguration : IEntityTypeConfiguration<Membership>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Membership> builder)
    {
        builder.HasKey(membership => new { membership.SiteId, membership.PersonId });
        builder.HasOne(membership => membership.Site).WithMany().HasForeignKey(membership => membership.SiteId);
        builder.HasOne(membership => membership.Person).WithMany().HasForeignKey(membership => membership.PersonId);
        builder.HasIndex(membership => membership.PersonId);
    }
}

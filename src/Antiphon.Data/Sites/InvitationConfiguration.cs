using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Sites;

/// <summary>Keys and indexes of <see cref="Invitation"/>.</summary>
internal sealed class InvitationConfiguration : IEntityTypeConfiguration<Invitation>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Invitation> builder)
    {
        builder.HasIndex(invitation => invitation.Hash).IsUnique();
        builder.HasIndex(invitation => invitation.HandHash).IsUnique();
        builder.HasIndex(invitation => new { invitation.SiteId, invitation.Mail }).IsUnique();
        builder
            .HasOne(invitation => invitation.By)
            .WithMany()
            .HasForeignKey(invitation => invitation.ById)
            .OnDelete(DeleteBehavior.SetNull);
    }
}

using Antiphon.Data.Accounts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="DecisionLink"/>.</summary>
internal sealed class DecisionLinkConfiguration : IEntityTypeConfiguration<DecisionLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<DecisionLink> builder)
    {
        builder.HasIndex(link => link.Hash).IsUnique();
        builder.HasOne(link => link.Comment).WithMany().HasForeignKey(link => link.CommentId);
        builder.HasOne<Person>().WithMany().HasForeignKey(link => link.PersonId);
    }
}

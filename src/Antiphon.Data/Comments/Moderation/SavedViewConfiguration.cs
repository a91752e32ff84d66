using Antiphon.Data.Accounts;
using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="SavedView"/>.</summary>
internal sealed class SavedViewConfiguration : IEntityTypeConfiguration<SavedView>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SavedView> builder)
    {
        builder.HasIndex(view => new { view.SiteId, view.PersonId });
        builder.HasOne<Site>().WithMany().HasForeignKey(view => view.SiteId);
        builder.HasOne<Person>().WithMany().HasForeignKey(view => view.PersonId);
    }
}

using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Commenters;

/// <summary>Keys and indexes of <see cref="ProvenDevice"/>.</summary>
internal sealed class ProvenDeviceConfiguration : IEntityTypeConfiguration<ProvenDevice>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ProvenDevice> builder)
    {
        builder.HasKey(device => new
        {
            device.SiteId,
            device.Mail,
            device.OwnerKey,
        });
        builder.HasOne<Site>().WithMany().HasForeignKey(device => device.SiteId);
    }
}

using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Subscribers;

/// <summary>Keys and indexes of <see cref="Subscriber"/>.</summary>
internal sealed class SubscriberConfiguration : IEntityTypeConfiguration<Subscriber>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Subscriber> builder)
    {
        builder.HasIndex(subscriber => subscriber.Key).IsUnique();
        builder.HasIndex(subscriber => new { subscriber.SiteId, subscriber.Mail }).IsUnique();
        builder.HasIndex(subscriber => new { subscriber.SiteId, subscriber.CreatedAt });
        builder
            .HasOne(subscriber => subscriber.Form)
            .WithMany()
            .HasForeignKey(subscriber => subscriber.FormId)
            .OnDelete(DeleteBehavior.SetNull);
    }
}

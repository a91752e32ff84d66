using Antiphon.Core.Syndication.Subscribers;
using Antiphon.Data.Conversions;
using Antiphon.Data.Entities.Syndication.Mailing;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Subscriber"/>.</summary>
internal sealed class SubscriberConfiguration : IEntityTypeConfiguration<Subscriber>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Subscriber> builder)
    {
        builder.HasIndex(subscriber => subscriber.Key).IsUnique();
        builder.HasIndex(subscriber => new { subscriber.SiteId, subscriber.Mail }).IsUnique();
        builder.HasIndex(subscriber => new { subscriber.SiteId, subscriber.CreatedAt });
        builder.HasOne(subscriber => subscriber.Form).WithMany().HasForeignKey(subscriber => subscriber.FormId).OnDelete(DeleteBehavior.SetNull);
    }
}

/// <summary>Keys and indexes of <see cref="Segment"/>.</summary>
internal sealed class SegmentConfiguration : IEntityTypeConfiguration<Segment>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Segment> builder)
    {
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(segment => segment.SiteId);
        builder.HasIndex(segment => new { segment.SiteId, segment.Name }).IsUnique();
        builder.Property(segment => segment.Rule).HasConversion<StoredJsonConverter<SegmentRule>, StoredJsonComparer<SegmentRule>>();
    }
}

/// <summary>Keys and indexes of <see cref="SignUpForm"/>.</summary>
internal sealed class SignUpFormConfiguration : IEntityTypeConfiguration<SignUpForm>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SignUpForm> builder)
    {
        builder.HasIndex(form => form.Key).IsUnique();
        builder.HasIndex(form => form.SiteId);
        builder.HasOne(form => form.Look).WithMany().HasForeignKey(form => form.LookId).OnDelete(DeleteBehavior.SetNull);
        builder.Property(form => form.Settings).HasConversion<StoredJsonConverter<SignUpSettings>, StoredJsonComparer<SignUpSettings>>();
    }
}

/// <summary>Keys of <see cref="GoneAddress"/>.</summary>
internal sealed class GoneAddressConfiguration : IEntityTypeConfiguration<GoneAddress>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<GoneAddress> builder)
    {
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(gone => gone.SiteId);
        builder.HasIndex(gone => new { gone.SiteId, gone.Hash }).IsUnique();
    }
}

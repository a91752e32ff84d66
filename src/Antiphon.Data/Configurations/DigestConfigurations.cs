using Antiphon.Core.Syndication.Digests;
using Antiphon.Data.Conversions;
using Antiphon.Data.Entities.Syndication.Mailing;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Digest"/>.</summary>
internal sealed class DigestConfiguration : IEntityTypeConfiguration<Digest>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Digest> builder)
    {
        builder.HasIndex(digest => digest.SiteId);
        builder.HasIndex(digest => digest.NextAt);
        builder.HasOne(digest => digest.Segment).WithMany().HasForeignKey(digest => digest.SegmentId).OnDelete(DeleteBehavior.NoAction);
        builder.Property(digest => digest.Settings).HasConversion<StoredJsonConverter<DigestSettings>, StoredJsonComparer<DigestSettings>>();
    }
}

/// <summary>Keys and indexes of <see cref="Edition"/>.</summary>
internal sealed class EditionConfiguration : IEntityTypeConfiguration<Edition>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Edition> builder)
    {
        builder.HasIndex(edition => edition.Key).IsUnique();
        builder.HasIndex(edition => new { edition.DigestId, edition.Occasion }).IsUnique();
        builder.HasIndex(edition => new { edition.SiteId, edition.DueAt, edition.Id });
        builder.HasIndex(edition => edition.State);
        builder.HasMany<Delivery>().WithOne(delivery => delivery.Edition).HasForeignKey(delivery => delivery.EditionId);
        builder.Property(edition => edition.Settings).HasConversion<StoredJsonConverter<DigestSettings>, StoredJsonComparer<DigestSettings>>();
    }
}

/// <summary>Keys of <see cref="EditionPost"/>.</summary>
internal sealed class EditionPostConfiguration : IEntityTypeConfiguration<EditionPost>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<EditionPost> builder)
    {
        builder.HasKey(post => new { post.EditionId, post.PostId });
        builder.HasIndex(post => post.PostId);
        builder.HasOne(post => post.Edition).WithMany(edition => edition.Posts).HasForeignKey(post => post.EditionId);
        builder.HasOne(post => post.Post).WithMany().HasForeignKey(post => post.PostId).OnDelete(DeleteBehavior.Cascade);
    }
}

/// <summary>Keys and indexes of <see cref="EditionLink"/>.</summary>
internal sealed class EditionLinkConfiguration : IEntityTypeConfiguration<EditionLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<EditionLink> builder)
    {
        builder.HasIndex(link => link.Key).IsUnique();
        builder.HasIndex(link => new { link.EditionId, link.Address }).IsUnique();
        builder.HasOne(link => link.Edition).WithMany().HasForeignKey(link => link.EditionId);
    }
}

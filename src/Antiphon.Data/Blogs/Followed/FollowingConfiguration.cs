using System.Linq.Expressions;
using Antiphon.Core.Feeds.Following;
using Antiphon.Core.Feeds.Model;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Blogs.Followed;

/// <summary>Keys and indexes of <see cref="Following"/> and what belongs to it.</summary>
internal sealed class FollowingConfiguration
    : IEntityTypeConfiguration<Following>,
        IEntityTypeConfiguration<HubSubscription>,
        IEntityTypeConfiguration<FeedVisitRecord>,
        IEntityTypeConfiguration<FeedMove>
{
    /// <summary>What every query asks that does not say otherwise.</summary>
    internal static readonly Expression<Func<Following, bool>> OfBlogThatIsThere = following =>
        following.Blog.RemovedAt == null;

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Following> builder)
    {
        // The model that is written out in advance gets it from its own file.
        if (!EF.IsDesignTime)
            builder.HasQueryFilter(OfBlogThatIsThere);
        builder.HasKey(following => following.BlogId);
        builder
            .HasOne(following => following.Blog)
            .WithOne(blog => blog.Following)
            .HasForeignKey<Following>(following => following.BlogId);
        builder.HasIndex(following => following.NextVisitAt);
        builder
            .Property(following => following.Asked)
            .HasConversion<StoredJsonConverter<FeedRhythm>, StoredJsonComparer<FeedRhythm>>();
        builder
            .Property(following => following.Standing)
            .HasConversion<string>()
            .HasDefaultValue(FollowingStanding.Active);
        builder
            .Property(following => following.PauseReason)
            .HasConversion<string>()
            .HasDefaultValueSql("'Usual'")
            .HasSentinel(VisitReason.Usual);
    }

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<HubSubscription> builder)
    {
        builder.HasKey(hub => hub.BlogId);
        builder
            .HasOne(hub => hub.Following)
            .WithOne(following => following.Hub)
            .HasForeignKey<HubSubscription>(hub => hub.BlogId);
        builder.HasIndex(hub => hub.Key).IsUnique();
        builder.HasIndex(hub => hub.RenewAt);
        builder.Property(hub => hub.State).HasConversion<string>();
    }

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<FeedVisitRecord> builder)
    {
        builder
            .HasOne(visit => visit.Following)
            .WithMany(following => following.Visits)
            .HasForeignKey(visit => visit.BlogId);
        builder.HasIndex(visit => new { visit.BlogId, visit.Id });
        builder.Property(visit => visit.Outcome).HasConversion<string>();
    }

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<FeedMove> builder) =>
        builder
            .HasOne(move => move.Following)
            .WithMany(following => following.Moves)
            .HasForeignKey(move => move.BlogId);
}

using Antiphon.Data.Entities.Conversation;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="ThreadAlias"/>.</summary>
internal sealed class ThreadAliasConfiguration : IEntityTypeConfiguration<ThreadAlias>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ThreadAlias> builder)
    {
        builder.HasIndex(alias => new { alias.SiteId, alias.Identifier }).IsUnique();
        builder.HasIndex(alias => new { alias.SiteId, alias.FoldedAddress }).IsUnique();
        builder.HasOne(alias => alias.Thread).WithMany(thread => thread.Aliases).HasForeignKey(alias => alias.ThreadId);
    }
}

/// <summary>Keys and indexes of <see cref="ReaderLink"/>.</summary>
internal sealed class ReaderLinkConfiguration : IEntityTypeConfiguration<ReaderLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ReaderLink> builder)
    {
        builder.HasIndex(link => link.Hash).IsUnique();
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(link => link.SiteId);
    }
}

/// <summary>Keys and indexes of <see cref="ConfirmedReader"/>.</summary>
internal sealed class ConfirmedReaderConfiguration : IEntityTypeConfiguration<ConfirmedReader>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ConfirmedReader> builder)
    {
        builder.HasKey(reader => new { reader.SiteId, reader.Mail });
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(reader => reader.SiteId);
    }
}

/// <summary>Keys and indexes of <see cref="ProvenDevice"/>.</summary>
internal sealed class ProvenDeviceConfiguration : IEntityTypeConfiguration<ProvenDevice>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ProvenDevice> builder)
    {
        builder.HasKey(device => new { device.SiteId, device.Mail, device.OwnerKey });
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(device => device.SiteId);
    }
}

/// <summary>Keys and indexes of <see cref="ThreadFollow"/>.</summary>
internal sealed class ThreadFollowConfiguration : IEntityTypeConfiguration<ThreadFollow>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<ThreadFollow> builder)
    {
        builder.HasIndex(follow => follow.Key).IsUnique();
        builder.HasIndex(follow => new { follow.ThreadId, follow.Mail }).IsUnique();
        builder.HasOne(follow => follow.Site).WithMany().HasForeignKey(follow => follow.SiteId).OnDelete(DeleteBehavior.Restrict);
        builder.HasOne(follow => follow.Thread).WithMany().HasForeignKey(follow => follow.ThreadId);
    }
}

/// <summary>Keys and indexes of <see cref="CommentReaction"/>.</summary>
internal sealed class CommentReactionConfiguration : IEntityTypeConfiguration<CommentReaction>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentReaction> builder)
    {
        builder.HasIndex(one => new { one.ThreadId, one.CommentId, one.ReaderKey, one.Sign }).IsUnique();
        builder.HasOne<Entities.CommentThread>().WithMany().HasForeignKey(one => one.ThreadId);
        builder.HasOne<Entities.Comment>().WithMany().HasForeignKey(one => one.CommentId).OnDelete(DeleteBehavior.Cascade);
    }
}

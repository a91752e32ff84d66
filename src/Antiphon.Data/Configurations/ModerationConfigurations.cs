using Antiphon.Data.Entities.Moderation;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="WriterMark"/>.</summary>
internal sealed class WriterMarkConfiguration : IEntityTypeConfiguration<WriterMark>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<WriterMark> builder)
    {
        builder.HasIndex(mark => new { mark.SiteId, mark.By, mark.Value }).IsUnique();
        builder.Property(mark => mark.By).HasConversion<string>();
        builder.Property(mark => mark.Mark).HasConversion<string>();
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(mark => mark.SiteId);
        builder.HasOne<Entities.Person>().WithMany().HasForeignKey(mark => mark.MadeById).OnDelete(DeleteBehavior.SetNull);
    }
}

/// <summary>Keys and indexes of <see cref="CommentDeed"/>.</summary>
internal sealed class CommentDeedConfiguration : IEntityTypeConfiguration<CommentDeed>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentDeed> builder)
    {
        builder.HasIndex(deed => new { deed.SiteId, deed.Id });
        builder.HasIndex(deed => deed.CommentId);
        builder.Property(deed => deed.Kind).HasConversion<string>();
        builder.Property(deed => deed.Way).HasConversion<string>();
        builder.HasOne<Entities.Person>().WithMany().HasForeignKey(deed => deed.PersonId).OnDelete(DeleteBehavior.SetNull);
    }
}

/// <summary>Keys and indexes of <see cref="CommentNote"/>.</summary>
internal sealed class CommentNoteConfiguration : IEntityTypeConfiguration<CommentNote>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentNote> builder)
    {
        builder.HasIndex(note => note.CommentId);
        builder.HasOne<Entities.Person>().WithMany().HasForeignKey(note => note.PersonId).OnDelete(DeleteBehavior.SetNull);
    }
}

/// <summary>Keys and indexes of <see cref="SavedView"/>.</summary>
internal sealed class SavedViewConfiguration : IEntityTypeConfiguration<SavedView>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SavedView> builder)
    {
        builder.HasIndex(view => new { view.SiteId, view.PersonId });
        builder.HasOne<Entities.Site>().WithMany().HasForeignKey(view => view.SiteId);
        builder.HasOne<Entities.Person>().WithMany().HasForeignKey(view => view.PersonId);
    }
}

/// <summary>Keys and indexes of <see cref="CommentLook"/>.</summary>
internal sealed class CommentLookConfiguration : IEntityTypeConfiguration<CommentLook>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentLook> builder)
    {
        builder.HasKey(look => new { look.SiteId, look.PersonId });
        builder.HasIndex(look => look.CommentId);
    }
}

/// <summary>Keys and indexes of <see cref="NoticeWish"/>.</summary>
internal sealed class NoticeWishConfiguration : IEntityTypeConfiguration<NoticeWish>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<NoticeWish> builder)
    {
        builder.HasIndex(wish => new { wish.SiteId, wish.PersonId }).IsUnique();
        builder.Property(wish => wish.About).HasConversion<string>();
        builder.HasOne(wish => wish.Site).WithMany().HasForeignKey(wish => wish.SiteId);
        builder.HasOne(wish => wish.Person).WithMany().HasForeignKey(wish => wish.PersonId);
    }
}

/// <summary>Keys and indexes of <see cref="DecisionLink"/>.</summary>
internal sealed class DecisionLinkConfiguration : IEntityTypeConfiguration<DecisionLink>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<DecisionLink> builder)
    {
        builder.HasIndex(link => link.Hash).IsUnique();
        builder.HasOne(link => link.Comment).WithMany().HasForeignKey(link => link.CommentId);
        builder.HasOne<Entities.Person>().WithMany().HasForeignKey(link => link.PersonId);
    }
}

/// <summary>Keys and indexes of <see cref="CommentCount"/>.</summary>
internal sealed class CommentCountConfiguration : IEntityTypeConfiguration<CommentCount>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentCount> builder)
    {
        builder.HasKey(count => new { count.SiteId, count.Standing });
        builder.Property(count => count.SiteId).ValueGeneratedNever();
    }
}

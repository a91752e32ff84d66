using System.Linq.Expressions;
using Antiphon.Core.Comments.Deciding;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments;

/// <summary>Keys and indexes of <see cref="Comment"/>.</summary>
internal sealed class CommentConfiguration : IEntityTypeConfiguration<Comment>
{
    private const string AtTop = "\"RootId\" IS NULL AND \"IsShown\"";

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Comment> builder)
    {
        ConfigureLookups(builder);
        ConfigureOrders(builder);
        ConfigureLinks(builder);
        ConfigureValues(builder);
    }

    private static void ConfigureLookups(EntityTypeBuilder<Comment> builder)
    {
        builder.HasIndex(comment => comment.Key).IsUnique();
        builder.HasIndex(comment => new
        {
            comment.SiteId,
            comment.Standing,
            comment.Id,
        });
        builder.HasIndex(comment => new
        {
            comment.ThreadId,
            comment.Standing,
            comment.CreatedAt,
        });
        builder.HasIndex(comment => new { comment.ThreadId, comment.SubmissionKey }).IsUnique();
        builder.HasIndex(comment => new { comment.SiteId, comment.Mail });
        builder.HasIndex(comment => new
        {
            comment.SiteId,
            comment.TextKey,
            comment.CreatedAt,
        });
        builder.HasIndex(comment => new
        {
            comment.SiteId,
            comment.PlaceKey,
            comment.CreatedAt,
        });
        builder.HasIndex(comment => new
        {
            comment.SiteId,
            comment.DecidedById,
            comment.DecidedAt,
        });
        builder.HasIndex(comment => new { comment.ThreadId, comment.CreatedAt });
        // Without those at the top level, so that nobody looks for them here.
        builder.HasIndex(comment => comment.RootId).HasFilter("\"RootId\" IS NOT NULL");
        builder.HasIndex(comment => new
        {
            comment.SiteId,
            comment.NetworkKey,
            comment.CreatedAt,
        });
        // What readers reported stands before everything else in the queue, and is little however much waits.
        builder
            .HasIndex(
                comment => new
                {
                    comment.SiteId,
                    comment.Standing,
                    comment.Id,
                },
                "IX_Comments_Reported"
            )
            .HasFilter("\"Reports\" > \"ReportsKept\"");
    }

    // One index for each order of the comments at the top level, so that a first page costs the same in a long thread
    // as in a short one.
    private static void ConfigureOrders(EntityTypeBuilder<Comment> builder)
    {
        IndexTop(
            builder,
            comment => new
            {
                comment.ThreadId,
                comment.CreatedAt,
                comment.Id,
            },
            "IX_Comments_Top_Time"
        );
        IndexTop(
            builder,
            comment => new
            {
                comment.ThreadId,
                comment.Best,
                comment.Id,
            },
            "IX_Comments_Top_Best",
            true
        );
        IndexTop(
            builder,
            comment => new
            {
                comment.ThreadId,
                comment.Up,
                comment.Id,
            },
            "IX_Comments_Top_Up",
            true
        );
        IndexTop(
            builder,
            comment => new
            {
                comment.ThreadId,
                comment.Down,
                comment.Id,
            },
            "IX_Comments_Top_Down",
            true
        );
        IndexTop(
            builder,
            comment => new
            {
                comment.ThreadId,
                comment.Answers,
                comment.Id,
            },
            "IX_Comments_Top_Answers",
            true
        );
    }

    private static void IndexTop(
        EntityTypeBuilder<Comment> builder,
        Expression<Func<Comment, object?>> order,
        string name,
        bool highestFirst = false
    )
    {
        var index = builder.HasIndex(order, name).HasFilter(AtTop);
        if (highestFirst)
            index.IsDescending(false, true, false);
    }

    private static void ConfigureLinks(EntityTypeBuilder<Comment> builder)
    {
        builder.HasOne(comment => comment.Picture).WithMany().OnDelete(DeleteBehavior.SetNull);
        builder.HasOne(comment => comment.Mention).WithMany().OnDelete(DeleteBehavior.SetNull);
        // Who wrote a comment, and where it leads, is asked everywhere; a mention is no mention without its page.
        builder.Navigation(comment => comment.Mention).AutoInclude();
        builder.HasIndex(comment => new { comment.SiteId, comment.OwnerKey }).HasFilter("\"OwnerKey\" IS NOT NULL");
        builder.HasIndex(comment => comment.PictureId).HasFilter("\"PictureId\" IS NOT NULL");
        builder.HasIndex(comment => comment.MentionId).IsUnique().HasFilter("\"MentionId\" IS NOT NULL");
    }

    private static void ConfigureValues(EntityTypeBuilder<Comment> builder)
    {
        builder.Property(comment => comment.Answers).HasDefaultValue(0).ValueGeneratedOnAddOrUpdate();
        builder
            .Property(comment => comment.IsShown)
            .HasComputedColumnSql("\"Standing\" = 'Public' OR \"Answers\" > 0", stored: false);
        builder
            .Property(comment => comment.Reactions)
            .HasConversion<StoredJsonConverter<Dictionary<string, int>>, StoredJsonComparer<Dictionary<string, int>>>();
        builder
            .Property(comment => comment.Trace)
            .HasConversion<StoredJsonConverter<CommentTrace>, StoredJsonComparer<CommentTrace>>();
    }
}

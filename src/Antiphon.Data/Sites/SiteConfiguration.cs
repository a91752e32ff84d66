using Antiphon.Core.Comments.Deciding;
using Antiphon.Core.Comments.Settings;
using Antiphon.Core.Posts.Blocks;
using Antiphon.Core.Sites;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Sites;

/// <summary>Keys and indexes of <see cref="Site"/>.</summary>
internal sealed class SiteConfiguration : IEntityTypeConfiguration<Site>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Site> builder)
    {
        builder.HasIndex(site => site.PublicKey).IsUnique();
        builder
            .Property(site => site.CommentSettings)
            .HasConversion<StoredJsonConverter<CommentSettings>, StoredJsonComparer<CommentSettings>>();
        builder
            .Property(site => site.CommentRules)
            .HasConversion<StoredJsonConverter<List<CommentRule>>, StoredJsonComparer<List<CommentRule>>>();
        builder
            .Property(site => site.ShareWays)
            .HasConversion<StoredJsonConverter<List<ShareWay>>, StoredJsonComparer<List<ShareWay>>>();
        builder
            .Property(site => site.FollowLinks)
            .HasConversion<StoredJsonConverter<List<FollowLink>>, StoredJsonComparer<List<FollowLink>>>();
    }
}

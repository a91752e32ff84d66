using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Subscribers;

/// <summary>Keys and indexes of <see cref="SubscriptionAsk"/>.</summary>
internal sealed class SubscriptionAskConfiguration : IEntityTypeConfiguration<SubscriptionAsk>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SubscriptionAsk> builder)
    {
        builder.HasIndex(ask => ask.Key).IsUnique();
        builder.HasIndex(ask => new { ask.SiteId, ask.Mail });
    }
}

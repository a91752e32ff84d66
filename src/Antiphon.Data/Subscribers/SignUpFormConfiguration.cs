using Antiphon.Core.Subscribers;
using Antiphon.Data.Conversions;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Subscribers;

/// <summary>Keys and indexes of <see cref="SignUpForm"/>.</summary>
internal sealed class SignUpFormConfiguration : IEntityTypeConfiguration<SignUpForm>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<SignUpForm> builder)
    {
        builder.HasIndex(form => form.Key).IsUnique();
        builder.HasIndex(form => form.SiteId);
        builder
            .HasOne(form => form.Look)
            .WithMany()
            .HasForeignKey(form => form.LookId)
            .OnDelete(DeleteBehavior.SetNull);
        builder
            .Property(form => form.Settings)
            .HasConversion<StoredJsonConverter<SignUpSettings>, StoredJsonComparer<SignUpSettings>>();
    }
}

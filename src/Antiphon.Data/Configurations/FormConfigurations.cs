using Antiphon.Data.Entities;
using Antiphon.Data.Entities.Syndication.Mailing;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Configurations;

/// <summary>Keys and indexes of <see cref="Letter"/>.</summary>
internal sealed class LetterConfiguration : IEntityTypeConfiguration<Letter>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Letter> builder) => builder.HasIndex(letter => letter.NextAttemptAt);
}

/// <summary>Keys and indexes of <see cref="Pattern"/>.</summary>
internal sealed class PatternConfiguration : IEntityTypeConfiguration<Pattern>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Pattern> builder)
    {
        builder.HasOne<Site>().WithMany().HasForeignKey(pattern => pattern.SiteId);
        builder.HasIndex(pattern => new { pattern.SiteId, pattern.Name }).IsUnique();
    }
}

/// <summary>Keys and indexes of <see cref="Question"/>.</summary>
internal sealed class QuestionConfiguration : IEntityTypeConfiguration<Question>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Question> builder)
    {
        builder.HasOne<Site>().WithMany().HasForeignKey(question => question.SiteId);
        builder.HasOne(question => question.Post).WithMany().HasForeignKey(question => question.PostId).OnDelete(DeleteBehavior.SetNull);
        builder.HasIndex(question => new { question.SiteId, question.Id });
    }
}

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

/// <summary>Keys and indexes of <see cref="Invitation"/>.</summary>
internal sealed class InvitationConfiguration : IEntityTypeConfiguration<Invitation>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Invitation> builder)
    {
        builder.HasIndex(invitation => invitation.Hash).IsUnique();
        builder.HasIndex(invitation => invitation.HandHash).IsUnique();
        builder.HasIndex(invitation => new { invitation.SiteId, invitation.Mail }).IsUnique();
        builder.HasOne(invitation => invitation.By).WithMany().HasForeignKey(invitation => invitation.ById).OnDelete(DeleteBehavior.SetNull);
    }
}

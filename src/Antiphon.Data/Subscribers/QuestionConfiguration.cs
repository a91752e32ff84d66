using Antiphon.Data.Sites;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Subscribers;

/// <summary>Keys and indexes of <see cref="Question"/>.</summary>
internal sealed class QuestionConfiguration : IEntityTypeConfiguration<Question>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Question> builder)
    {
        builder.HasOne<Site>().WithMany().HasForeignKey(question => question.SiteId);
        builder
            .HasOne(question => question.Post)
            .WithMany()
            .HasForeignKey(question => question.PostId)
            .OnDelete(DeleteBehavior.SetNull);
        builder.HasIndex(question => new { question.SiteId, question.Id });
    }
}

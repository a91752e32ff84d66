using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Notices;

/// <summary>Keys and indexes of <see cref="Notice"/> and its mails.</summary>
internal sealed class NoticeConfiguration : IEntityTypeConfiguration<Notice>, IEntityTypeConfiguration<NoticeMail>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Notice> builder) =>
        builder.HasIndex(notice => new
        {
            notice.SiteId,
            notice.DoneAt,
            notice.Id,
        });

    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<NoticeMail> builder)
    {
        builder.HasIndex(mail => mail.Key).IsUnique();
        builder.HasIndex(mail => new
        {
            mail.SentAt,
            mail.FailedAt,
            mail.NextAttemptAt,
        });
    }
}

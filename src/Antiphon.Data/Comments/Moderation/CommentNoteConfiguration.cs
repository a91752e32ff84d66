using Antiphon.Data.Accounts;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Comments.Moderation;

/// <summary>Keys and indexes of <see cref="CommentNote"/>.</summary>
internal sealed class CommentNoteConfiguration : IEntityTypeConfiguration<CommentNote>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<CommentNote> builder)
    {
        builder.HasIndex(note => note.CommentId);
        builder.HasOne<Person>().WithMany().HasForeignKey(note => note.PersonId).OnDelete(DeleteBehavior.SetNull);
    }
}

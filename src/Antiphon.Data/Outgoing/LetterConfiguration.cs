using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace Antiphon.Data.Outgoing;

/// <summary>Keys and indexes of <see cref="Letter"/>.</summary>
internal sealed class LetterConfiguration : IEntityTypeConfiguration<Letter>
{
    /// <inheritdoc/>
    public void Configure(EntityTypeBuilder<Letter> builder) => builder.HasIndex(letter => letter.NextAttemptAt);
}

using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace Antiphon.Data.Conversions;

/// <summary>Instants as milliseconds since 1970 in UTC, which SQLite can compare and index.</summary>
internal sealed class InstantConverter()
    : ValueConverter<DateTimeOffset, long>(
        instant => instant.ToUnixTimeMilliseconds(),
        number => DateTimeOffset.FromUnixTimeMilliseconds(number)
    );

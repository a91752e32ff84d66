using Microsoft.EntityFrameworkCore.ChangeTracking;

namespace Antiphon.Data.Conversions;

/// <summary>
/// Records are equal when they are stored alike; records compare their lists by reference, which would miss that.
/// </summary>
internal sealed class StoredJsonComparer<T>()
    : ValueComparer<T>(
        (a, b) => ReferenceEquals(a, b) || (a != null && b != null && StoredJson.Write(a) == StoredJson.Write(b)),
        value => StoredJson.Write(value).GetHashCode(StringComparison.Ordinal),
        value => value
    )
    where T : class;

using System.Globalization;

namespace Antiphon.Server.Posts.Reading;

/// <summary>A place in the list of posts: date and id of the last post of a page.</summary>
/// <param name="Date">Date the list is ordered by.</param>
/// <param name="Id">Tells posts of the same date apart.</param>
internal sealed record PostCursor(DateTimeOffset Date, long Id)
{
    /// <summary>The form used in addresses.</summary>
    public override string ToString() =>
        string.Create(CultureInfo.InvariantCulture, $"{Date.ToUnixTimeMilliseconds()}.{Id}");

    /// <summary>Reads the form used in addresses; null when it is none.</summary>
    public static PostCursor? Parse(string? text)
    {
        var parts = (text ?? string.Empty).Split('.');
        if (
            parts.Length != 2
            || !long.TryParse(parts[0], NumberStyles.Integer, CultureInfo.InvariantCulture, out var date)
        )
            return null;
        if (!long.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var id))
            return null;
        return date is < -62_000_000_000_000 or > 250_000_000_000_000
            ? null
            : new PostCursor(DateTimeOffset.FromUnixTimeMilliseconds(date), id);
    }
}

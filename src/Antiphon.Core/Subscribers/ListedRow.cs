namespace Antiphon.Core.Subscribers;

/// <summary>A row of a list that was looked at.</summary>
/// <param name="Line">Its line in the file, the head being the first.</param>
/// <param name="Mail">Its address in small letters, as far as there is one.</param>
/// <param name="Name">Its name, or null.</param>
/// <param name="Kind">What becomes of it.</param>
public sealed record ListedRow(int Line, string Mail, string? Name, ListedKind Kind)
{
    /// <summary>Whether the list says that they want no mail for a while.</summary>
    public bool IsPaused { get; init; }

    /// <summary>Until when; null where it does not say.</summary>
    public DateTimeOffset? PausedUntil { get; init; }
}

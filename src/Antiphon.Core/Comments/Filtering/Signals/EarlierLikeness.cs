namespace Antiphon.Core.Comments.Filtering.Signals;

/// <summary>How like a comment is to the earlier one it is most like.</summary>
/// <param name="Earlier">Number of the earlier one, or -1 for none.</param>
/// <param name="Share">How much of its text stands there too, from 0 to 1.</param>
internal readonly record struct EarlierLikeness(int Earlier, double Share)
{
    /// <summary>Like none.</summary>
    public static EarlierLikeness None { get; } = new(-1, 0);
}

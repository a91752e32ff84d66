namespace Antiphon.Core.Feeds.Mending;

/// <summary>
/// Finds where marks stand next in a document that is gone through once. What was found stays true until the place is
/// passed, and what was not found is not looked for again, so that a document
/// full of beginnings without ends takes no longer than any other.
/// </summary>
internal sealed class NextPlaces(string source)
{
    private readonly Dictionary<string, (int From, int Place)> _known = new(StringComparer.Ordinal);

    /// <summary>
    /// The first place of a mark from a place on; -1 when there is none. Places asked for may go back a little, never
    /// far.
    /// </summary>
    public int Of(string mark, int from)
    {
        if (_known.TryGetValue(mark, out var known) && from >= known.From && (known.Place < 0 || from <= known.Place))
            return known.Place;
        var place = from >= source.Length ? -1 : source.IndexOf(mark, from, StringComparison.Ordinal);
        _known[mark] = (from, place);
        return place;
    }
}

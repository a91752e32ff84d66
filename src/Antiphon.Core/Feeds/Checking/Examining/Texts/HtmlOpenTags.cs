namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>
/// The tags of HTML that are open. Counted by name, so that an end that ends nothing is told at once, however many are
/// open.
/// </summary>
internal sealed class HtmlOpenTags
{
    private readonly List<HtmlTag> _open = [];
    private readonly Dictionary<string, int> _names = new(StringComparer.Ordinal);
    private Dictionary<string, int>? _cut;

    /// <summary>Those whose end may not be left out, the innermost first.</summary>
    public IEnumerable<HtmlTag> Unclosed() => Enumerable.Reverse(_open).Where(tag => !tag.Element.MayStayOpen);

    /// <summary>True when one of that name is open.</summary>
    public bool Contains(string name) => _names.GetValueOrDefault(name) > 0;

    /// <summary>Opens a tag; a block ends a paragraph before it.</summary>
    public void Open(HtmlTag tag)
    {
        if (tag.Element.IsVoid)
            return;
        if (tag.Element.IsBlock && _open.Count > 0 && _open[^1].Name == "p")
            Pop();
        _open.Add(tag);
        _names[tag.Name] = _names.GetValueOrDefault(tag.Name) + 1;
    }

    /// <summary>
    /// Closes down to the tag an end is of. The tags within it whose end may not be left out, the innermost first; null
    /// when the end closes nothing.
    /// </summary>
    public IReadOnlyList<HtmlTag>? Close(string name)
    {
        if (!Contains(name))
            return null;
        List<HtmlTag>? cut = null;
        while (Pop() is var tag && tag.Name != name)
        {
            if (tag.Element.MayStayOpen)
                continue;
            (cut ??= []).Add(tag);
            _cut ??= new Dictionary<string, int>(StringComparer.Ordinal);
            _cut[tag.Name] = _cut.GetValueOrDefault(tag.Name) + 1;
        }

        return cut ?? (IReadOnlyList<HtmlTag>)[];
    }

    /// <summary>Whether an end that closes nothing is of a tag that was closed early, by the end of one around it.</summary>
    public bool TakeCrossed(string name)
    {
        if (_cut is null || _cut.GetValueOrDefault(name) == 0)
            return false;
        _cut[name]--;
        return true;
    }

    private HtmlTag Pop()
    {
        var tag = _open[^1];
        _open.RemoveAt(_open.Count - 1);
        _names[tag.Name]--;
        return tag;
    }
}

using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Follows which elements of HTML are open, and finds ends that are missing, too many or crossed.</summary>
internal sealed class HtmlNesting
{
    // As many as a text can have that somebody wrote; one with more is told what was found until there.
    private const int Deepest = 2000;

    private readonly List<HtmlTag> _open = [];
    private readonly List<(HtmlTag Tag, string By)> _cut = [];
    private readonly List<(CheckRule Rule, int At, string[] Arguments)> _slips = [];

    /// <summary>Takes the next tag.</summary>
    public void Take(HtmlTag tag)
    {
        if (tag.IsEnd)
            End(tag);
        else
            Start(tag);
    }

    /// <summary>What was found, once all tags are taken.</summary>
    public IEnumerable<(CheckRule Rule, int At, string[] Arguments)> Slips()
    {
        foreach (var (tag, _) in _cut)
            NotClosed(tag);
        foreach (var tag in _open.Where(tag => !HtmlVocabulary.MayStayOpen(tag.Name)))
            NotClosed(tag);
        return _slips;
    }

    private void Start(HtmlTag tag)
    {
        if (HtmlVocabulary.IsVoid(tag.Name) || _open.Count >= Deepest)
            return;
        if (HtmlVocabulary.IsBlock(tag.Name) && _open.Count > 0 && _open[^1].Name == "p")
            _open.RemoveAt(_open.Count - 1);
        if (tag.Name == "a" && _open.Exists(open => open.Name == "a"))
            _slips.Add((HtmlRules.LinkNested, tag.At, []));
        _open.Add(tag);
    }

    private void End(HtmlTag tag)
    {
        if (HtmlVocabulary.IsVoid(tag.Name))
            return;
        var at = _open.FindLastIndex(open => open.Name == tag.Name);
        if (at < 0)
        {
            var crossed = _cut.FindIndex(cut => cut.Tag.Name == tag.Name);
            if (crossed < 0)
                _slips.Add((HtmlRules.EndWithoutStart, tag.At, [$"</{tag.Name}>"]));
            else
            {
                _slips.Add((HtmlRules.Misnested, _cut[crossed].Tag.At, [_cut[crossed].By, tag.Name]));
                _cut.RemoveAt(crossed);
            }

            return;
        }

        foreach (var inner in _open.Skip(at + 1).Where(inner => !HtmlVocabulary.MayStayOpen(inner.Name)))
            _cut.Add((inner, tag.Name));
        _open.RemoveRange(at, _open.Count - at);
    }

    private void NotClosed(HtmlTag tag) => _slips.Add((HtmlRules.NotClosed, tag.At, [$"<{tag.Name}>"]));
}

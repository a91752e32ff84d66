using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Follows which elements of HTML are open, and finds ends that are missing, too many or crossed.</summary>
internal sealed class HtmlNesting
{
    private readonly HtmlOpenTags _open = new();

    // The last of a name that was closed early, with the end that did it; of each rule the first slip is told anyway.
    private readonly Dictionary<string, (HtmlTag Tag, string By)> _cut = new(StringComparer.Ordinal);
    private readonly List<HtmlTag> _early = [];
    private readonly HashSet<HtmlTag> _crossed = new(ReferenceEqualityComparer.Instance);
    private readonly List<(CheckRule Rule, int At, string[] Arguments)> _slips = [];

    /// <summary>Takes the next tag.</summary>
    public void Take(HtmlTag tag)
    {
        if (tag.IsEnd)
            End(tag);
        else
        {
            if (tag.Name == "a" && _open.Contains("a"))
                _slips.Add((HtmlRules.LinkNested, tag.At, []));
            _open.Open(tag);
        }
    }

    /// <summary>What was found, once all tags are taken.</summary>
    public IEnumerable<(CheckRule Rule, int At, string[] Arguments)> Slips()
    {
        foreach (var tag in _early.Where(tag => !_crossed.Contains(tag)).Concat(_open.Unclosed()))
            _slips.Add((HtmlRules.NotClosed, tag.At, [$"<{tag.Name}>"]));
        return _slips;
    }

    private void End(HtmlTag tag)
    {
        if (HtmlVocabulary.IsVoid(tag.Name))
            return;
        if (_open.Close(tag.Name) is { } cut)
        {
            foreach (var inner in cut)
            {
                _cut[inner.Name] = (inner, tag.Name);
                _early.Add(inner);
            }
        }
        else if (_open.TakeCrossed(tag.Name))
        {
            var (inner, by) = _cut[tag.Name];
            _crossed.Add(inner);
            _slips.Add((HtmlRules.Misnested, inner.At, [by, tag.Name]));
        }
        else
            _slips.Add((HtmlRules.EndWithoutStart, tag.At, [$"</{tag.Name}>"]));
    }
}

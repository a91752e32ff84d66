using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>Follows which elements of HTML are open, and finds ends that are missing, too many or crossed.</summary>
internal sealed class HtmlNesting
{
    private readonly HtmlOpenTags _open = new();

    // The last of a name that was closed early, with the end that did it; of each rule the first slip is told anyway.
    private Dictionary<string, (HtmlTag Tag, string By)> Cut => field ??= new(StringComparer.Ordinal);
    private List<HtmlTag> Early => field ??= [];
    private HashSet<HtmlTag> Crossed => field ??= new(ReferenceEqualityComparer.Instance);
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
            if (HtmlVocabulary.PartOf(tag.Name) is { } wholes && !Array.Exists(wholes, _open.Contains))
                _slips.Add((HtmlRules.OutsideParent, tag.At, [$"<{tag.Name}>", $"<{wholes[0]}>"]));
            _open.Open(tag);
        }
    }

    /// <summary>What was found, once all tags are taken.</summary>
    public IEnumerable<(CheckRule Rule, int At, string[] Arguments)> Slips()
    {
        foreach (var tag in Early.Where(tag => !Crossed.Contains(tag)).Concat(_open.Unclosed()))
            _slips.Add((HtmlRules.NotClosed, tag.At, [$"<{tag.Name}>"]));
        return _slips;
    }

    private void End(HtmlTag tag)
    {
        if (tag.Element.IsVoid)
            return;
        if (_open.Close(tag.Name) is { } cut)
        {
            foreach (var inner in cut)
            {
                Cut[inner.Name] = (inner, tag.Name);
                Early.Add(inner);
            }
        }
        else if (_open.TakeCrossed(tag.Name))
        {
            var (inner, by) = Cut[tag.Name];
            Crossed.Add(inner);
            _slips.Add((HtmlRules.Misnested, inner.At, [by, tag.Name]));
        }
        else
            _slips.Add((HtmlRules.EndWithoutStart, tag.At, [$"</{tag.Name}>"]));
    }
}

using System.Net;
using System.Text;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Checking.Examining.Texts;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Rules.Texts;

namespace Antiphon.Core.Feeds.Repair.Values;

/// <summary>
/// Puts the tags of HTML right where they stand; everything else stays as it was written, to the letter.
/// </summary>
internal sealed partial class HtmlRepair
{
    private readonly string _html;
    private readonly List<(string Rule, string Words)> _notes = [];
    private readonly List<(int At, int Length, string Instead)> _edits = [];
    private readonly HtmlOpenTags _open = new();

    private HtmlRepair(string html) => _html = html;

    /// <summary>A text without the marks of a CDATA section around it; null where there are none.</summary>
    public static string? WithoutSectionMarks(string text) =>
        Section().Replace(text, string.Empty) is var plain && plain != text ? plain : null;

    /// <summary>The HTML put right.</summary>
    public static string Run(string html, Action<string, string> note)
    {
        var plain = WithoutSectionMarks(html) ?? html;
        if (plain != html)
            note(HtmlRules.Section.Id, "Left out the marks of a CDATA section that readers would see");
        plain = HtmlExaminer
            .Entity()
            .Replace(plain, entity =>
            {
                var name = entity.Groups[1].Value;
                if (HtmlExaminer.IsKnownEntity(name))
                    return entity.Value;
                // A number that is no character has never been seen by anybody.
                if (name[0] == '#')
                {
                    note(HtmlRules.EntityUnknown.Id, $"Left out {entity.Value}, which is no character");
                    return string.Empty;
                }

                note(HtmlRules.EntityUnknown.Id, $"Escaped the ampersand of {entity.Value}");
                return "&amp;" + entity.Value[1..];
            });
        return plain.Contains('<', StringComparison.Ordinal) ? new HtmlRepair(plain).Tags(note) : plain;
    }

    private string Tags(Action<string, string> note)
    {
        var tags = new HtmlTags(_html);
        while (tags.Next() is { } tag)
        {
            // Nobody knows where a tag was meant to end, so nothing behind it is touched.
            if (tag.IsBroken)
                return _html;
            var end = tags.Position;
            if (tag.Element.IsOfPages || tag.Name == "!doctype")
                TakeOfPage(tag, end);
            else if (tag.IsEnd)
                TakeEnd(tag, end);
            else
                TakeStart(tag, end);
        }

        foreach (var tag in _open.Unclosed())
        {
            Note(HtmlRules.NotClosed.Id, $"Closed <{tag.Name}>");
            _edits.Add((_html.Length, 0, $"</{tag.Name}>"));
        }

        foreach (var (rule, words) in _notes)
            note(rule, words);
        return _edits.Count == 0 ? _html : Edited();
    }

    // The words of a page's title are no words of the text.
    private void TakeOfPage(HtmlTag tag, int end)
    {
        Note(HtmlRules.Document.Id, $"Left out <{(tag.IsEnd ? "/" : string.Empty)}{tag.Name}>");
        _edits.Add((tag.At, end - tag.At, string.Empty));
    }

    private void TakeStart(HtmlTag tag, int end)
    {
        Rewrite(tag, end);
        _open.Open(tag);
    }

    private void TakeEnd(HtmlTag tag, int end)
    {
        if (tag.Element.IsVoid)
            return;
        if (_open.Close(tag.Name) is not { } cut)
        {
            var rule = _open.TakeCrossed(tag.Name) ? HtmlRules.Misnested : HtmlRules.EndWithoutStart;
            Note(rule.Id, $"Left out </{tag.Name}>, which closes nothing there");
            _edits.Add((tag.At, end - tag.At, string.Empty));
            return;
        }

        foreach (var inner in cut)
        {
            Note(HtmlRules.NotClosed.Id, $"Closed <{inner.Name}> before </{tag.Name}>");
            _edits.Add((tag.At, 0, $"</{inner.Name}>"));
        }
    }

    // The tag is written anew only when one of its attributes is not right.
    private void Rewrite(HtmlTag tag, int end)
    {
        var kept = new List<HtmlAttribute>();
        var seen = new HashSet<string>(StringComparer.Ordinal);
        var isChanged = false;
        foreach (var attribute in tag.Attributes)
        {
            var right = !seen.Add(attribute.Name)
                ? Dropped(HtmlRules.AttributeTwice.Id, tag, attribute)
                : Right(tag, attribute);
            isChanged |= right is null || right != attribute;
            if (right is not null)
                kept.Add(right);
        }

        if (!isChanged)
            return;
        var text = new StringBuilder("<").Append(_html, tag.At + 1, tag.Name.Length);
        foreach (var attribute in kept)
            text.Append(' ')
                .Append(attribute.Name)
                .Append("=\"")
                .Append(WebUtility.HtmlEncode(attribute.Value))
                .Append('"');
        text.Append(_html.AsSpan(tag.At, end - tag.At).EndsWith("/>") ? "/>" : ">");
        _edits.Add((tag.At, end - tag.At, text.ToString()));
    }

    private HtmlAttribute? Right(HtmlTag tag, HtmlAttribute attribute)
    {
        if (EventName().IsMatch(attribute.Name))
            return Dropped(ContentRules.EventAttribute.Id, tag, attribute);
        if (!HtmlVocabulary.HoldsAddress(attribute.Name) || attribute.Name == "srcset")
            return attribute;
        var address = attribute.Value.Trim();
        if (HtmlAddressTests.RunsScript(address))
            return Dropped(ContentRules.ScriptAddress.Id, tag, attribute);
        if (address.Length == 0 && attribute.Name == "href")
            return Dropped(HtmlRules.AddressEmpty.Id, tag, attribute);
        var isWeb =
            address.StartsWith("http", StringComparison.OrdinalIgnoreCase)
            || AddressForm.WithRightScheme(address) is not null;
        if (!isWeb || ValueRepair.Repaired(AddressForm.Absolute, address, null) is not { } right)
            return attribute;
        Note(
            HtmlRules.AddressWrong.Id,
            $"Wrote the address {Antiphon.Core.Text.Shortened.ToLength(address, 60)} as {Antiphon.Core.Text.Shortened.ToLength(right.Value, 60)}"
        );
        return attribute with { Value = right.Value };
    }

    private HtmlAttribute? Dropped(string rule, HtmlTag tag, HtmlAttribute attribute)
    {
        Note(rule, $"Left out {attribute.Name} of <{tag.Name}>");
        return null;
    }

    private void Note(string rule, string words) => _notes.Add((rule, words));

    private string Edited()
    {
        var text = new StringBuilder();
        var at = 0;
        // Of several at one place the first noted comes first.
        foreach (var (place, length, instead) in _edits.OrderBy(edit => edit.At))
        {
            text.Append(_html, at, place - at).Append(instead);
            at = place + length;
        }

        return text.Append(_html, at, _html.Length - at).ToString();
    }

    [GeneratedRegex("^on[a-z]{3,20}$")]
    private static partial Regex EventName();

    [GeneratedRegex(@"^\s*(?:<|&lt;)!\[CDATA\[|\]\](?:>|&gt;)\s*$")]
    private static partial Regex Section();
}

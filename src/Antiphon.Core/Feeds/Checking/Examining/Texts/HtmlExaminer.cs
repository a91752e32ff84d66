using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using Antiphon.Core.Feeds.Forms;
using Antiphon.Core.Feeds.Mending;
using Antiphon.Core.Feeds.Rules.Texts;
using Antiphon.Core.Feeds.Source;
using Antiphon.Core.Findings;

namespace Antiphon.Core.Feeds.Checking.Examining.Texts;

/// <summary>
/// Applies the rules about HTML to one text, in one pass over its tags. Of each rule the first slip is told, of relative
/// addresses every one.
/// </summary>
/// <param name="examination">Takes what is found.</param>
/// <param name="html">The text.</param>
/// <param name="placeAt">The place of a character of the text in the document.</param>
/// <param name="hasBase">Whether relative addresses lead somewhere here.</param>
internal sealed partial class HtmlExaminer(
    Examination examination,
    string html,
    Func<int, ISourcePlace> placeAt,
    bool hasBase
)
{
    private readonly HashSet<string> _told = [];
    private readonly HashSet<string> _names = new(StringComparer.Ordinal);
    private int _relative;

    /// <summary>Examines the text.</summary>
    public void Examine()
    {
        ExamineWords();
        if (!html.Contains('<', StringComparison.Ordinal))
            return;
        var comment = html.LastIndexOf("<!--", StringComparison.Ordinal);
        if (comment >= 0 && html.IndexOf("-->", comment, StringComparison.Ordinal) < 0)
            Report(HtmlRules.TagBroken, comment, "<!--");
        var tags = new HtmlTags(html);
        var nesting = new HtmlNesting();
        while (tags.Next() is { } tag)
        {
            if (tag.IsBroken)
            {
                Report(HtmlRules.TagBroken, tag.At, $"<{(tag.IsEnd ? "/" : string.Empty)}{tag.Name}");
                return;
            }

            nesting.Take(tag);
            if (!tag.IsEnd)
                ExamineTag(tag);
        }

        foreach (var (rule, at, arguments) in nesting.Slips())
            Report(rule, at, arguments);
    }

    private void ExamineWords()
    {
        if (SectionMark(html) is { } section)
            Report(HtmlRules.Section, section.Index, section.Value);
        if (!html.Contains('&', StringComparison.Ordinal))
            return;
        if (EscapedTwice().Match(html) is { Success: true } twice)
            Report(SharedRules.EscapedTwice, twice.Index, twice.Value);
        else if (IsEscapedWhole(html))
            Report(SharedRules.EscapedTwice, html.IndexOf('&', StringComparison.Ordinal), "&lt;");
        foreach (var found in Entity().EnumerateMatches(html))
        {
            var name = html.Substring(found.Index + 1, found.Length - 2);
            if (IsKnownEntity(name))
                continue;
            Report(HtmlRules.EntityUnknown, found.Index, $"&{name};");
            return;
        }
    }

    private void ExamineTag(HtmlTag tag)
    {
        if (tag.Element.IsUnsafe)
            Report(SharedRules.UnsafeMarkup, tag.At, tag.Name);
        else if (tag.Element.IsOfPages || tag.Name == "!doctype")
            Report(HtmlRules.Document, tag.At, $"<{tag.Name}>");
        else if (!tag.Element.IsKnown)
            Report(HtmlRules.ElementUnknown, tag.At, tag.Name);
        else if (tag.Element.IsObsolete)
            Report(HtmlRules.ElementObsolete, tag.At, tag.Name);
        if (tag.Name == "img")
        {
            if (tag.Value("alt") is null)
                Report(ContentRules.PictureWithoutWords, tag.At);
            if (tag.Value("src") is null && tag.Value("srcset") is null)
                Report(HtmlRules.AddressEmpty, tag.At, tag.Name, "src");
        }

        _names.Clear();
        foreach (var attribute in tag.Attributes)
        {
            if (!_names.Add(attribute.Name))
                Report(HtmlRules.AttributeTwice, attribute.At, tag.Name, attribute.Name);
            ExamineAttribute(tag, attribute);
        }
    }

    private void ExamineAttribute(HtmlTag tag, HtmlAttribute attribute)
    {
        if (attribute.Name.StartsWith("on", StringComparison.Ordinal) && Event().IsMatch(attribute.Name))
            Report(ContentRules.EventAttribute, tag.At, attribute.Name);
        else if (attribute.Name == "style" && Position().IsMatch(attribute.Value))
            Report(HtmlRules.StyleAttribute, attribute.At, attribute.Value);
        else if (attribute.Name == "srcset")
        {
            foreach (var source in attribute.Value.Split(", ", StringSplitOptions.RemoveEmptyEntries))
                ExamineAddress(tag, attribute, source.Trim().Split(' ')[0]);
        }
        else if (HtmlVocabulary.HoldsAddress(attribute.Name))
            ExamineAddress(tag, attribute, attribute.Value.Trim());
    }

    private void ExamineAddress(HtmlTag tag, HtmlAttribute attribute, string address)
    {
        if (address.Length == 0)
        {
            if (attribute.Name is "href" or "src")
                Report(HtmlRules.AddressEmpty, tag.At, tag.Name, attribute.Name);
        }
        else if (HtmlAddressTests.IsWeb(address))
        {
            if (AddressForm.Absolute(address) is { Rule.Severity: Severity.Error })
                Report(HtmlRules.AddressWrong, attribute.At, address);
        }
        else if (HtmlAddressTests.RunsScript(address))
            Report(ContentRules.ScriptAddress, attribute.At);
        else if (address.StartsWith("//", StringComparison.Ordinal))
            Report(HtmlRules.AddressProtocol, attribute.At, address);
        else if (HtmlAddressTests.HasScheme(address) || AddressForm.WithRightScheme(address) is not null)
        {
            // Pictures may stand in the text itself, and links may lead to mail and telephone.
            var isPlain =
                !address.StartsWith("http", StringComparison.OrdinalIgnoreCase)
                && AddressForm.WithRightScheme(address) is null;
            if (HtmlAddressTests.IsOfMachine(address))
                Report(AddressRules.Unsuited, attribute.At, address);
            else if (!isPlain && AddressForm.Absolute(address) is { Rule: var rule } && rule.Severity == Severity.Error)
                Report(HtmlRules.AddressWrong, attribute.At, address);
        }
        else if (address[0] != '#' && !hasBase && _relative++ < Examination.MostOfOneRule)
            examination.Report(SharedRules.RelativeAddress, placeAt(attribute.At), address);
    }

    private void Report(CheckRule rule, int at, params string[] arguments)
    {
        if (_told.Add(rule.Id))
            examination.Report(rule, placeAt(at), arguments);
    }

    /// <summary>Whether HTML has a character of that name or number (HTML Standard, §13.1.4).</summary>
    internal static bool IsKnownEntity(string name)
    {
        if (name[0] != '#')
            return HtmlEntities.IsOfXml(name) || HtmlEntities.Find(name) is not null;
        var isHexadecimal = name[1] is 'x' or 'X';
        return int.TryParse(
                name.AsSpan(isHexadecimal ? 2 : 1),
                isHexadecimal ? NumberStyles.AllowHexSpecifier : NumberStyles.None,
                CultureInfo.InvariantCulture,
                out var number
            )
            && number > 0
            && Rune.IsValid(number);
    }

    /// <summary>A mark of a CDATA section that is text, where readers would see it; null for none.</summary>
    internal static Match? SectionMark(string text) =>
        (text.Contains("]]", StringComparison.Ordinal) || text.Contains("![CDATA[", StringComparison.Ordinal))
        && Section().Match(text) is { Success: true } mark
            ? mark
            : null;

    /// <summary>An entity whose ampersand was escaped again.</summary>
    [GeneratedRegex(@"&amp;(?:amp|lt|gt|quot|apos|nbsp|#\d{1,6}|#x[0-9a-fA-F]{1,5});")]
    internal static partial Regex EscapedTwice();

    /// <summary>
    /// Whether a text is nothing but an element whose tags were escaped: readers show the tags instead of what they say.
    /// </summary>
    internal static bool IsEscapedWhole(string html) =>
        !html.Contains('<', StringComparison.Ordinal)
        && html.AsSpan().TrimStart().StartsWith("&lt;", StringComparison.Ordinal)
        && EscapedWhole().IsMatch(html);

    [GeneratedRegex(@"^\s*&lt;([A-Za-z][A-Za-z0-9]{0,9})\b(?:[^&]|&(?!gt;))*&gt;[\s\S]*&lt;/\1&gt;\s*$")]
    private static partial Regex EscapedWhole();

    [GeneratedRegex(@"(?:<|&lt;)!\[CDATA\[|\]\](?:>|&gt;)\s*$")]
    private static partial Regex Section();

    /// <summary>A character by its name or number.</summary>
    [GeneratedRegex("&([A-Za-z][A-Za-z0-9]{1,31}|#[0-9]{1,12}|#[xX][0-9A-Fa-f]{1,12});")]
    internal static partial Regex Entity();

    [GeneratedRegex("^on[a-z]{3,20}$")]
    private static partial Regex Event();

    [GeneratedRegex(@"position\s*:\s*(?:fixed|absolute|sticky)|z-index\s*:", RegexOptions.IgnoreCase)]
    private static partial Regex Position();
}

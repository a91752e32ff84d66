using AngleSharp;
using AngleSharp.Dom;
using Antiphon.Core.Html.Trees;
using Ganss.Xss;

namespace Antiphon.Core.Html;

/// <summary>
/// Makes HTML from outside safe to show: an allow-list of elements, attributes and schemes, and relative addresses made
/// absolute.
/// </summary>
public sealed class HtmlCleaner
{
    // In the mode of standards, in which a paragraph ends before a table.
    private const string Opening = "<!doctype html><html><body>";

    private readonly HtmlSanitizer _sanitizer;
    private readonly Func<string?, string?> _rankOf;

    private HtmlCleaner(IReadOnlyList<string> elements, IReadOnlyList<string> classes, Func<string?, string?> rankOf)
    {
        _rankOf = rankOf;
        _sanitizer = new HtmlSanitizer(
            new HtmlSanitizerOptions
            {
                AllowedTags = new HashSet<string>(elements, StringComparer.OrdinalIgnoreCase),
                AllowedAttributes = new HashSet<string>(
                    classes.Count == 0 ? HtmlAllowList.Attributes : HtmlAllowList.Attributes.Append("class"),
                    StringComparer.OrdinalIgnoreCase
                ),
                AllowedSchemes = new HashSet<string>(HtmlAllowList.Schemes, StringComparer.OrdinalIgnoreCase),
                UriAttributes = new HashSet<string>(HtmlAllowList.AddressAttributes, StringComparer.OrdinalIgnoreCase),
                AllowedCssProperties = new HashSet<string>(),
                AllowedCssClasses = new HashSet<string>(classes, StringComparer.Ordinal),
            }
        );
        _sanitizer.KeepChildNodes = true;
        _sanitizer.RemovingCssClass += (_, e) => e.Cancel = IsLanguage(e.CssClass);
    }

    /// <summary>For the body of a post that is written here: its links count as links of the site.</summary>
    public static HtmlCleaner ForPosts { get; } =
        new(HtmlAllowList.PostElements, HtmlAllowList.PostClasses, LinkRanks.OfOwner);

    /// <summary>For the body of a post of another site.</summary>
    public static HtmlCleaner ForFollowedPosts { get; } =
        new(HtmlAllowList.PostElements, HtmlAllowList.PostClasses, _ => LinkRanks.OfOthers);

    /// <summary>For comments.</summary>
    public static HtmlCleaner ForComments { get; } = new(HtmlAllowList.CommentElements, [], _ => LinkRanks.OfOthers);

    /// <summary>
    /// The cleaned fragment. Never throws; of a text beyond <see cref="HtmlLimits.Text"/> only the words are kept.
    /// </summary>
    /// <param name="html">Any text; null gives an empty string.</param>
    /// <param name="baseAddress">What relative addresses are resolved against; without it they stay as they
    /// are.</param>
    public string Clean(string? html, Uri? baseAddress = null)
    {
        if (string.IsNullOrWhiteSpace(html))
            return string.Empty;
        // First everything goes that may not stay, in one pass; taking it out of the tree piece by piece, as the
        // sanitiser would, costs the square of the pieces.
        if (HtmlReader.Read(Opening + html, HtmlLimits.Text).Document is not { Body: { } whole })
            return Words(html);
        if (
            HtmlReader.Read(Opening + MarkupWriter.Write(whole, FateOf, ValueOf), HtmlLimits.Text).Document
            is not { Body: { } body } document
        )
            return Words(html);
        using (document)
        {
            foreach (var part in new[] { document.DocumentElement, document.Head, body })
                Strip(part);
            _sanitizer.SanitizeDom(document, body, baseAddress?.AbsoluteUri ?? string.Empty);
            foreach (var link in body.QuerySelectorAll("a[href]"))
            {
                if (_rankOf(link.GetAttribute("rel")) is { } rank)
                    link.SetAttribute("rel", rank);
                else
                    link.RemoveAttribute("rel");
            }

            return body.ChildNodes.ToHtml(_sanitizer.OutputFormatter);
        }
    }

    private static string Words(string html) => System.Net.WebUtility.HtmlEncode(MarkupScan.WordsOf(html));

    // Attributes of a second html or body tag are put on the first one (HTML, 13.2.6.4.7).
    private static void Strip(IElement? part)
    {
        foreach (var attribute in part?.Attributes.ToList() ?? [])
            part!.RemoveAttribute(attribute.Name);
    }

    private TreeFate FateOf(INode node) =>
        node switch
        {
            IElement
            {
                LocalName: "script"
                    or "style"
                    or "template"
                    or "noscript"
                    or "iframe"
                    or "object"
                    or "svg"
                    or "math"
                    or "textarea"
                    or "select"
            } => TreeFate.Remove,
            IElement element => _sanitizer.AllowedTags.Contains(element.LocalName) ? TreeFate.Keep : TreeFate.Unwrap,
            IText => TreeFate.Keep,
            _ => TreeFate.Remove,
        };

    private string? ValueOf(string name, string value)
    {
        if (!_sanitizer.AllowedAttributes.Contains(name))
            return null;
        if (name != "class")
            return value;
        var classes = value
            .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
            .Where(text => _sanitizer.AllowedClasses.Contains(text) || IsLanguage(text))
            .Distinct()
            .ToList();
        return classes.Count == 0 ? null : string.Join(' ', classes);
    }

    private static bool IsLanguage(string name) =>
        name.StartsWith(HtmlAllowList.LanguageClass, StringComparison.Ordinal)
        && name.Length <= 40
        && name.All(c => char.IsAsciiLetterOrDigit(c) || c is '-' or '+' or '#');
}

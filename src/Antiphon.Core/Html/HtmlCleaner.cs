using AngleSharp.Dom;
using Ganss.Xss;

namespace Antiphon.Core.Html;

/// <summary>Makes HTML from outside safe to show: an allow-list of elements, attributes and schemes, and relative addresses made absolute.</summary>
public sealed class HtmlCleaner
{
    /// <summary>Longest text that is cleaned, in characters; the rest is cut off before parsing.</summary>
    public const int MaxLength = 2_000_000;

    /// <summary>Deepest nesting that is parsed; deeper markup is reduced to its text, as no author writes it.</summary>
    public const int MaxDepth = 200;

    private readonly HtmlSanitizer _sanitizer;

    private HtmlCleaner(IReadOnlyList<string> elements, IReadOnlyList<string> classes)
    {
        _sanitizer = new HtmlSanitizer(new HtmlSanitizerOptions
        {
            AllowedTags = new HashSet<string>(elements, StringComparer.OrdinalIgnoreCase),
            AllowedAttributes = new HashSet<string>(classes.Count == 0 ? HtmlAllowList.Attributes : HtmlAllowList.Attributes.Append("class"), StringComparer.OrdinalIgnoreCase),
            AllowedSchemes = new HashSet<string>(HtmlAllowList.Schemes, StringComparer.OrdinalIgnoreCase),
            UriAttributes = new HashSet<string>(HtmlAllowList.AddressAttributes, StringComparer.OrdinalIgnoreCase),
            AllowedCssProperties = new HashSet<string>(),
            AllowedCssClasses = new HashSet<string>(classes, StringComparer.Ordinal),
        });
        _sanitizer.KeepChildNodes = true;
        _sanitizer.RemovingTag += (_, e) => DropWithContent(e.Tag);
        _sanitizer.RemovingCssClass += (_, e) => e.Cancel = IsLanguage(e.CssClass);
        _sanitizer.PostProcessNode += (_, e) => MarkOutsideLink(e.Node);
    }

    /// <summary>For the body of a post.</summary>
    public static HtmlCleaner ForPosts { get; } = new(HtmlAllowList.PostElements, HtmlAllowList.PostClasses);

    /// <summary>For comments.</summary>
    public static HtmlCleaner ForComments { get; } = new(HtmlAllowList.CommentElements, []);

    /// <summary>The cleaned fragment. Never throws; text nested beyond <see cref="MaxDepth"/> keeps its words and loses its markup.</summary>
    /// <param name="html">Any text; null gives an empty string.</param>
    /// <param name="baseAddress">What relative addresses are resolved against; without it they stay as they are.</param>
    public string Clean(string? html, Uri? baseAddress = null)
    {
        if (string.IsNullOrWhiteSpace(html)) return string.Empty;
        if (html.Length > MaxLength) html = html[..MaxLength];
        if (NestingDepth.Of(html) > MaxDepth) return System.Net.WebUtility.HtmlEncode(NestingDepth.WordsOf(html));
        lock (_sanitizer)
        {
            return _sanitizer.Sanitize(html, baseAddress?.AbsoluteUri ?? string.Empty);
        }
    }

    private static void DropWithContent(IElement element)
    {
        if (element.LocalName is "script" or "style" or "template" or "noscript" or "iframe" or "object" or "svg" or "math" or "textarea" or "select")
        {
            element.InnerHtml = string.Empty;
        }
    }

    private static bool IsLanguage(string name) => name.StartsWith(HtmlAllowList.LanguageClass, StringComparison.Ordinal) && name.Length <= 40 && name.All(c => char.IsAsciiLetterOrDigit(c) || c is '-' or '+' or '#');

    private static void MarkOutsideLink(INode node)
    {
        if (node is IElement { LocalName: "a" } link && link.HasAttribute("href")) link.SetAttribute("rel", "noopener nofollow ugc");
    }
}

using System.Text.RegularExpressions;
using AngleSharp.Css.Dom;
using AngleSharp.Css.Parser;

namespace Antiphon.Core.Listings.Styles.Css;

/// <summary>Checks one declaration of the owner's CSS.</summary>
internal static partial class CssDeclaration
{
    // What our parser does not know although browsers do, and what is worth suggesting for a slip.
    private static readonly HashSet<string> Known = new(StringComparer.OrdinalIgnoreCase)
    {
        "align-content",
        "align-items",
        "align-self",
        "animation",
        "aspect-ratio",
        "backdrop-filter",
        "background",
        "background-color",
        "background-image",
        "background-position",
        "background-size",
        "border",
        "border-bottom",
        "border-color",
        "border-left",
        "border-radius",
        "border-right",
        "border-style",
        "border-top",
        "border-width",
        "box-shadow",
        "box-sizing",
        "break-inside",
        "clip-path",
        "color",
        "color-scheme",
        "column-gap",
        "columns",
        "content",
        "cursor",
        "display",
        "filter",
        "flex",
        "flex-direction",
        "flex-wrap",
        "float",
        "font",
        "font-family",
        "font-feature-settings",
        "font-size",
        "font-style",
        "font-variant",
        "font-variant-caps",
        "font-variant-numeric",
        "font-weight",
        "gap",
        "grid-column",
        "grid-row",
        "grid-template-columns",
        "grid-template-rows",
        "height",
        "hyphens",
        "inset",
        "justify-content",
        "justify-items",
        "justify-self",
        "left",
        "letter-spacing",
        "line-height",
        "list-style",
        "margin",
        "margin-block",
        "margin-bottom",
        "margin-inline",
        "margin-left",
        "margin-right",
        "margin-top",
        "max-height",
        "max-width",
        "min-height",
        "min-width",
        "mix-blend-mode",
        "object-fit",
        "object-position",
        "opacity",
        "order",
        "outline",
        "outline-offset",
        "overflow",
        "overflow-wrap",
        "padding",
        "padding-block",
        "padding-bottom",
        "padding-inline",
        "padding-left",
        "padding-right",
        "padding-top",
        "position",
        "right",
        "rotate",
        "row-gap",
        "scale",
        "text-align",
        "text-decoration",
        "text-decoration-color",
        "text-decoration-thickness",
        "text-indent",
        "text-overflow",
        "text-shadow",
        "text-transform",
        "text-underline-offset",
        "text-wrap",
        "top",
        "transform",
        "transform-origin",
        "transition",
        "translate",
        "vertical-align",
        "visibility",
        "white-space",
        "width",
        "word-break",
        "word-spacing",
        "writing-mode",
        "z-index",
    };

    /// <summary>The declaration as it is taken, or null with a problem added.</summary>
    public static string? Check(int line, string text, List<CssProblem> problems)
    {
        string? Refuse(CssProblemKind kind, string? suggestion = null)
        {
            problems.Add(new CssProblem(line, kind, CssBlocks.Shown(text), suggestion));
            return null;
        }

        var colon = text.IndexOf(':', StringComparison.Ordinal);
        var (name, value) =
            colon < 0 ? (text, string.Empty) : (text[..colon].Trim().ToLowerInvariant(), text[(colon + 1)..].Trim());
        if (value.Length == 0 || !Name().IsMatch(name))
            return Refuse(CssProblemKind.NoDeclaration);
        if (!CssBlocks.IsClosed(value))
            return Refuse(CssProblemKind.NotClosed);
        if (ReachesOut(name, value))
            return Refuse(CssProblemKind.ReachesOut);
        if (AddressBegun().Count(value) != WholeAddress().Count(value))
            return Refuse(CssProblemKind.NotClosed);
        if (name.StartsWith("--", StringComparison.Ordinal) || IsUnderstood(name, value))
            return $"{name}:{value}";
        if (!Known.Contains(name) && !IsUnderstood(name, "inherit"))
            return Refuse(CssProblemKind.UnknownProperty, NearestWord.Of(name, Known));
        // Functions and quite new properties are more than our parser knows; browsers leave out what they do not know
        // either.
        return value.Contains('(', StringComparison.Ordinal) || !IsUnderstood(name, "inherit")
            ? $"{name}:{value}"
            : Refuse(CssProblemKind.BadValue);
    }

    private static bool IsUnderstood(string name, string value) =>
        new CssParser().ParseStyleSheet($"x{{{name}:{value}}}").Rules is [ICssStyleRule { Style.Length: > 0 }];

    private static bool ReachesOut(string name, string value) =>
        (name == "position" && Fixed().IsMatch(value))
        || name is "behavior" or "-moz-binding"
        || Running().IsMatch(value)
        || Addresses()
            .Matches(value)
            .Any(match =>
                !match.Groups[1].Value.StartsWith("https://", StringComparison.OrdinalIgnoreCase)
                && !match.Groups[1].Value.StartsWith("data:image/", StringComparison.OrdinalIgnoreCase)
            );

    // A name and nothing else: in any other text before the colon an address or a bracket could begin that browsers end
    // in a rule to come.
    [GeneratedRegex(@"^(?:--[\w-]+|-?[a-z][a-z0-9-]*)$", RegexOptions.IgnoreCase)]
    private static partial Regex Name();

    // An address without quotes ends at the first round bracket, whatever strings seem to stand in it (CSS Syntax Level
    // 3, 4.3.6 and 4.3.14); so it may hold none.
    [GeneratedRegex(@"url\(", RegexOptions.IgnoreCase)]
    private static partial Regex AddressBegun();

    [GeneratedRegex(@"url\(\s*(?:""[^""\\\n]*""|'[^'\\\n]*'|[^""'()\\\s]*)\s*\)", RegexOptions.IgnoreCase)]
    private static partial Regex WholeAddress();

    [GeneratedRegex("fixed|sticky", RegexOptions.IgnoreCase)]
    private static partial Regex Fixed();

    [GeneratedRegex(@"expression\s*\(|javascript:|\\", RegexOptions.IgnoreCase)]
    private static partial Regex Running();

    [GeneratedRegex(@"(?:url|src|image-set)\(\s*[""']?([^""')]*)", RegexOptions.IgnoreCase)]
    private static partial Regex Addresses();
}

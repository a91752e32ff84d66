namespace Antiphon.Core.Html;

/// <summary>What may stay in HTML that comes from outside. Everything not named here is removed.</summary>
public static class HtmlAllowList
{
    /// <summary>Elements of a post's body.</summary>
    public static readonly IReadOnlyList<string> PostElements =
    [
        "p",
        "br",
        "hr",
        "h2",
        "h3",
        "h4",
        "h5",
        "h6",
        "strong",
        "b",
        "em",
        "i",
        "u",
        "s",
        "sub",
        "sup",
        "mark",
        "small",
        "blockquote",
        "q",
        "cite",
        "pre",
        "code",
        "kbd",
        "samp",
        "ul",
        "ol",
        "li",
        "dl",
        "dt",
        "dd",
        "a",
        "img",
        "figure",
        "figcaption",
        "table",
        "caption",
        "thead",
        "tbody",
        "tfoot",
        "tr",
        "th",
        "td",
        "abbr",
        "time",
        "del",
        "ins",
        "span",
        "div",
        "aside",
        "audio",
        "video",
    ];

    /// <summary>Elements of a comment: short formatting only.</summary>
    public static readonly IReadOnlyList<string> CommentElements =
    [
        "p",
        "br",
        "strong",
        "em",
        "blockquote",
        "code",
        "ul",
        "ol",
        "li",
        "a",
    ];

    /// <summary>Attributes that carry meaning and cannot run anything.</summary>
    public static readonly IReadOnlyList<string> Attributes =
    [
        "href",
        "src",
        "alt",
        "title",
        "width",
        "height",
        "cite",
        "datetime",
        "lang",
        "dir",
        "colspan",
        "rowspan",
        "scope",
        "start",
        "rel",
        "loading",
        "controls",
        "preload",
        "poster",
    ];

    /// <summary>
    /// Classes of a post's body: what the editor sets where HTML has no element for it. They stand for meanings, and
    /// every place that shows posts has its own style for them.
    /// </summary>
    public static readonly IReadOnlyList<string> PostClasses =
    [
        "pull",
        "copyable",
        "tasks",
        "done",
        "align-center",
        "align-right",
        "indent-1",
        "indent-2",
        "indent-3",
        "indent-4",
        "ink-verdigris",
        "ink-madder",
        "ink-ochre",
        "ink-soft",
        "wash-verdigris",
        "wash-madder",
        "wash-ochre",
        "picture",
        "wide",
        "left",
        "right",
        "small",
        "gallery",
        "link-card",
        "button",
        "footnote",
        "prompt",
        "block-contents",
        "block-author",
        "block-related",
        "block-question",
        "block-subscribe",
        "block-follow",
    ];

    /// <summary>Beginning of the class that names the language of code, as HTML suggests (HTML, 4.5.15).</summary>
    public const string LanguageClass = "language-";

    /// <summary>Schemes an address may have.</summary>
    public static readonly IReadOnlyList<string> Schemes = ["http", "https", "mailto"];

    /// <summary>Attributes whose value is an address.</summary>
    public static readonly IReadOnlyList<string> AddressAttributes = ["href", "src", "cite", "poster"];
}
